import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;

/**
 * The log keeps a row a commit, with all its events, instead of a row an event: a thousand answers
 * at once are written as one value. `seq` is the number of a commit's first event; whoever writes
 * after an older state than the last meets a number that is taken, as before.
 */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    `CREATE TABLE sitting_log (
      sitting_id ${bin(40)} NOT NULL,
      seq INT NOT NULL,
      events LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
      PRIMARY KEY (sitting_id, seq),
      CONSTRAINT log_sitting FOREIGN KEY (sitting_id) REFERENCES sitting (id) ON DELETE CASCADE
    ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
  );
  await db.sequelize.query(
    `INSERT INTO sitting_log (sitting_id, seq, events)
      SELECT sitting_id, seq, CONCAT('[', JSON_INSERT(payload, '$.seq', seq, '$.at', at,
        '$.actor', JSON_OBJECT('role', actor_role, 'id', actor_id), '$.command', command, '$.type', type), ']')
      FROM sitting_event`,
  );
  await db.sequelize.query('DROP TABLE sitting_event');
}
