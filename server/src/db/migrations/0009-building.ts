import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;

/** What building a show needs to know of sittings: which questions were played with whom, how they did, how fast it went. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    `ALTER TABLE sitting ADD COLUMN pace DOUBLE NULL AFTER closed_at,
      ADD COLUMN rehearsal TINYINT NOT NULL DEFAULT 0 AFTER pace`,
  );
  await db.sequelize.query(
    `CREATE TABLE question_played (
      sitting_id ${bin(40)} NOT NULL,
      question_id ${bin(40)} NOT NULL,
      account_id ${bin(40)} NOT NULL,
      group_name VARCHAR(40) NOT NULL,
      answers INT NOT NULL,
      share DOUBLE NULL,
      PRIMARY KEY (sitting_id, question_id),
      KEY played_question (account_id, question_id),
      CONSTRAINT played_sitting FOREIGN KEY (sitting_id) REFERENCES sitting (id) ON DELETE CASCADE
    ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
  );
}
