import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;

export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(`CREATE TABLE media (
    id ${bin(40)} NOT NULL PRIMARY KEY,
    account_id ${bin(40)} NOT NULL,
    kind ${bin(10)} NOT NULL,
    type ${bin(60)} NOT NULL,
    name VARCHAR(200) NOT NULL,
    bytes BIGINT NOT NULL,
    width INT NOT NULL,
    height INT NOT NULL,
    alt VARCHAR(300) NOT NULL,
    credit VARCHAR(200) NOT NULL,
    licence VARCHAR(60) NOT NULL,
    /* The same bytes sent twice are kept once. */
    sha256 ${bin(64)} NULL,
    /* What a cut was made of. */
    cut_of ${bin(40)} NULL,
    hidden_at DATETIME(3) NULL,
    created_at DATETIME(3) NOT NULL,
    KEY media_list (account_id, kind, created_at),
    KEY media_same (account_id, sha256),
    CONSTRAINT media_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`);
}
