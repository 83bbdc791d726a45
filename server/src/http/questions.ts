import Router from '@koa/router';
import {
  BulkChange,
  foundIn,
  questionSorts,
  questionStates,
  trigrams,
  WORTH_OFFERING,
} from '@distaff/core/library';
import { difficulties, kindNames, Question } from '@distaff/core/question';
import { Id, languageTag } from '@distaff/core/text';
import type { NearDuplicate } from '@distaff/core/review';
import * as v from 'valibot';
import { accessTo } from '../db/access.ts';
import {
  changeQuestions,
  deleteQuestions,
  moveQuestions,
  restoreQuestions,
  takeChangeBack,
} from '../db/manyQuestions.ts';
import { historyOf, readQuestion, saveQuestion } from '../db/questions.ts';
import type { QuestionSearch } from '../db/questionSearch.ts';
import { pageOf, reach, read, someone, type Ctx } from './context.ts';

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
const Changed = v.object({ id: Id, version: v.pipe(v.number(), v.integer(), v.minValue(2)) });
const ChangeBack = v.object({ changed: v.pipe(v.array(Changed), v.minLength(1), v.maxLength(5000)) });
const Move = v.object({ ids: Ids, set: Id });
const Some = v.object({ ids: Ids });
const OfSet = v.object({ set: v.optional(Id) });
const Similar = v.object({ prompt: text(1000), but: v.optional(Id) });

/** How many similar questions are offered, and among how many they are looked for. */
const OFFERED = 5;
const COMPARED = 60;

const idOf = (ctx: Ctx & { params: Record<string, string> }) => read(Id, ctx.params.id);
const today = () => new Date().toISOString().slice(0, 10);

/** The questions of the library: found, read, saved, changed many at once. */
export function questionRoutes(
  search: QuestionSearch,
  duplicates: (accountId: string, set: string | null, ofOthers: boolean) => Promise<NearDuplicate[]>,
): Router {
  const router = new Router({ prefix: '/api/questions' });

  router.get('/', async (ctx) => {
    const own = await reach(ctx);
    const { limit, offset } = pageOf(ctx);
    const { q, kind, sort, deleted, ...filter } = read(Filter, ctx.query);
    const ownerId = filter.set
      ? (await accessTo(own, filter.set, deleted ? 'edit' : 'read')).ownerId
      : own.accountId;
    ctx.body = await search.find(
      ownerId,
      { ...filter, words: q, ...(kind ? { kind: [kind] } : {}), deleted: deleted === '1' },
      { sort, limit, offset, today: today() },
    );
  });
  router.get('/tags', async (ctx) => {
    const own = await reach(ctx);
    const { set } = read(OfSet, ctx.query);
    if (set) await accessTo(own, set, 'read');
    ctx.body = { tags: await search.tags(set ? { set } : { account: own.accountId }) };
  });
  router.get('/duplicates', async (ctx) => {
    const own = await reach(ctx);
    const { set = null } = read(OfSet, ctx.query);
    const ofOthers = set !== null && (await accessTo(own, set, 'read')).role !== 'owner';
    const pairs = await duplicates(own.accountId, set, ofOthers);
    const ids = [...new Set(pairs.flatMap(({ a, b }) => [a, b]))];
    ctx.body = { pairs, lines: await search.lines(ids, today()) };
  });
  router.post('/similar', async (ctx) => {
    const account = someone(ctx);
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
  router.post('/change-back', async (ctx) => {
    const own = await reach(ctx);
    ctx.body = { count: await takeChangeBack(own, read(ChangeBack, ctx.request.body).changed) };
  });
  router.post('/change', async (ctx) => {
    const own = await reach(ctx);
    const { ids, change } = read(Change, ctx.request.body);
    const changed = await changeQuestions(own, ids, change);
    ctx.body = { count: changed.length, changed };
  });
  router.post('/move', async (ctx) => {
    const own = await reach(ctx);
    const { ids, set } = read(Move, ctx.request.body);
    ctx.body = { count: await moveQuestions(own, ids, set) };
  });
  router.post('/delete', async (ctx) => {
    const own = await reach(ctx);
    ctx.body = { count: await deleteQuestions(own, read(Some, ctx.request.body).ids) };
  });
  router.post('/restore', async (ctx) => {
    const own = await reach(ctx);
    ctx.body = { count: await restoreQuestions(own, read(Some, ctx.request.body).ids) };
  });
  router.get('/:id', async (ctx) => {
    ctx.body = await readQuestion(await reach(ctx), idOf(ctx));
  });
  router.put('/:id', async (ctx) => {
    const own = await reach(ctx);
    const { version, question } = read(Save, ctx.request.body);
    ctx.body = await saveQuestion(own, idOf(ctx), version, question);
  });
  router.get('/:id/history', async (ctx) => {
    ctx.body = { versions: await historyOf(await reach(ctx), idOf(ctx)) };
  });
  return router;
}
