import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;
const table = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

const changes = [
  `ALTER TABLE question_set
    ADD COLUMN credit VARCHAR(300) NOT NULL DEFAULT '',
    ADD COLUMN may_copy TINYINT NOT NULL DEFAULT 1`,
  // A guest has no address and no password: the account is only a name for what was written through a link.
  `ALTER TABLE account
    MODIFY COLUMN email VARCHAR(254) NULL,
    ADD COLUMN guest_of ${bin(40)} NULL,
    ADD KEY account_guest (guest_of)`,
  `CREATE TABLE set_member (
    set_id ${bin(40)} NOT NULL,
    account_id ${bin(40)} NOT NULL,
    role ${bin(10)} NOT NULL,
    since DATETIME(3) NOT NULL,
    PRIMARY KEY (set_id, account_id),
    KEY member_account (account_id),
    CONSTRAINT member_set FOREIGN KEY (set_id) REFERENCES question_set (id) ON DELETE CASCADE,
    CONSTRAINT member_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
  ) ${table}`,
  // One link of each kind at most. The token is kept as it is, so that the owner can copy the link again.
  `CREATE TABLE set_link (
    set_id ${bin(40)} NOT NULL,
    kind ${bin(10)} NOT NULL,
    token ${bin(40)} NOT NULL,
    passphrase_hash ${bin(200)} NULL,
    since DATETIME(3) NOT NULL,
    PRIMARY KEY (set_id, kind),
    UNIQUE KEY link_token (token),
    CONSTRAINT link_set FOREIGN KEY (set_id) REFERENCES question_set (id) ON DELETE CASCADE
  ) ${table}`,
];

export async function up(db: QueryInterface): Promise<void> {
  for (const change of changes) await db.sequelize.query(change);
}
