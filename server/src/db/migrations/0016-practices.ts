import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;
const TABLE = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

/**
 * Shows that people take alone: what is offered, who takes it on which phones, and their runs. `doc` is the show as it
 * is taken, once for all runs; a run keeps a log as a sitting does, without its first event, which holds that show.
 */
export async function up(db: QueryInterface): Promise<void> {
  const { sequelize } = db;
  await sequelize.query(
    `CREATE TABLE practice (
      id ${bin(40)} NOT NULL PRIMARY KEY,
      account_id ${bin(40)} NOT NULL,
      show_id ${bin(40)} NULL,
      title VARCHAR(120) NOT NULL,
      code ${bin(5)} NOT NULL UNIQUE,
      doc LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
      settings JSON NOT NULL,
      created_at BIGINT NOT NULL,
      closed_at BIGINT NULL,
      deleted_at BIGINT NULL,
      KEY practice_account (account_id, created_at),
      CONSTRAINT practice_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
    ) ${TABLE}`,
  );
  await sequelize.query(
    `CREATE TABLE practice_person (
      id ${bin(40)} NOT NULL PRIMARY KEY,
      practice_id ${bin(40)} NOT NULL,
      name VARCHAR(24) NOT NULL,
      folded VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
      number INT NOT NULL,
      UNIQUE KEY practice_name (practice_id, folded),
      CONSTRAINT person_practice FOREIGN KEY (practice_id) REFERENCES practice (id) ON DELETE CASCADE
    ) ${TABLE}`,
  );
  await sequelize.query(
    `CREATE TABLE practice_phone (
      practice_id ${bin(40)} NOT NULL,
      token ${bin(64)} NOT NULL,
      person_id ${bin(40)} NOT NULL,
      PRIMARY KEY (practice_id, token),
      CONSTRAINT phone_person FOREIGN KEY (person_id) REFERENCES practice_person (id) ON DELETE CASCADE
    ) ${TABLE}`,
  );
  await sequelize.query(
    `CREATE TABLE practice_run (
      id ${bin(40)} NOT NULL PRIMARY KEY,
      practice_id ${bin(40)} NOT NULL,
      person_id ${bin(40)} NOT NULL,
      kind ${bin(10)} NOT NULL,
      attempt INT NOT NULL,
      questions JSON NULL,
      begun_at BIGINT NOT NULL,
      seen_at BIGINT NOT NULL,
      over_at BIGINT NULL,
      summary JSON NOT NULL,
      KEY run_practice (practice_id, person_id, begun_at),
      UNIQUE KEY run_attempt (person_id, kind, attempt),
      CONSTRAINT run_person FOREIGN KEY (person_id) REFERENCES practice_person (id) ON DELETE CASCADE
    ) ${TABLE}`,
  );
  await sequelize.query(
    `CREATE TABLE practice_log (
      run_id ${bin(40)} NOT NULL,
      seq INT NOT NULL,
      version SMALLINT UNSIGNED NOT NULL,
      events LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
      PRIMARY KEY (run_id, seq),
      CONSTRAINT log_run FOREIGN KEY (run_id) REFERENCES practice_run (id) ON DELETE CASCADE
    ) ${TABLE}`,
  );
}
