import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;

/** Answers lie apart from the figures that a page shows first. By what players come back to their own answers, until their host closes that; and since when a game was cleared of answers. */
export async function up(db: QueryInterface): Promise<void> {
  for (const sql of [
    `CREATE TABLE own_link (
      token ${bin(64)} NOT NULL,
      sitting_id ${bin(40)} NOT NULL,
      seat ${bin(64)} NOT NULL,
      PRIMARY KEY (token, sitting_id),
      KEY own_link_sitting (sitting_id),
      CONSTRAINT own_link_of_sitting FOREIGN KEY (sitting_id) REFERENCES sitting (id) ON DELETE CASCADE
    ) ENGINE=InnoDB`,
    'ALTER TABLE sitting_result ADD COLUMN responses LONGBLOB NULL',
    'ALTER TABLE sitting ADD COLUMN answers_closed TINYINT(1) NOT NULL DEFAULT 0, ADD COLUMN cleared_at DATETIME(3) NULL',
  ])
    await db.sequelize.query(sql);
}
