import type { QueryInterface } from 'sequelize';

/** How many remarks a review has on a question, beside what it lacks and its dates; written with each save. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query('ALTER TABLE question ADD COLUMN remarks TINYINT UNSIGNED NOT NULL DEFAULT 0');
}
