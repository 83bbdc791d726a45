import type { QueryInterface } from 'sequelize';

const bin = (length: number) => `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`;

/** How a host gives marks: to each group, and what of a sitting counts. `scope` is `group:…` or `sitting:…`. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    `CREATE TABLE mark_rule (
      account_id ${bin(40)} NOT NULL,
      scope VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
      rule JSON NOT NULL,
      PRIMARY KEY (account_id, scope),
      CONSTRAINT mark_rule_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
    ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci`,
  );
}
