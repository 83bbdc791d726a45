import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;
const table = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

/** Shows are shared as sets were: members and links of both are kept in the same two tables. */
const changes = [
  `CREATE TABLE shared_member (
    what ${bin(10)} NOT NULL,
    id ${bin(40)} NOT NULL,
    account_id ${bin(40)} NOT NULL,
    role ${bin(10)} NOT NULL,
    since DATETIME(3) NOT NULL,
    PRIMARY KEY (what, id, account_id),
    KEY shared_account (account_id, what),
    CONSTRAINT shared_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
  ) ${table}`,
  `INSERT INTO shared_member SELECT 'set', set_id, account_id, role, since FROM set_member`,
  'DROP TABLE set_member',
  // One link of each kind at most. The token is kept as it is, so that the owner can copy the link again.
  `CREATE TABLE shared_link (
    what ${bin(10)} NOT NULL,
    id ${bin(40)} NOT NULL,
    kind ${bin(10)} NOT NULL,
    token ${bin(40)} NOT NULL,
    passphrase_hash ${bin(200)} NULL,
    since DATETIME(3) NOT NULL,
    PRIMARY KEY (what, id, kind),
    UNIQUE KEY shared_token (token)
  ) ${table}`,
  `INSERT INTO shared_link SELECT 'set', set_id, kind, token, passphrase_hash, since FROM set_link`,
  'DROP TABLE set_link',
  // A guest comes by a link with a passphrase to one set or one show.
  `ALTER TABLE account ADD COLUMN guest_what ${bin(10)} NULL AFTER guest_of`,
  `UPDATE account SET guest_what = 'set' WHERE guest_of IS NOT NULL`,
];

export async function up(db: QueryInterface): Promise<void> {
  for (const change of changes) await db.sequelize.query(change);
}
