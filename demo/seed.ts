import { randomInt } from 'node:crypto';
import { fold } from '@distaff/core/sitting';
import { newJoinCode } from '@distaff/core/text';
import { Show } from '@distaff/core/show';
import { SetFile } from '@distaff/core/interchange';
import { nanoid } from 'nanoid';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import * as v from 'valibot';
import { hashPassword } from '@distaff/server/auth/password.ts';
import { newToken } from '@distaff/server/auth/tokens.ts';
import { readConfig } from '@distaff/server/config.ts';
import { accountByEmail, createAccount } from '@distaff/server/db/accounts.ts';
import { openDatabase } from '@distaff/server/db/database.ts';
import { migrate } from '@distaff/server/db/migrate.ts';
import { defineModels } from '@distaff/server/db/models.ts';
import { Rosters } from '@distaff/server/db/rosters.ts';
import { addQuestions } from '@distaff/server/db/setQuestions.ts';
import { createFilledSet, createSet } from '@distaff/server/db/sets.ts';
import { readReadyMade } from '@distaff/server/readyMade.ts';
import { addMember } from '@distaff/server/db/sharing.ts';
import { createShow } from '@distaff/server/db/shows.ts';
import { Sittings } from '@distaff/server/db/sittings.ts';
import draft from './draft.json' with { type: 'json' };
import firstWeek from './first-week.json' with { type: 'json' };
import marramPoint from './marram-point.json' with { type: 'json' };
import { playEvening } from './playEvening.ts';
import { stormNight } from './stormNight.ts';

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
const DAY = 24 * 3_600_000;

/** Puts the questions of a show into a set of the library, and the show with copies of them beside it. */
async function fill(accountId: string, show: Show, folder: string) {
  const { id: set } = await createSet(accountId, { title: show.title, description: '', folder, credit: '' });
  const questions = Object.values(show.questions);
  const ids = await addQuestions(accountId, set, questions);
  questions.forEach((question, i) => (question.origin = { id: ids[i]!, version: 1 }));
  return createShow(accountId, show);
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
    for (const { name, set, questions } of readyMade) {
      const made = await createFilledSet(name === HERS ? ansa.id : account.id, set, questions);
      if (name === HERS) await addMember({ what: 'set', id: made.id }, account.id, 'viewer');
    }
    const rough = v.parse(SetFile, draft);
    const { id: roughId } = await createFilledSet(account.id, rough.set, rough.questions);
    await addMember({ what: 'set', id: roughId }, ansa.id, 'editor');
    await new Rosters(database).keep(account.id, { name: 'Winter crew', names: CREW });
    await fill(account.id, v.parse(Show, firstWeek), 'New boat-builders');
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
    const generator = xoroshiro128plus(1871);
    const [first, ...rest] = playEvening(show, code, start, account.id, () => uniformFloat64(generator));
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
