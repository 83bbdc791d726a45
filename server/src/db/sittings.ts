import type * as wire from '@distaff/core/wire';
import {
  anonymised,
  cleared,
  measuredPace,
  outcomesOf,
  replay,
  type Earlier,
  type LoggedEvent,
  type SittingState,
} from '@distaff/core/sitting';
import { rolesWith } from '@distaff/core/library';
import { literal, Op, QueryTypes, UniqueConstraintError, type Sequelize, type WhereOptions } from 'sequelize';
import { Problem } from '../problem.ts';
import { AccountRow, SittingRow } from './models.ts';
import { ownLinkOf } from './ownLinks.ts';
import { SittingLog, UnreadableLog } from './sittingLog.ts';
import {
  readReport,
  readResponses,
  reportIn,
  workOut,
  writeDigest,
  writePlayed,
  writeResults,
  type KeptReport,
  type KeptResults,
} from './results.ts';

/** A sitting as the server knows it. */
export interface SittingInfo extends wire.SittingInfo {
  accountId: string;
  /** Tried with stand-ins: in no list and no result. */
  rehearsal: boolean;
}

/** How long the code of a closed sitting still leads to its final standings, in milliseconds. */
const CODE_LINGERS = 24 * 3_600_000;

const info = (row: SittingRow): SittingInfo => ({
  id: row.id,
  accountId: row.accountId,
  showId: row.showId,
  title: row.title,
  code: row.code,
  stageKey: row.stageKey,
  openedAt: row.openedAt.toISOString(),
  closedAt: row.closedAt?.toISOString() ?? null,
  anonymousSince: row.anonymousSince?.toISOString() ?? null,
  answersClosed: Boolean(row.answersClosed),
  clearedAt: row.clearedAt?.toISOString() ?? null,
  rehearsal: Boolean(row.rehearsal),
});

/** All sittings: what is known of them, and what came of them. */
export class Sittings {
  readonly #db: Sequelize;
  readonly log: SittingLog;

  constructor(db: Sequelize) {
    this.#db = db;
    this.log = new SittingLog(db);
  }

  /** Opens a sitting with its first event. @returns null where the code is in use: try another. */
  async create(
    sitting: Omit<
      SittingInfo,
      'closedAt' | 'rehearsal' | 'anonymousSince' | 'answersClosed' | 'clearedAt'
    > & { rehearsal?: boolean },
    first: LoggedEvent,
  ): Promise<SittingInfo | null> {
    try {
      return await this.#db.transaction(async (transaction) => {
        // A code leads to one place: to a game, or to a practice.
        const [practice] = await this.#db.query<{ n: number }>(
          'SELECT COUNT(*) AS n FROM practice WHERE code = ?',
          { replacements: [sitting.code], type: QueryTypes.SELECT, transaction },
        );
        if (Number(practice!.n) > 0) return null;
        const row = await SittingRow.create(
          { ...sitting, openCode: sitting.code, openedAt: new Date(sitting.openedAt) },
          { transaction },
        );
        await this.log.insert(sitting.id, [first], transaction);
        return info(row);
      });
    } catch (error) {
      if (error instanceof UniqueConstraintError) return null;
      throw error;
    }
  }

  async byId(id: string): Promise<SittingInfo | null> {
    const row = await SittingRow.findOne({ where: { id, deletedAt: null } });
    return row && info(row);
  }

  /** Sittings that an account opened, and those of shows that it owns or hosts with others; or those of them that are deleted. */
  #of(accountId: string, deleted = false): WhereOptions {
    const own = this.#db.escape(accountId);
    const hosts = rolesWith('host').map((role) => this.#db.escape(role));
    const shows = literal(`(SELECT id FROM show_doc WHERE account_id = ${own}
      UNION SELECT id FROM shared_member
        WHERE what = 'show' AND account_id = ${own} AND role IN (${hosts.join(',')}))`);
    return {
      deletedAt: deleted ? { [Op.ne]: null } : null,
      [Op.or]: [{ accountId }, { rehearsal: false, showId: { [Op.in]: shows } }],
    };
  }

  /** Whether an account may sit at the desk of a sitting. */
  async mayHost(accountId: string, id: string): Promise<boolean> {
    return (await SittingRow.count({ where: { id, ...this.#of(accountId) } })) > 0;
  }

  /** @throws Problem 404 where it is not there or not for this account. */
  async ofAccount(accountId: string, id: string): Promise<SittingInfo> {
    const row = await SittingRow.findOne({ where: { id, ...this.#of(accountId) } });
    if (!row) throw new Problem(404, 'notThere', 'noGame');
    return info(row);
  }

  /** Takes rehearsals away, those of one account or all, with everything that was played. @returns their ids. */
  async dropRehearsals(accountId: string | null): Promise<string[]> {
    const where = { rehearsal: true, ...(accountId === null ? {} : { accountId }) };
    const ids = (await SittingRow.findAll({ where, attributes: ['id'] })).map((row) => row.id);
    if (ids.length > 0) await SittingRow.destroy({ where: { id: ids } });
    return ids;
  }

  /** Deletes a sitting that is over; for a while it can be had again. @throws Problem 409 while it is on. */
  async remove({ id, closedAt }: SittingInfo): Promise<void> {
    if (closedAt === null) throw new Problem(409, 'stillOn', 'stillOnDelete');
    await SittingRow.update({ deletedAt: new Date() }, { where: { id } });
  }

  /** Brings back one that was deleted, of whoever opened it. @throws Problem 404 where there is none. */
  async restore(accountId: string, id: string): Promise<void> {
    const [count] = await SittingRow.update(
      { deletedAt: null },
      { where: { id, accountId, deletedAt: { [Op.ne]: null } } },
    );
    if (count === 0) throw new Problem(404, 'notThere', 'noDeletedGame');
  }

  /** Takes away for good what was deleted before this moment (ms). @returns how many. */
  purge(before: number): Promise<number> {
    return SittingRow.destroy({ where: { deletedAt: { [Op.lt]: new Date(before) } } });
  }

  /**
   * Makes the people of a sitting that is over anonymous, for good: its log is written anew without them, and what was
   * worked out from it is thrown away. All of it or nothing.
   */
  async makeAnonymous({ id, closedAt }: SittingInfo): Promise<void> {
    if (closedAt === null) throw new Problem(409, 'stillOn', 'stillOn');
    const gone = anonymised((await this.log.load(id)).log);
    await this.#rewrite(id, gone, { anonymousSince: new Date() });
  }

  /** Takes everything out of a sitting that is over that was done in it, for good; that it was held stays. */
  async clear({ id, closedAt }: SittingInfo): Promise<void> {
    if (closedAt === null) throw new Problem(409, 'stillOn', 'stillOn');
    await this.#rewrite(id, cleared((await this.log.load(id)).log), { clearedAt: new Date() });
  }

  /** Whether players come back to their own answers by their links. */
  async closeAnswers(id: string, answersClosed: boolean): Promise<void> {
    await SittingRow.update({ answersClosed }, { where: { id } });
  }

  /** The game and the seat that a player's token (hash) held. */
  ownLinkOf = (token: string): ReturnType<typeof ownLinkOf> => ownLinkOf(this.#db, token);

  /** Takes some of its people out of a sitting that is over, for good; `names` are theirs where a list has them. */
  async forget(id: string, seats: ReadonlySet<string>, names: readonly string[]): Promise<void> {
    await this.#rewrite(id, anonymised((await this.log.load(id)).log, seats, names), {});
  }

  /** Everybody's name in a sitting: by phones, and by lists of teams and doors. */
  async namesIn(id: string): Promise<string[]> {
    try {
      const { show, seats } = replay((await this.log.load(id)).log).state;
      return [
        ...[...seats.values()].map(({ name }) => name),
        ...show.teams.flatMap(({ members }) => members ?? []),
        ...show.doors.roster,
      ];
    } catch (error) {
      if (error instanceof UnreadableLog) return [];
      throw error;
    }
  }

  /** A log in place of another, and nothing left of what was worked out from that. All of it or nothing. */
  async #rewrite(
    id: string,
    log: readonly LoggedEvent[],
    more: { anonymousSince?: Date; clearedAt?: Date },
  ): Promise<void> {
    await this.#db.transaction(async (transaction) => {
      await this.log.replace(id, log, transaction);
      await writeResults(this.#db, id, null, transaction);
      if (more.clearedAt) await writePlayed(this.#db, id, null, transaction);
      if (Object.keys(more).length > 0) await SittingRow.update(more, { where: { id }, transaction });
    });
  }

  /** The key of the link for co-hosts, or null while there is none. */
  async deskKey(id: string): Promise<string | null> {
    return (await SittingRow.findByPk(id, { attributes: ['deskKey'] }))?.deskKey ?? null;
  }

  /** Gives the stage another key, so that links to it that were handed out lead nowhere. */
  async setStageKey(id: string, stageKey: string): Promise<void> {
    await SittingRow.update({ stageKey }, { where: { id } });
  }

  /** What came out of the surveys of a show the last time that it was played to its end; nothing where it never was. */
  async lastOutcomes(showId: string): Promise<Earlier[]> {
    const last = await SittingRow.findOne({
      where: { showId, rehearsal: false, deletedAt: null, closedAt: { [Op.ne]: null } },
      order: [['closedAt', 'DESC']],
      attributes: ['id'],
    });
    if (!last) return [];
    try {
      return outcomesOf(replay((await this.log.load(last.id)).log).state);
    } catch (error) {
      // An evening that cannot be read any more keeps nobody from opening the next.
      if (error instanceof UnreadableLog) return [];
      throw error;
    }
  }

  /** The open sittings of a show. */
  async openOf(showId: string): Promise<string[]> {
    const rows = await SittingRow.findAll({
      where: { showId, openCode: { [Op.ne]: null } },
      attributes: ['id'],
    });
    return rows.map((row) => row.id);
  }

  async setDeskKey(id: string, deskKey: string | null): Promise<void> {
    await SittingRow.update({ deskKey }, { where: { id } });
  }

  /** The open sitting with this code, else the last closed one for a day. */
  async byCode(code: string, now: number): Promise<SittingInfo | null> {
    const row =
      (await SittingRow.findOne({ where: { openCode: code } })) ??
      (await SittingRow.findOne({
        where: { code, deletedAt: null, closedAt: { [Op.gt]: new Date(now - CODE_LINGERS) } },
        order: [['openedAt', 'DESC']],
      }));
    return row && info(row);
  }

  async #groupsOf(ids: readonly string[]): Promise<Map<string, string>> {
    if (ids.length === 0) return new Map();
    const rows = await this.#db.query<{ id: string; name: string }>(
      'SELECT sitting_id AS id, group_name AS name FROM sitting_digest WHERE sitting_id IN (?)',
      { replacements: [ids], type: QueryTypes.SELECT },
    );
    return new Map(rows.map(({ id, name }) => [id, name]));
  }

  async list(
    accountId: string,
    limit: number,
    offset: number,
    deleted = false,
  ): Promise<{ sittings: wire.ListedSitting[]; total: number }> {
    const { rows, count } = await SittingRow.findAndCountAll({
      where: { ...this.#of(accountId, deleted), rehearsal: false },
      order: [
        ['openedAt', 'DESC'],
        ['id', 'ASC'],
      ],
      limit,
      offset,
    });
    const others = [...new Set(rows.map((row) => row.accountId))].filter((id) => id !== accountId);
    const accounts = await AccountRow.findAll({ where: { id: others }, attributes: ['id', 'name'] });
    const nameOf = new Map(accounts.map(({ id, name }) => [id, name]));
    const groups = await this.#groupsOf(rows.map(({ id }) => id));
    const sittings = rows.map((row) => ({
      ...info(row),
      openedBy: nameOf.get(row.accountId) ?? null,
      group: groups.get(row.id) ?? '',
    }));
    return { sittings, total: count };
  }

  /** Open sittings in which time may have to act: those in which a clock ever ran, seen since `since` (ms). */
  async runningIds(since: number): Promise<string[]> {
    const rows = await SittingRow.findAll({
      where: { openCode: { [Op.ne]: null }, rehearsal: false, aliveAt: { [Op.gt]: since } },
      attributes: ['id'],
    });
    return rows.map((row) => row.id);
  }

  /**
   * Appends events; the primary key refuses a second writer of the same number. When the phase
   * became or stays closed the derived results are written with them, in one transaction.
   */
  async append(
    id: string,
    events: readonly LoggedEvent[],
    state: SittingState,
    phaseBefore: SittingState['phase'],
  ): Promise<void> {
    if (state.phase !== 'closed' && phaseBefore !== 'closed') return this.log.insert(id, events);
    const code = state.code;
    await this.#db.transaction(async (transaction) => {
      await this.log.insert(id, events, transaction);
      const closed = state.phase === 'closed';
      const inUse = closed
        ? null
        : await SittingRow.findOne({ where: { openCode: code, id: { [Op.ne]: id } }, transaction });
      await SittingRow.update(
        {
          openCode: closed || inUse ? null : code,
          closedAt: closed ? new Date(state.closedAt!) : null,
          pace: closed ? measuredPace(state) : null,
        },
        { where: { id }, transaction },
      );
      await writeResults(this.#db, id, closed ? state : null, transaction);
      await writePlayed(this.#db, id, closed ? state : null, transaction);
    });
  }

  /**
   * What came of a sitting, without its single answers: as it was kept where it is closed, so that its log is not read for
   * it. `stateOf` is asked where that has to be worked out, and of a closed sitting it is kept then.
   */
  async report(info: SittingInfo, stateOf: () => Promise<SittingState>): Promise<KeptReport> {
    const kept = info.closedAt === null ? null : await readReport(this.#db, info.id);
    return kept ?? reportIn(await this.#workOut(info, stateOf));
  }
  /** The same with every answer. */
  async results(info: SittingInfo, stateOf: () => Promise<SittingState>): Promise<KeptResults> {
    const kept = info.closedAt === null ? null : await readReport(this.#db, info.id);
    const responses = kept && (await readResponses(this.#db, info.id));
    if (kept && responses) return { ...kept, results: { ...kept.results, responses } };
    return this.#workOut(info, stateOf);
  }
  async #workOut({ id }: SittingInfo, stateOf: () => Promise<SittingState>): Promise<KeptResults> {
    const state = await stateOf();
    if (state.phase === 'closed') await writeResults(this.#db, id, state);
    return workOut(state);
  }

  /** What came of a closed sitting, and its digest, worked out anew from its log and kept. */
  async workOutAnew(id: string): Promise<void> {
    try {
      await writeResults(this.#db, id, replay((await this.log.load(id)).log).state);
    } catch (error) {
      if (!(error instanceof UnreadableLog)) throw error;
      await writeDigest(this.#db, id, null);
    }
  }

  /** The whole log, and when a living server last saw its clock run (ms), or null. */
  load = (id: string): ReturnType<SittingLog['load']> => this.log.load(id);

  async markAlive(id: string, now: number): Promise<void> {
    await SittingRow.update({ aliveAt: now }, { where: { id } });
  }
}
