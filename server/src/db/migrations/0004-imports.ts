import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;

export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(`CREATE TABLE import (
    id ${bin(40)} NOT NULL PRIMARY KEY,
    account_id ${bin(40)} NOT NULL,
    set_id ${bin(40)} NOT NULL,
    source VARCHAR(200) NOT NULL,
    questions INT NOT NULL,
    at DATETIME(3) NOT NULL,
    taken_back_at DATETIME(3) NULL,
    KEY import_list (account_id, at),
    CONSTRAINT import_set FOREIGN KEY (set_id) REFERENCES question_set (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`);
  await db.sequelize.query(
    `ALTER TABLE question ADD COLUMN import_id ${bin(40)} NULL, ADD KEY question_import (import_id)`,
  );
}
