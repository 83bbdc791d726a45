import type { QueryInterface } from 'sequelize';

/** In which version the events of a row were written; all that there were so far are of the first. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    'ALTER TABLE sitting_log ADD COLUMN version SMALLINT UNSIGNED NOT NULL DEFAULT 1 AFTER seq',
  );
}
