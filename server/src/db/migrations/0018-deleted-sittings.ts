import type { QueryInterface } from 'sequelize';

/** A sitting that was deleted can be had again for a while; one whose people were made anonymous says so. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    'ALTER TABLE sitting ADD COLUMN deleted_at DATETIME(3) NULL, ADD COLUMN anonymous_since DATETIME(3) NULL',
  );
}
