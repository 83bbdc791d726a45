import { createConnection, type Connection } from 'mariadb';
import { troubleOf } from './troubles.ts';

const NAME = 'distaff';
/** How long a server that is just ending is waited for (s). */
const WAIT = 15;
/** How often the hold is taken anew after the connection was lost (ms). */
const AGAIN = 2000;

/**
 * Holds a database for this server alone, as long as it runs: what is played lives in memory, so a second
 * server on the same data would show lobbies that began long ago.
 * @returns what lets it go. @throws Error with a sentence where another server has it, or none answers.
 */
export async function holdAlone(url: string, wait = WAIT): Promise<() => Promise<void>> {
  let over = false;
  let held: Connection | null = null;
  async function take(): Promise<boolean> {
    const connection = await createConnection(url.replace(/^mysql:/, 'mariadb:'));
    const [row] = await connection.query<{ got: number | bigint | null }[]>(
      "SELECT GET_LOCK(CONCAT(?, ':', DATABASE()), ?) AS got",
      [NAME, wait],
    );
    if (Number(row?.got) !== 1) {
      await connection.end();
      return false;
    }
    held = connection;
    // With the connection the hold is gone: after a restart of the database it is taken anew.
    connection.once('error', () => again());
    connection.once('end', () => again());
    return true;
  }
  function again(): void {
    if (over || held === null) return;
    held = null;
    const retry = () =>
      void take().then(
        (got) => !got && !over && setTimeout(retry, AGAIN).unref(),
        () => !over && setTimeout(retry, AGAIN).unref(),
      );
    setTimeout(retry, AGAIN).unref();
  }
  let got: boolean;
  try {
    got = await take();
  } catch (error) {
    throw new Error(troubleOf(error), { cause: undefined });
  }
  if (!got)
    throw new Error(
      'Another Distaff uses this database already: end it first, or name another database in DATABASE_URL.',
    );
  return async () => {
    over = true;
    await held?.end().catch(() => undefined);
  };
}
