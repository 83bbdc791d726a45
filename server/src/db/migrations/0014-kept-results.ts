import type { QueryInterface } from 'sequelize';

/** Results of a closed sitting in one packed piece that is read; the two tables that nobody read go. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    `CREATE TABLE sitting_result (
      sitting_id VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
      made_with INT NOT NULL,
      body LONGBLOB NOT NULL,
      CONSTRAINT result_sitting FOREIGN KEY (sitting_id) REFERENCES sitting (id) ON DELETE CASCADE
    ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
  );
  await db.sequelize.query('DROP TABLE IF EXISTS result_standing, result_response');
}
