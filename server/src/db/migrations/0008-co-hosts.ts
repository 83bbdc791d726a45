import type { QueryInterface } from 'sequelize';

/** The key of a link by which a co-host comes to the desk of one sitting; null while there is none. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    'ALTER TABLE sitting ADD COLUMN desk_key VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL AFTER stage_key',
  );
}
