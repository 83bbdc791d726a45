import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;

const tables = [
  `CREATE TABLE question_set (
    id ${bin(40)} NOT NULL PRIMARY KEY,
    account_id ${bin(40)} NOT NULL,
    title VARCHAR(120) NOT NULL,
    description VARCHAR(1000) NOT NULL,
    folder VARCHAR(80) NOT NULL,
    version INT NOT NULL,
    archived_at DATETIME(3) NULL,
    deleted_at DATETIME(3) NULL,
    created_at DATETIME(3) NOT NULL,
    updated_at DATETIME(3) NOT NULL,
    KEY set_library (account_id, deleted_at, folder, title),
    CONSTRAINT set_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
  )`,
  // What lists and filters need stands beside the document; account_id repeats that of the set for the search.
  `CREATE TABLE question (
    id ${bin(40)} NOT NULL PRIMARY KEY,
    set_id ${bin(40)} NOT NULL,
    account_id ${bin(40)} NOT NULL,
    position INT NOT NULL,
    kind ${bin(20)} NOT NULL,
    language ${bin(35)} NOT NULL,
    difficulty ${bin(10)} NULL,
    unfinished TINYINT NOT NULL,
    check_again_by DATE NULL,
    prompt VARCHAR(200) NOT NULL,
    search_text TEXT NOT NULL,
    doc JSON NOT NULL,
    version INT NOT NULL,
    deleted_at DATETIME(3) NULL,
    created_at DATETIME(3) NOT NULL,
    updated_at DATETIME(3) NOT NULL,
    KEY question_place (set_id, deleted_at, position),
    KEY question_changed (account_id, deleted_at, updated_at),
    KEY question_prompt (account_id, deleted_at, prompt),
    FULLTEXT KEY question_search (search_text),
    CONSTRAINT question_of_set FOREIGN KEY (set_id) REFERENCES question_set (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE question_tag (
    question_id ${bin(40)} NOT NULL,
    account_id ${bin(40)} NOT NULL,
    tag VARCHAR(40) NOT NULL,
    PRIMARY KEY (question_id, tag),
    KEY tag_of_account (account_id, tag),
    CONSTRAINT tag_question FOREIGN KEY (question_id) REFERENCES question (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE question_version (
    question_id ${bin(40)} NOT NULL,
    version INT NOT NULL,
    account_id ${bin(40)} NOT NULL,
    at DATETIME(3) NOT NULL,
    doc JSON NOT NULL,
    PRIMARY KEY (question_id, version),
    CONSTRAINT version_question FOREIGN KEY (question_id) REFERENCES question (id) ON DELETE CASCADE
  )`,
  // Which shows hold a copy of which question.
  `CREATE TABLE question_use (
    show_id ${bin(40)} NOT NULL,
    question_id ${bin(40)} NOT NULL,
    PRIMARY KEY (show_id, question_id),
    KEY use_question (question_id),
    CONSTRAINT use_show FOREIGN KEY (show_id) REFERENCES show_doc (id) ON DELETE CASCADE
  )`,
  // The words of an account's questions, to offer one for a misspelt one.
  `CREATE TABLE search_word (
    account_id ${bin(40)} NOT NULL,
    word VARCHAR(60) COLLATE utf8mb4_bin NOT NULL,
    PRIMARY KEY (account_id, word),
    CONSTRAINT word_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
  )`,
];

export async function up(db: QueryInterface): Promise<void> {
  for (const table of tables)
    await db.sequelize.query(`${table} ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`);
}
