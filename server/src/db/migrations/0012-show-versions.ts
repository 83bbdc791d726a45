import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;

/** What shows were before: a state from time to time, to be brought back. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    `CREATE TABLE show_version (
      show_id ${bin(40)} NOT NULL,
      version INT NOT NULL,
      saved_at DATETIME(3) NOT NULL,
      kept_at DATETIME(3) NOT NULL,
      doc JSON NOT NULL,
      PRIMARY KEY (show_id, version),
      CONSTRAINT version_show FOREIGN KEY (show_id) REFERENCES show_doc (id) ON DELETE CASCADE
    ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
  );
}
