import { csvParts, responsesSheet } from '@distaff/core/interchange';
import { fitRasch } from '@distaff/core/learn';
import { seeded } from '@distaff/core/random';
import { reportOf, resultsOf } from '@distaff/core/report';
import { digestOf, groupSummary, groupTerm, type Dated } from '@distaff/core/term';
import { openDatabase } from '@distaff/server/db/database.ts';
import { defineModels, SittingRow } from '@distaff/server/db/models.ts';
import { Sittings } from '@distaff/server/db/sittings.ts';
import Papa from 'papaparse';
import { QueryTypes } from 'sequelize';
import { openBrowser } from './browser.ts';
import { House, median, tell } from './house.ts';
import { longEvening } from './longLog.ts';

/*
 * What comes after the show: the report of a thousand people and a hundred questions, worked out and on the screen; its
 * export beside the bare CSV writer; a group over two hundred games; and the fit of questions that learn.
 */
const PLAYERS = 1000;
const QUESTIONS = 100;
const ROUNDS = 7;
const timed = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};
const often = (work: () => unknown): number => median(Array.from({ length: ROUNDS }, () => timed(work)));

/** How long each picture took while a box was scrolled at a steady pace (ms). */
async function scrolled(box: Element): Promise<number[]> {
  const times: number[] = [];
  for (let last = performance.now(), n = 0; n < 120; n++) {
    box.scrollTop = n * 90;
    await new Promise(requestAnimationFrame);
    const now = performance.now();
    times.push(now - last);
    last = now;
  }
  return times;
}

const evening = longEvening(PLAYERS, QUESTIONS, { close: true });
tell(
  'report of 1,000 people × 100 questions (ms)',
  often(() => reportOf(evening.state)),
  { most: 300 },
);

const results = resultsOf(evening.state);
const rows = [...responsesSheet(results)[1]];
// Turn by turn, so that both meet the same machine.
const ratios = Array.from({ length: ROUNDS }, () => {
  const bare = timed(() => Papa.unparse(rows, { newline: '\r\n' }));
  const own = timed(() => {
    for (const part of csvParts(...responsesSheet(results))) if (part.length < 0) throw new Error();
  });
  return own / bare;
});
tell(
  'export of 100,000 responses, to the bare CSV writer',
  median(ratios),
  { most: 3 },
  { responses: rows.length },
);

const small = longEvening(30, 10, { close: true });
const digest = digestOf(small.state, reportOf(small.state), resultsOf(small.state));
const games = Array.from({ length: 200 }, (_, i): Dated => ({
  ...structuredClone(digest),
  sitting: `s${i}`,
  isAnonymous: false,
  at: i * 86_400_000,
}));
tell(
  'a group over 200 games (ms)',
  often(() => groupSummary(groupTerm(games, [], []))),
  { most: 500 },
);

const random = seeded('fit');
const [people, questions, answers] = [10_000, 10_000, 200_000];
const columns = { person: [] as number[], question: [] as number[], share: [] as number[] };
for (let i = 0; i < answers; i++) {
  const [person, question] = [i % people, Math.floor(random() * questions)];
  columns.person.push(person);
  columns.question.push(question);
  const level = (person % 7) / 3 - 1 - ((question % 11) / 5 - 1);
  columns.share.push(random() < 1 / (1 + Math.exp(-level)) ? 1 : 0);
}
tell(
  'fit of 10,000 questions × 200,000 answers (ms)',
  timed(() => fitRasch({ people, questions, ...columns })),
  { most: 10_000 },
);

const house = new House();
const browser = await openBrowser();
try {
  await house.open();
  const database = openDatabase(house.databaseUrl);
  defineModels(database);
  const store = new Sittings(database);
  const [account] = await database.query<{ id: string }>('SELECT id FROM account', {
    type: QueryTypes.SELECT,
  });
  const made = await store.create(
    {
      id: 'bench-evening',
      accountId: account!.id,
      showId: null,
      title: 'Bench',
      code: 'BENCH',
      stageKey: 'k'.repeat(32),
      openedAt: new Date().toISOString(),
    },
    evening.log[0]!,
  );
  for (let from = 1; from < evening.log.length; from += 500)
    await store.log.insert(made!.id, evening.log.slice(from, from + 500));
  await SittingRow.update({ closedAt: new Date(), openCode: null }, { where: { id: made!.id } });
  await database.close();

  const [name, value] = house.cookie.split('=') as [string, string];
  const first: number[] = [];
  let [frames, bare]: number[][] = [[], []];
  for (let i = 0; i < ROUNDS; i++) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    await context.addCookies([{ name, value, url: house.url }]);
    const page = await context.newPage();
    await page.goto(`${house.url}/studio`);
    await page.waitForLoadState('networkidle');
    const start = performance.now();
    await page.goto(`${house.url}/results/${made!.id}`);
    await page.locator('.knowledge .squares').first().waitFor();
    first.push(performance.now() - start);
    if (i === ROUNDS - 1) {
      // Every row of the grid, scrolled through at a steady pace.
      await page.getByRole('button', { name: /^Show all/ }).click();
      const box = page.locator('.knowledge .many');
      frames = await box.evaluate(scrolled);
      await box.evaluate((own) => {
        const filler = document.createElement('div');
        filler.style.height = '22000px';
        own.replaceChildren(filler);
      });
      bare = await box.evaluate(scrolled);
    }
    await context.close();
  }
  tell(
    'first figures of a large report on the screen (ms)',
    median(first.slice(1)),
    { most: 1000 },
    { anewMs: first[0] },
  );
  // Sixty pictures a second, or as many as this machine gives to a box with nothing in it.
  tell(
    'scrolling through 1,000 rows: the median picture, to an empty box',
    median(frames!) / Math.max(1000 / 60, median(bare!)),
    { most: 1.1 },
    { ms: median(frames!), bareMs: median(bare!), worst: Math.max(...frames!) },
  );
} finally {
  await browser.close();
  await house.close();
}
