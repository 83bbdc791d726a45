import { countingAttempts } from '@distaff/core/practice';
import { MarkRule } from '@distaff/core/report';
import { QueryTypes, type Sequelize } from 'sequelize';
import * as v from 'valibot';
import { fromJson } from './json.ts';

const Numbers = v.array(v.number());
const TermRule = v.object({
  rule: MarkRule,
  several: v.picklist(countingAttempts),
  without: v.array(v.string()),
});
/** How a group is given marks over several games: the rule, which of several count, and which games are left out. */
export type TermRule = v.InferOutput<typeof TermRule>;

/** How hosts give marks: a rule for each of their groups, and which questions of a sitting do not count. */
export class MarkRules {
  readonly #db: Sequelize;

  constructor(db: Sequelize) {
    this.#db = db;
  }

  async #read(account: string, scope: string): Promise<unknown> {
    const [row] = await this.#db.query<{ rule: unknown }>(
      'SELECT rule FROM mark_rule WHERE account_id = ? AND scope = ?',
      { replacements: [account, scope], type: QueryTypes.SELECT },
    );
    if (!row) return null;
    return fromJson(row.rule);
  }

  async #write(account: string, scope: string, rule: unknown): Promise<void> {
    await this.#db.query('REPLACE INTO mark_rule (account_id, scope, rule) VALUES (?,?,?)', {
      replacements: [account, scope, JSON.stringify(rule)],
      type: QueryTypes.INSERT,
    });
  }

  /** The rule of a group; null where none was made, or where one of an earlier version says nothing any more. */
  async ofGroup(account: string, group: string): Promise<MarkRule | null> {
    const parsed = v.safeParse(MarkRule, await this.#read(account, `group:${group}`));
    return parsed.success ? parsed.output : null;
  }
  /** Numbers of the questions of a sitting that do not count. */
  async leftOut(account: string, sitting: string): Promise<number[]> {
    const parsed = v.safeParse(Numbers, await this.#read(account, `sitting:${sitting}`));
    return parsed.success ? parsed.output : [];
  }

  /** The same for many sittings; of those that are not there everything counts. */
  async allLeftOut(account: string, sittings: readonly string[]): Promise<Record<string, number[]>> {
    const all: Record<string, number[]> = {};
    for (const sitting of sittings) all[sitting] = await this.leftOut(account, sitting);
    return all;
  }

  async ofTerm(account: string, group: string): Promise<TermRule | null> {
    const parsed = v.safeParse(TermRule, await this.#read(account, `term:${group}`));
    return parsed.success ? parsed.output : null;
  }
  keepTerm(account: string, group: string, rule: TermRule): Promise<void> {
    return this.#write(account, `term:${group}`, rule);
  }

  async keep(
    account: string,
    { group, sitting, rule, leftOut }: { group: string; sitting: string; rule: MarkRule; leftOut: number[] },
  ): Promise<void> {
    await this.#write(account, `group:${group}`, rule);
    await this.#write(account, `sitting:${sitting}`, leftOut);
  }
}
