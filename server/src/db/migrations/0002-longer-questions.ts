import type { QueryInterface } from 'sequelize';

/** Prompts and answers of the newer answer kinds are longer: an order or pairs in words. */
export async function up(db: QueryInterface): Promise<void> {
  await db.sequelize.query(
    'ALTER TABLE result_response MODIFY prompt VARCHAR(1000) NOT NULL, MODIFY answer VARCHAR(4000) NOT NULL',
  );
}
