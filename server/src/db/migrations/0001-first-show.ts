import type { QueryInterface } from 'sequelize';

/** Ids, codes and tokens compare byte by byte; e-mail addresses and texts as people would. */
const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;

const tables = [
  `CREATE TABLE account (
    id ${bin(40)} NOT NULL PRIMARY KEY,
    email VARCHAR(254) NOT NULL,
    name VARCHAR(80) NOT NULL,
    password_hash VARCHAR(200) NOT NULL,
    created_at DATETIME(3) NOT NULL,
    UNIQUE KEY account_email (email)
  )`,
  `CREATE TABLE login_session (
    token_hash ${bin(64)} NOT NULL PRIMARY KEY,
    account_id ${bin(40)} NOT NULL,
    expires_at DATETIME(3) NOT NULL,
    KEY login_session_expires (expires_at),
    CONSTRAINT login_session_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE show_doc (
    id ${bin(40)} NOT NULL PRIMARY KEY,
    account_id ${bin(40)} NOT NULL,
    title VARCHAR(120) NOT NULL,
    version INT NOT NULL,
    doc JSON NOT NULL,
    deleted_at DATETIME(3) NULL,
    created_at DATETIME(3) NOT NULL,
    updated_at DATETIME(3) NOT NULL,
    KEY show_library (account_id, deleted_at, updated_at),
    CONSTRAINT show_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE sitting (
    id ${bin(40)} NOT NULL PRIMARY KEY,
    account_id ${bin(40)} NOT NULL,
    show_id ${bin(40)} NULL,
    title VARCHAR(120) NOT NULL,
    code ${bin(5)} NOT NULL,
    open_code ${bin(5)} NULL,
    stage_key ${bin(40)} NOT NULL,
    opened_at DATETIME(3) NOT NULL,
    closed_at DATETIME(3) NULL,
    alive_at BIGINT NULL,
    UNIQUE KEY sitting_open_code (open_code),
    KEY sitting_code (code, opened_at),
    KEY sitting_list (account_id, opened_at),
    CONSTRAINT sitting_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE,
    CONSTRAINT sitting_show FOREIGN KEY (show_id) REFERENCES show_doc (id) ON DELETE SET NULL
  )`,
  `CREATE TABLE sitting_event (
    sitting_id ${bin(40)} NOT NULL,
    seq INT NOT NULL,
    at BIGINT NOT NULL,
    actor_role ${bin(10)} NOT NULL,
    actor_id ${bin(40)} NOT NULL,
    command ${bin(80)} NOT NULL,
    type ${bin(40)} NOT NULL,
    payload JSON NOT NULL,
    PRIMARY KEY (sitting_id, seq),
    CONSTRAINT event_sitting FOREIGN KEY (sitting_id) REFERENCES sitting (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE result_standing (
    sitting_id ${bin(40)} NOT NULL,
    line INT NOT NULL,
    place INT NOT NULL,
    team VARCHAR(40) NOT NULL,
    score INT NOT NULL,
    PRIMARY KEY (sitting_id, line),
    CONSTRAINT standing_sitting FOREIGN KEY (sitting_id) REFERENCES sitting (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE result_response (
    sitting_id ${bin(40)} NOT NULL,
    line INT NOT NULL,
    number INT NOT NULL,
    category VARCHAR(60) NOT NULL,
    points INT NOT NULL,
    prompt VARCHAR(400) NOT NULL,
    team VARCHAR(40) NOT NULL,
    player VARCHAR(24) NOT NULL,
    answer VARCHAR(200) NOT NULL,
    verdict ${bin(10)} NOT NULL,
    seconds DECIMAL(8,1) NULL,
    PRIMARY KEY (sitting_id, line),
    CONSTRAINT response_sitting FOREIGN KEY (sitting_id) REFERENCES sitting (id) ON DELETE CASCADE
  )`,
];

export async function up(db: QueryInterface): Promise<void> {
  for (const table of tables)
    await db.sequelize.query(`${table} ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`);
}
