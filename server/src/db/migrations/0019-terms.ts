import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;
const exact = (length: number) => `VARCHAR(${length}) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin`;
const END = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

/**
 * What is remembered of each game for groups over time, leagues and questions that learn; what hosts said of names in a
 * group; leagues; what games taught of questions; and which question of the library another one is a copy of.
 */
export async function up(db: QueryInterface): Promise<void> {
  const run = (sql: string) => db.sequelize.query(sql);
  await run(
    `CREATE TABLE sitting_digest (
      sitting_id ${bin(40)} NOT NULL PRIMARY KEY,
      account_id ${bin(40)} NOT NULL,
      group_name ${exact(40)} NOT NULL,
      closed_at BIGINT NOT NULL,
      made_with INT NOT NULL,
      made_at BIGINT NOT NULL,
      body LONGBLOB NULL,
      KEY digest_group (account_id, group_name),
      CONSTRAINT digest_sitting FOREIGN KEY (sitting_id) REFERENCES sitting (id) ON DELETE CASCADE
    ) ${END}`,
  );
  await run(
    `CREATE TABLE group_note (
      account_id ${bin(40)} NOT NULL,
      group_name ${exact(40)} NOT NULL,
      said JSON NOT NULL,
      PRIMARY KEY (account_id, group_name),
      CONSTRAINT group_note_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
    ) ${END}`,
  );
  await run(
    `CREATE TABLE league (
      id ${bin(40)} NOT NULL PRIMARY KEY,
      account_id ${bin(40)} NOT NULL,
      doc JSON NOT NULL,
      public_key ${bin(40)} NULL UNIQUE,
      updated_at DATETIME(3) NOT NULL,
      KEY league_account (account_id),
      CONSTRAINT league_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
    ) ${END}`,
  );
  await run(
    `CREATE TABLE question_learnt (
      account_id ${bin(40)} NOT NULL,
      question_id ${bin(40)} NOT NULL,
      answers INT NOT NULL,
      difficulty DOUBLE NOT NULL,
      level VARCHAR(10) NULL,
      doc JSON NOT NULL,
      PRIMARY KEY (account_id, question_id),
      CONSTRAINT learnt_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
    ) ${END}`,
  );
  await run(
    `CREATE TABLE learnt_from (
      account_id ${bin(40)} NOT NULL PRIMARY KEY,
      games INT NOT NULL,
      newest BIGINT NOT NULL,
      CONSTRAINT learnt_from_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
    ) ${END}`,
  );
  await run(
    `ALTER TABLE question ADD COLUMN copy_of ${bin(40)} NULL, ADD KEY question_copy (account_id, copy_of)`,
  );
}
