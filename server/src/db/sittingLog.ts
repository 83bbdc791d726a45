import { LOG_VERSION, readLog, type LoggedEvent } from '@distaff/core/sitting';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { Problem } from '../problem.ts';
import { SittingRow } from './models.ts';

/** The log of a sitting cannot be read: it is set aside, and nothing of it is touched. */
export class UnreadableLog extends Problem {
  constructor(cause: unknown) {
    super(500, 'unreadable', 'gameSetAside');
    this.cause = cause;
  }
}

/** A connection as the driver has it. */
interface RawConnection {
  execute(sql: string, values: unknown[]): Promise<unknown>;
}

/** So many events lie in a row of a log that is written anew. */
const ROW_OF_EVENTS = 500;

/** A row of the log as it lies in the table. */
interface LogRow {
  version: number;
  events: string;
}

function read(rows: readonly LogRow[]): LoggedEvent[] {
  try {
    return readLog(rows.map(({ version, events }) => ({ version, events: JSON.parse(events) as unknown[] })));
  } catch (error) {
    throw new UnreadableLog(error);
  }
}

/** The logs of all sittings: append only. */
export class SittingLog {
  readonly #db: Sequelize;

  constructor(db: Sequelize) {
    this.#db = db;
  }

  /** The whole log, and when a living server last saw its clock run (ms), or null. */
  async load(id: string): Promise<{ log: LoggedEvent[]; aliveAt: number | null }> {
    const rows = await this.#db.query<LogRow>(
      'SELECT version, events FROM sitting_log WHERE sitting_id = ? ORDER BY seq',
      { replacements: [id], type: QueryTypes.SELECT },
    );
    const row = await SittingRow.findByPk(id, { attributes: ['aliveAt'] });
    const log = read(rows);
    return { log, aliveAt: row?.aliveAt == null ? null : Number(row.aliveAt) };
  }

  /** A log in place of another. */
  async replace(id: string, log: readonly LoggedEvent[], transaction: Transaction): Promise<void> {
    await this.#db.query('DELETE FROM sitting_log WHERE sitting_id = ?', { replacements: [id], transaction });
    for (let from = 0; from < log.length; from += ROW_OF_EVENTS)
      await this.insert(id, log.slice(from, from + ROW_OF_EVENTS), transaction);
  }

  /**
   * One row, all or nothing. Outside of a transaction it goes straight to a connection of the pool:
   * Sequelize's own handling of the values costs more than the database does.
   */
  async insert(id: string, events: readonly LoggedEvent[], transaction?: Transaction): Promise<void> {
    const sql = 'INSERT INTO sitting_log (sitting_id, seq, version, events) VALUES (?,?,?,?)';
    const values = [id, events[0]!.seq, LOG_VERSION, JSON.stringify(events)];
    if (transaction) {
      await this.#db.query(sql, { replacements: values, type: QueryTypes.INSERT, transaction });
      return;
    }
    const pool = this.#db.connectionManager;
    const connection = (await pool.getConnection({ type: 'write' })) as RawConnection;
    try {
      await connection.execute(sql, values);
    } finally {
      pool.releaseConnection(connection);
    }
  }
}
