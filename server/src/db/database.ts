import { QueryTypes, Sequelize } from 'sequelize';

/** What the driver says when MariaDB is away for a moment: worth another try. */
const AWAY =
  /ECONNREFUSED|ECONNRESET|EPIPE|socket has unexpectedly been closed|pool is closed|Connection.*(closed|lost)|acquire/i;

export const isAway = (error: unknown): boolean => error instanceof Error && AWAY.test(error.message);

/**
 * Opens a pool of connections to MariaDB. Nothing is sent before the first query. A dropped
 * connection is replaced; the query that met it is tried again a few times.
 */
export function openDatabase(url: string): Sequelize {
  return new Sequelize(url.replace(/^mysql:/, 'mariadb:'), {
    dialect: 'mariadb',
    logging: false,
    timezone: '+00:00',
    define: { underscored: true, freezeTableName: true, charset: 'utf8mb4' },
    dialectOptions: {
      connectTimeout: 2000,
      bigIntAsNumber: true,
      insertIdAsNumber: true,
      checkNumberRange: true,
    },
    pool: { max: 8, min: 0, idle: 30_000, acquire: 5000 },
    retry: { max: 3, match: [AWAY], backoffBase: 50 },
  });
}

/** Asks the database for a sign of life. @throws when there is none. */
export async function ping(database: Sequelize): Promise<void> {
  await database.query('SELECT 1', { type: QueryTypes.SELECT });
}
