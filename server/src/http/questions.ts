import Router from '@koa/router';
import {
  BulkChange,
  difficulties,
  foundIn,
  Id,
  kindNames,
  languageTag,
  type NearDuplicate,
  Question,
  questionSorts,
  questionStates,
  trigrams,
  WORTH_OFFERING,
} from '@distaff/core';
import * as v from 'valibot';
import {
  changeQuestions,
  deleteQuestions,
  historyOf,
  moveQuestions,
  readQuestion,
  restoreQuestions,
  saveQuestion,
} from '../db/questions.ts';
import type { QuestionSearch } from '../db/questionSearch.ts';
import { pageOf, read, signedIn, type Ctx } from './context.ts';

const text = (max: number) => v.pipe(v.string(), v.maxLength(max, `At most ${max} characters.`));
const Filter = v.object({
  q: v.optional(text(200), ''),
  set: v.optional(Id),
  kind: v.optional(v.picklist(kindNames)),
  tag: v.optional(text(40)),
  language: v.optional(languageTag),
  difficulty: v.optional(v.picklist(difficulties)),
  state: v.optional(v.picklist(questionStates)),
  sort: v.optional(v.picklist(questionSorts), 'changed'),
  deleted: v.optional(v.literal('1')),
});
const Save = v.object({ version: v.pipe(v.number(), v.integer(), v.minValue(1)), question: Question });
const Ids = v.pipe(
  v.array(Id),
  v.minLength(1, 'No question was chosen.'),
  v.maxLength(5000, 'At most 5000 questions at once.'),
);
const Change = v.object({ ids: Ids, change: BulkChange });
const Move = v.object({ ids: Ids, set: Id });
const Some = v.object({ ids: Ids });
const Duplicates = v.object({ set: v.optional(Id) });
const Similar = v.object({ prompt: text(1000), but: v.optional(Id) });

/** How many similar questions are offered, and among how many they are looked for. */
const OFFERED = 5;
const COMPARED = 60;

const idOf = (ctx: Ctx & { params: Record<string, string> }) => read(Id, ctx.params.id);
const today = () => new Date().toISOString().slice(0, 10);

/** The questions of the library: found, read, saved, changed many at once. */
export function questionRoutes(
  search: QuestionSearch,
  duplicates: (accountId: string, set: string | null) => Promise<NearDuplicate[]>,
): Router {
  const router = new Router({ prefix: '/api/questions' });

  router.get('/', async (ctx) => {
    const account = signedIn(ctx);
    const { limit, offset } = pageOf(ctx);
    const { q, kind, sort, deleted, ...filter } = read(Filter, ctx.query);
    ctx.body = await search.find(
      account.id,
      { ...filter, words: q, ...(kind ? { kind: [kind] } : {}), deleted: deleted === '1' },
      { sort, limit, offset, today: today() },
    );
  });
  router.get('/tags', async (ctx) => {
    ctx.body = { tags: await search.tags(signedIn(ctx).id) };
  });
  router.get('/duplicates', async (ctx) => {
    const account = signedIn(ctx);
    const { set } = read(Duplicates, ctx.query);
    const pairs = await duplicates(account.id, set ?? null);
    const ids = [...new Set(pairs.flatMap(({ a, b }) => [a, b]))];
    ctx.body = { pairs, lines: await search.lines(ids, today()) };
  });
  router.post('/similar', async (ctx) => {
    const account = signedIn(ctx);
    const { prompt, but } = read(Similar, ctx.request.body);
    const own = trigrams(prompt);
    const alike = (await search.candidates(account.id, prompt, COMPARED))
      .filter((one) => one.id !== but)
      .map((one) => ({ id: one.id, likeness: foundIn(own, trigrams(one.prompt)) }))
      .filter((one) => one.likeness >= WORTH_OFFERING)
      .sort((a, b) => b.likeness - a.likeness)
      .slice(0, OFFERED);
    const lines = await search.lines(
      alike.map((one) => one.id),
      today(),
    );
    ctx.body = { questions: lines.map((line, i) => ({ ...line, likeness: alike[i]!.likeness })) };
  });
  router.post('/change', async (ctx) => {
    const account = signedIn(ctx);
    const { ids, change } = read(Change, ctx.request.body);
    ctx.body = { count: await changeQuestions(account.id, ids, change) };
  });
  router.post('/move', async (ctx) => {
    const account = signedIn(ctx);
    const { ids, set } = read(Move, ctx.request.body);
    ctx.body = { count: await moveQuestions(account.id, ids, set) };
  });
  router.post('/delete', async (ctx) => {
    const account = signedIn(ctx);
    ctx.body = { count: await deleteQuestions(account.id, read(Some, ctx.request.body).ids) };
  });
  router.post('/restore', async (ctx) => {
    const account = signedIn(ctx);
    ctx.body = { count: await restoreQuestions(account.id, read(Some, ctx.request.body).ids) };
  });
  router.get('/:id', async (ctx) => {
    ctx.body = await readQuestion(signedIn(ctx).id, idOf(ctx));
  });
  router.put('/:id', async (ctx) => {
    const account = signedIn(ctx);
    const { version, question } = read(Save, ctx.request.body);
    ctx.body = await saveQuestion(account.id, idOf(ctx), version, question);
  });
  router.get('/:id/history', async (ctx) => {
    ctx.body = { versions: await historyOf(signedIn(ctx).id, idOf(ctx)) };
  });
  return router;
}
