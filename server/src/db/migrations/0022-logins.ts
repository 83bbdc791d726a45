import type { QueryInterface } from 'sequelize';

/** Where somebody is signed in: seen by them, and ended one by one. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    `ALTER TABLE login_session
      ADD COLUMN agent VARCHAR(200) NOT NULL DEFAULT '',
      ADD COLUMN opened_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
      ADD COLUMN seen_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3)`,
  );
}
