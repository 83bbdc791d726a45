import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { blankQuestion, type Question } from '@distaff/core/question';
import {
  guessColumns,
  readArchive,
  readQtiPackage,
  readSheet,
  readTable,
  sheetHeader,
  toCsv,
  writeArchive,
  writeQtiPackage,
  writeRow,
} from '@distaff/core/interchange';
import { createAccount } from '@distaff/server/db/accounts.ts';
import { openDatabase } from '@distaff/server/db/database.ts';
import { duplicatesOf } from '@distaff/server/db/duplicates.ts';
import { Imports } from '@distaff/server/db/imports.ts';
import { migrate } from '@distaff/server/db/migrate.ts';
import { defineModels } from '@distaff/server/db/models.ts';
import { QuestionSearch } from '@distaff/server/db/questionSearch.ts';
import { createSet } from '@distaff/server/db/sets.ts';
import Papa from 'papaparse';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { QueryTypes } from 'sequelize';
import { PrivateMariaDb } from '../scripts/lib/mariadb.mjs';

/**
 * The library under load: searching among 100,000 questions and bringing in 10,000 rows, each beside
 * the raw cost in the same run – the same SQL by hand, the bare parser, the bare insert.
 */
const QUESTIONS = Number(process.env.BENCH_QUESTIONS ?? 100_000);
const ROWS = 10_000;
const ROUNDS = 15;
/** How often the pulse is felt while long work goes on (ms). */
const BEAT = 5;

const generator = xoroshiro128plus(7);
const random = () => uniformFloat64(generator);
const median = (list: number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!;
const round = (n: number) => Math.round(n * 100) / 100;
const tell = (what: string, figures: object) => console.log(JSON.stringify({ what, ...figures }));

/** Made-up words of two to four syllables, some used much more than others, as in a language. */
const syllables = 'ka lo mi ren tas vu shi dor pel gan eth ori bru cla fen'.split(' ');
const words = Array.from({ length: 20_000 }, () =>
  Array.from(
    { length: 2 + Math.floor(random() * 3) },
    () => syllables[Math.floor(random() * syllables.length)],
  ).join(''),
);
const word = () => words[Math.floor(words.length * random() ** 3)]!;
const sentence = (n: number) => Array.from({ length: n }, word).join(' ');
let made = 0;
function question(): Question {
  const options = Array.from({ length: 4 }, (_, i) => ({ id: `o${i}`, text: sentence(2) }));
  return {
    ...blankQuestion(() => `q${made}`),
    prompt: `${sentence(9)} ${made++}?`,
    answer: { kind: 'choice', options, key: 'o1' },
    tags: [`tag${made % 40}`],
  };
}

async function timed<T>(work: () => Promise<T> | T): Promise<{ ms: number; result: T }> {
  const start = performance.now();
  const result = await work();
  return { ms: performance.now() - start, result };
}

async function bench(databaseUrl: string): Promise<void> {
  const db = openDatabase(databaseUrl);
  defineModels(db);
  await migrate(db);
  const { id: account } = await createAccount('bench@example.test', 'Bench', 'x');
  const reach = { accountId: account, edit: [], read: [] };
  const { id: set } = await createSet(account, { title: 'Bench', description: '', folder: '', credit: '' });
  const imports = new Imports(db);

  for (let n = 0; n < QUESTIONS; n += ROWS)
    await imports.bringIn(reach, set, 'bench', Array.from({ length: ROWS }, question));

  const search = new QuestionSearch(db);
  const today = '2026-01-01';
  const page = { sort: 'changed' as const, limit: 100, offset: 0, today };
  const cases: [string, () => string][] = [
    ['a rare word', () => words[words.length - 1 - Math.floor(random() * 500)]!],
    ['two words', () => `${word()} ${word()}`],
    ['the beginning of a common word', () => word().slice(0, 4)],
    ['a misspelt word', () => `${words[words.length - 1 - Math.floor(random() * 500)]!}x`],
    ['nothing: the whole list', () => ''],
  ];
  for (const [what, make] of cases) {
    const own: number[] = [];
    const raw: number[] = [];
    for (let i = 0; i < ROUNDS; i++) {
      const typed = make();
      const found = await timed(() => search.find(account, { words: typed }, page));
      own.push(found.ms);
      const against = (found.result.instead ?? typed)
        .split(' ')
        .filter(Boolean)
        .map((one) => `+${one}*`)
        .join(' ');
      const byHand = against ? 'AND MATCH (search_text) AGAINST (? IN BOOLEAN MODE)' : '';
      const { ms } = await timed(() =>
        db.query(
          `SELECT id, prompt FROM question WHERE account_id = ? AND deleted_at IS NULL ${byHand} ORDER BY updated_at DESC LIMIT 100`,
          {
            replacements: against ? [account, against] : [account],
            type: QueryTypes.SELECT,
          },
        ),
      );
      raw.push(ms);
    }
    const [p50, bare] = [median(own), median(raw)];
    tell(`search among ${QUESTIONS}: ${what}`, {
      p50: round(p50),
      worst: round(Math.max(...own)),
      sqlByHand: round(bare),
      ratio: round(p50 / bare),
    });
  }
  const deep = await timed(() =>
    search.find(account, { set }, { ...page, sort: 'place', offset: QUESTIONS - 200 }),
  );
  tell('the end of the list', { ms: round(deep.ms) });

  // The longest turn in which a live show on the same server would have to wait, beside the sum.
  let last = performance.now();
  let longest = 0;
  const beat = setInterval(() => {
    longest = Math.max(longest, performance.now() - last - BEAT);
    last = performance.now();
  }, BEAT);
  const twice = await timed(() => duplicatesOf(db, account, null, false, 200));
  clearInterval(beat);
  tell(`near-duplicates among ${QUESTIONS}`, {
    ms: round(twice.ms),
    pairs: twice.result.length,
    longestTurn: round(longest),
  });

  const many = Array.from({ length: 1000 }, question);
  const written = await timed(() =>
    writeArchive(
      writeQtiPackage({ title: 'Bench', description: '', folder: '', credit: '' }, many, '3.0', new Map()),
    ),
  );
  const back = await timed(() => {
    const files = readArchive(written.result);
    if ('trouble' in files) throw new Error(files.trouble);
    let id = 0;
    return readQtiPackage(files, () => `i${id++}`);
  });
  tell('1,000 questions as a QTI package', { writing: round(written.ms), reading: round(back.ms) });

  const csv = toCsv(
    [...sheetHeader],
    Array.from({ length: ROWS }, () => writeRow(question())),
  );
  const parsed = await timed(() => Papa.parse(csv).data.length);
  const read = await timed(() => {
    const got = readTable(csv);
    if ('trouble' in got) throw new Error(got.trouble);
    let id = 0;
    const reading = readSheet(got.table, guessColumns(got.table), null, () => `i${id++}`, random);
    for (;;) {
      const step = reading.next();
      if (step.done) return step.value.map((row) => row.question);
    }
  });
  tell(`reading ${ROWS} rows`, {
    ms: round(read.ms),
    bareParser: round(parsed.ms),
    ratio: round(read.ms / parsed.ms),
  });
  const brought = await timed(() => imports.bringIn(reach, set, 'bench', read.result));
  await db.query('CREATE TABLE bare (id INT PRIMARY KEY AUTO_INCREMENT, doc JSON NOT NULL)');
  const bare = await timed(async () => {
    for (let i = 0; i < ROWS; i += 500) {
      const part = read.result.slice(i, i + 500);
      await db.query(`INSERT INTO bare (doc) VALUES ${part.map(() => '(?)').join(',')}`, {
        replacements: part.map((one) => JSON.stringify(one)),
        type: QueryTypes.INSERT,
      });
    }
  });
  tell(`storing ${ROWS} rows in one transaction, indexed`, {
    ms: round(brought.ms),
    bareInsert: round(bare.ms),
    ratio: round(brought.ms / bare.ms),
  });
  await db.close();
}

const folder = mkdtempSync(path.join(os.tmpdir(), 'distaff-bench-'));
const database = new PrivateMariaDb(path.join(folder, 'mariadb'));
try {
  await bench(await database.start());
} finally {
  await database.stop();
  rmSync(folder, { recursive: true, force: true });
}
