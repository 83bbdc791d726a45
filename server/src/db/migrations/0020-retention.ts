import type { QueryInterface } from 'sequelize';

/** After how many days people of games and practices are forgotten by themselves; null for never. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query('ALTER TABLE account ADD COLUMN forget_after INT NULL');
}
