import { randomInt } from 'node:crypto';
import { fold } from '@distaff/core/sitting';
import { newJoinCode } from '@distaff/core/text';
import { asPractice, defaultPractice } from '@distaff/core/practice';
import type { Random } from '@distaff/core/random';
import { quizOf, Show } from '@distaff/core/show';
import { usualLeague } from '@distaff/core/term';
import { SetFile } from '@distaff/core/interchange';
import { nanoid } from 'nanoid';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import * as v from 'valibot';
import { hashPassword } from '@distaff/server/auth/password.ts';
import { hashToken, newToken } from '@distaff/server/auth/tokens.ts';
import { readConfig } from '@distaff/server/config.ts';
import { accountByEmail, createAccount } from '@distaff/server/db/accounts.ts';
import { openDatabase } from '@distaff/server/db/database.ts';
import { migrate } from '@distaff/server/db/migrate.ts';
import { defineModels } from '@distaff/server/db/models.ts';
import { PracticeRuns } from '@distaff/server/db/practiceRuns.ts';
import { Practices } from '@distaff/server/db/practices.ts';
import { Rosters } from '@distaff/server/db/rosters.ts';
import { Leagues } from '@distaff/server/db/leagues.ts';
import { addQuestions, questionsOf } from '@distaff/server/db/setQuestions.ts';
import { createFilledSet, createSet } from '@distaff/server/db/sets.ts';
import { readReadyMade } from '@distaff/server/readyMade.ts';
import { addMember } from '@distaff/server/db/sharing.ts';
import { createShow } from '@distaff/server/db/shows.ts';
import { Sittings } from '@distaff/server/db/sittings.ts';
import draft from './draft.json' with { type: 'json' };
import firstWeek from './first-week.json' with { type: 'json' };
import marramPoint from './marram-point.json' with { type: 'json' };
import { practise } from './practise.ts';
import { playEvening } from './playEvening.ts';
import { stormNight } from './stormNight.ts';
import { termOf, type Class } from './term.ts';

const HOST = { email: 'host@marram-point.example', name: 'Marram Point', password: 'lantern-and-tide' };
/** A second host, to try sharing with. */
const COLLEAGUE = { email: 'ansa@marram-point.example', name: 'Ansa', password: HOST.password };
/** The ready-made set that she shares with the first. */
const HERS = 'tools-and-timber';
/** A roster to draw teams from. */
const CREW =
  'Ansa Tamsin Jory Wenna Dorrit Elowen Perran Kerra Merryn Talan Senara Hedra Gwenna Davith Lowen Morwen Rewan Tegen'.split(
    ' ',
  );
/** A class that practises at home. */
const CLASS = [...CREW, 'Ysella', 'Zennor', 'Breok', 'Rosen', 'Orrin', 'Nessa'];
const DAY = 24 * 3_600_000;
/** Three groups, each with a term of quizzes: the crew makes progress, the others less. */
const GROUPS: Class[] = [
  { name: 'Winter crew', names: CREW, level: 0.3, gain: 0.1 },
  {
    name: 'Harbour school 6',
    names: 'Adaz Bryok Cubert Denzel Eseld Flamank Grace Hicca Illowen Jenna Keren Lewyn Mabyn Newlyn'.split(
      ' ',
    ),
    level: -0.3,
    gain: 0.04,
  },
  {
    name: 'Boat-builders, year 1',
    names: 'Orson Petrok Quill Rumon Steren Tressa Ujell Vyvyan Withell Yestin Zethar Annik'.split(' '),
    level: 0.1,
    gain: 0,
  },
];

/** Puts the questions of a show into a set of the library, and the show with copies of them beside it. */
async function fill(accountId: string, show: Show, folder: string) {
  const { id: set } = await createSet(accountId, { title: show.title, description: '', folder, credit: '' });
  const questions = Object.values(show.questions);
  const ids = await addQuestions(accountId, set, questions);
  questions.forEach((question, i) => (question.origin = { id: ids[i]!, version: 1 }));
  return createShow(accountId, show);
}

/** Chance that is the same each time. */
function uniformly(seed: number): Random {
  const generator = xoroshiro128plus(seed);
  return () => uniformFloat64(generator);
}

/** Offers a show to be taken alone, and lets a class of 24 take it: some twice, some are on the way, three have not begun. */
async function practised(
  database: ReturnType<typeof openDatabase>,
  accountId: string,
  { id: showId, show: source }: { id: string | null; show: Show },
  random: Random,
  list: readonly string[] = CLASS,
  group = '',
): Promise<void> {
  const now = Date.now();
  const due = { at: Math.ceil((now + 3 * DAY) / DAY) * DAY - 6 * 3_600_000, zone: 'UTC' };
  const settings = { ...defaultPractice, due, names: 'list' as const, list: [...list], group };
  const { show } = asPractice(source, settings);
  const given = { accountId, showId, title: show.title, show, settings };
  const { id } = await new Practices(database).create(given, random, now - 3 * DAY);
  const runs = new PracticeRuns(database);
  for (const [i, name] of list.slice(0, -3).entries()) {
    const person = await runs.enter(id, hashToken(newToken()), name);
    const onTheWay = i % 4 === 3;
    const attempts = onTheWay ? 1 : i % 5 === 0 ? 2 : 1;
    for (let attempt = 1; attempt <= attempts; attempt++) {
      const start = now - (onTheWay ? 0.4 : 3.2 - attempt + random()) * DAY;
      const skill = Math.min(0.97, 0.5 + 0.45 * random() + 0.15 * (attempt - 1));
      const most = onTheWay ? 2 + Math.floor(random() * 10) : Infinity;
      const { events, ...run } = practise(show, name, Math.round(start), skill, most, random);
      const stored = {
        id: nanoid(),
        personId: person.id,
        kind: 'counted' as const,
        attempt,
        questions: null,
        ...run,
      };
      await runs.begin(id, stored, events.slice(0, 1));
      await runs.append(stored, events.slice(1));
    }
  }
}

/** A term with each group, their homework, and a league of the crew. */
async function term(
  database: ReturnType<typeof openDatabase>,
  store: Sittings,
  hostId: string,
  sets: readonly { id: string; title: string }[],
): Promise<void> {
  const random = uniformly(1926);
  const library = (await Promise.all(sets.map(({ id }) => questionsOf(hostId, id))))
    .flat()
    .map((question) => ({ ...question, origin: { id: question.id, version: 1 } }));
  const rosters = new Rosters(database);
  for (const group of GROUPS) {
    await rosters.keep(hostId, { name: group.name, names: [...group.names] });
    const newCode = () => newJoinCode(random);
    const games: string[] = [];
    for (const { show, log, start, code } of termOf(group, library, {
      now: Date.now(),
      hostId,
      random,
      newCode,
    })) {
      const [first, ...rest] = log;
      const about = { accountId: hostId, showId: null, title: show.title, code, stageKey: newToken() };
      const sitting = await store.create(
        { id: nanoid(), ...about, openedAt: new Date(start).toISOString() },
        first!,
      );
      if (!sitting) continue;
      await store.append(sitting.id, rest, fold(log), 'round');
      games.push(sitting.id);
    }
    const homework = quizOf(
      `Homework: ${group.name}`,
      library.filter((_, i) => i % 17 === 3),
    );
    await practised(database, hostId, { id: null, show: homework }, random, group.names, group.name);
    if (group === GROUPS[0])
      await new Leagues(database).create(hostId, {
        title: 'Harbour cup',
        rule: { ...usualLeague, drop: 2, ties: 'headToHead' },
        games,
        shows: [],
        said: [],
        isNamed: true,
      });
  }
}

const hostOf = async ({ email, name, password }: typeof HOST) =>
  (await accountByEmail(email)) ?? (await createAccount(email, name, await hashPassword(password)));

/** Puts the demo hosts, their sets and shows and one finished sitting in place, unless the first has any sitting already. */
async function seed({ databaseUrl, setsDir }: { databaseUrl: string; setsDir: string }): Promise<void> {
  const database = openDatabase(databaseUrl);
  try {
    defineModels(database);
    await migrate(database);
    const show = v.parse(Show, marramPoint);
    const account = await hostOf(HOST);
    const ansa = await hostOf(COLLEAGUE);
    const store = new Sittings(database);
    if ((await store.list(account.id, 1, 0)).total > 0) return;
    const readyMade = readReadyMade(setsDir);
    const sets: { id: string; title: string }[] = [];
    for (const { name, set, questions } of readyMade) {
      const made = await createFilledSet(name === HERS ? ansa.id : account.id, set, questions);
      if (name !== HERS) sets.push({ id: made.id, title: set.title });
      if (name === HERS) await addMember({ what: 'set', id: made.id }, account.id, 'viewer');
    }
    const rough = v.parse(SetFile, draft);
    const { id: roughId } = await createFilledSet(account.id, rough.set, rough.questions);
    await addMember({ what: 'set', id: roughId }, ansa.id, 'editor');
    // The tests of single pages begin without a term behind them.
    if (process.env.DISTAFF_DEMO === 'short')
      await new Rosters(database).keep(account.id, { name: 'Winter crew', names: CREW });
    else await term(database, store, account.id, sets);
    const week = await fill(account.id, v.parse(Show, firstWeek), 'New boat-builders');
    await practised(database, account.id, week, uniformly(1907));
    await createShow(
      account.id,
      v.parse(
        Show,
        stormNight(readyMade, () => nanoid(10)),
      ),
    );
    const { id: showId } = await fill(account.id, show, 'Winter evenings');
    await addMember({ what: 'show', id: showId }, ansa.id, 'cohost');

    const code = newJoinCode(() => randomInt(2 ** 32) / 2 ** 32);
    const start = Date.now() - 12 * DAY;
    const [first, ...rest] = playEvening(show, code, start, account.id, uniformly(1871));
    const sitting = await store.create(
      {
        id: nanoid(),
        accountId: account.id,
        showId,
        title: show.title,
        code,
        stageKey: newToken(),
        openedAt: new Date(start).toISOString(),
      },
      first!,
    );
    await store.append(sitting!.id, rest, fold([first!, ...rest]), 'round');
  } finally {
    await database.close();
  }
}

const read = readConfig(process.env);
if ('mistakes' in read || read.config.databaseUrl === null) {
  console.error('mistakes' in read ? read.mistakes.join('\n') : 'DATABASE_URL is missing.');
  process.exit(1);
}
seed({ ...read.config, databaseUrl: read.config.databaseUrl }).catch((error: Error) => {
  console.error(error.message);
  process.exit(1);
});
