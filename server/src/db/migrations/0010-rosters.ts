import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;

/** Classes and clubs with the names of those who belong to them, kept by a host for many shows. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    `CREATE TABLE roster (
      id ${bin(40)} NOT NULL PRIMARY KEY,
      account_id ${bin(40)} NOT NULL,
      name VARCHAR(40) NOT NULL,
      names JSON NOT NULL,
      updated_at DATETIME(3) NOT NULL,
      UNIQUE KEY roster_name (account_id, name),
      CONSTRAINT roster_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
    ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
  );
}
