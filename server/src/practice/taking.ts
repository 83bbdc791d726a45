import {
  beginRun,
  endOf,
  inRun,
  isClosed,
  onlyThese,
  passTime,
  resumeRun,
  runView,
  summaryOf,
  type Moment,
  type RunCommand,
} from '@distaff/core/practice';
import { isRefusal, type Refusal } from '@distaff/core/refusal';
import type { Random } from '@distaff/core/random';
import type { LoggedEvent, Sitting } from '@distaff/core/sitting';
import type { MyRun, RunKind, RunNow } from '@distaff/core/wire';
import { hashToken } from '../auth/tokens.ts';
import type { Practice } from '../db/practices.ts';
import type { Person, PracticeRuns, Run } from '../db/practiceRuns.ts';
import { Problem } from '../problem.ts';

/** How often a run is read again where another phone was first. */
const TRIES = 4;
/** Runs for oneself that one person may have in one practice. */
const MOST_OWN = 200;

/** A command as it comes from a phone, with an id by which it is known again. */
export interface Sent {
  id: string;
  command: RunCommand;
}

/** Runs as people take them: read from their log, carried on by one command, and stored. Nothing is kept in between. */
export class Taking {
  readonly #runs: PracticeRuns;
  readonly #random: Random;
  readonly #now: () => number;

  constructor(runs: PracticeRuns, random: Random, now: () => number) {
    this.#runs = runs;
    this.#random = random;
    this.#now = now;
  }

  /** What nothing depends on any more has no end. */
  until = (practice: Practice, { kind, begunAt }: Pick<Run, 'kind' | 'begunAt'>): number | null =>
    kind === 'counted' ? endOf(practice, begunAt) : null;

  #moment(practice: Practice, run: Pick<Run, 'kind' | 'begunAt'>): Moment {
    return { now: this.#now(), random: this.#random, until: this.until(practice, run) };
  }

  mine = (practice: Practice, run: Run): MyRun => ({
    id: run.id,
    kind: run.kind,
    attempt: run.attempt,
    begunAt: run.begunAt,
    overAt: run.overAt,
    until: this.until(practice, run),
    summary: run.summary,
  });

  /** Whether somebody may begin another attempt that counts. */
  mayBegin(practice: Practice, own: readonly Run[]): boolean {
    const counted = own.filter(({ kind }) => kind === 'counted');
    const { attempts } = practice.settings;
    return !isClosed(practice, this.#now()) && (attempts === null || counted.length < attempts);
  }

  /**
   * Begins a run, or goes on with the attempt that is on. `of` is the run whose missed questions are asked again.
   * `asked` is what the phone calls it, so that the same twice is one run; its id follows from that and from whose it is.
   * @throws Problem with a sentence where that is not possible now.
   */
  async begin(
    practice: Practice,
    person: Person,
    asked: string,
    kind: RunKind,
    of: string | null,
    tries = TRIES,
  ): Promise<RunNow> {
    const id = hashToken(`${person.id} ${asked}`).slice(0, 40);
    const own = await this.#runs.ofPerson(person.id);
    const same = own.find((run) => run.id === id);
    if (same) return this.look(practice, person, id);
    if (kind === 'counted') {
      const on = own.find(
        (run) => run.kind === 'counted' && run.overAt === null && !this.#isPast(practice, run),
      );
      if (on) return this.look(practice, person, on.id);
      if (isClosed(practice, this.#now())) throw new Problem(409, 'late', 'practiceClosed');
      if (!this.mayBegin(practice, own)) throw new Problem(409, 'already', 'attemptsUsed');
    } else if (own.filter((run) => run.kind !== 'counted').length >= MOST_OWN)
      throw new Problem(409, 'already', 'practisedOften');
    const questions = kind === 'again' ? await this.#missed(practice, own, of) : null;
    const show = questions ? onlyThese(practice.show, questions) : practice.show;
    const begunAt = this.#now();
    const attempt = own.filter((run) => run.kind === kind).length + 1;
    const moment = this.#moment(practice, { kind, begunAt });
    const { sitting, events } = beginRun(show, person.name || 'You', { ...moment, now: begunAt });
    const summary = summaryOf(sitting.state);
    const run = {
      id,
      personId: person.id,
      kind,
      attempt,
      questions,
      begunAt,
      seenAt: begunAt,
      overAt: null,
      summary,
    };
    // Another phone of the same person began the same attempt at the same moment: it is that one then.
    if (!(await this.#runs.begin(practice.id, run, events)))
      return this.#again(practice, person, asked, kind, of, tries);
    return this.#shown(practice, run, sitting);
  }

  #again(
    ...[practice, person, asked, kind, of, tries]: Required<Parameters<Taking['begin']>>
  ): Promise<RunNow> {
    if (tries <= 1) throw new Problem(503, 'retry', 'otherPhone');
    return this.begin(practice, person, asked, kind, of, tries - 1);
  }

  #isPast(practice: Practice, run: Run): boolean {
    const until = this.until(practice, run);
    return until !== null && this.#now() > until;
  }

  async #missed(practice: Practice, own: readonly Run[], of: string | null): Promise<string[]> {
    const run = own.find((one) => one.id === of);
    if (!run) throw new Problem(404, 'notThere', 'noAttempt');
    const { sitting } = await this.#read(practice, run);
    const { missed } = runView(sitting.state);
    if (missed.questions.length === 0) throw new Problem(409, 'already', 'nothingMissed');
    return missed.questions;
  }

  #shown(practice: Practice, run: Run, { state }: Sitting): RunNow {
    return { run: this.mine(practice, run), view: runView(state), now: this.#now() };
  }

  async #read(practice: Practice, run: Run): Promise<{ sitting: Sitting }> {
    const show = run.questions ? onlyThese(practice.show, run.questions) : practice.show;
    return { sitting: resumeRun(show, run.begunAt, await this.#runs.load(run.id)) };
  }

  async #own(practice: Practice, person: Person, id: string): Promise<Run> {
    const run = await this.#runs.byId(practice.id, id);
    if (!run || run.personId !== person.id) throw new Problem(404, 'notThere', 'noAttempt');
    return run;
  }

  /** A run as it stands: what time did meanwhile is done, and nobody counts as having done anything. */
  look = (practice: Practice, person: Person, id: string): Promise<RunNow> =>
    this.#carryOn(
      practice,
      person,
      id,
      (sitting, moment) => passTime(sitting, moment),
      true,
    ) as Promise<RunNow>;

  /** Carries out what somebody does in a run. @returns how it stands then, or why it was not done. */
  command = (practice: Practice, person: Person, id: string, sent: Sent): Promise<RunNow | Refusal> =>
    this.#carryOn(practice, person, id, (sitting, moment) => inRun(sitting, sent.id, sent.command, moment));

  async #carryOn(
    practice: Practice,
    person: Person,
    id: string,
    work: (sitting: Sitting, moment: Moment) => LoggedEvent[] | Refusal,
    onlyLooks = false,
  ): Promise<RunNow | Refusal> {
    for (let tries = 0; tries < TRIES; tries++) {
      const run = await this.#own(practice, person, id);
      const { sitting } = await this.#read(practice, run);
      const events = work(sitting, this.#moment(practice, run));
      if (isRefusal(events)) return events;
      if (events.length === 0) return this.#shown(practice, run, sitting);
      const summary = summaryOf(sitting.state);
      const at = this.#now();
      const seenAt = onlyLooks ? run.seenAt : at;
      const now = { ...run, seenAt, overAt: summary.over ? (run.overAt ?? at) : null, summary };
      if (await this.#runs.append(now, events)) return this.#shown(practice, now, sitting);
    }
    throw new Problem(503, 'retry', 'otherPhone');
  }
}
