import Router from '@koa/router';
import { Id, Question, QuestionSet } from '@distaff/core';
import * as v from 'valibot';
import { addQuestions, orderQuestions, storedQuestionsOf } from '../db/questions.ts';
import {
  archiveSet,
  copySet,
  createSet,
  deleteSet,
  listSets,
  readSet,
  restoreSet,
  saveSet,
} from '../db/sets.ts';
import { read, signedIn, type Ctx } from './context.ts';

const Save = v.object({ version: v.pipe(v.number(), v.integer(), v.minValue(1)), set: QuestionSet });
const Create = v.object({ set: QuestionSet });
const Copy = v.object({ title: v.pipe(v.string(), v.minLength(1), v.maxLength(120)) });
const Add = v.object({
  questions: v.pipe(
    v.array(Question),
    v.minLength(1, 'No question was sent.'),
    v.maxLength(500, 'At most 500 questions at once.'),
  ),
});
const Order = v.object({ ids: v.pipe(v.array(Id), v.maxLength(10_000)) });

const idOf = (ctx: Ctx & { params: Record<string, string> }) => read(Id, ctx.params.id);

/** The question sets of the library. */
export function setRoutes(): Router {
  const router = new Router({ prefix: '/api/sets' });

  router.get('/', async (ctx) => {
    ctx.body = { sets: await listSets(signedIn(ctx).id, { deleted: ctx.query.deleted === '1' }) };
  });
  router.post('/', async (ctx) => {
    const account = signedIn(ctx);
    ctx.status = 201;
    ctx.body = await createSet(account.id, read(Create, ctx.request.body).set);
  });
  router.get('/:id', async (ctx) => {
    ctx.body = await readSet(signedIn(ctx).id, idOf(ctx));
  });
  router.put('/:id', async (ctx) => {
    const account = signedIn(ctx);
    const { version, set } = read(Save, ctx.request.body);
    ctx.body = await saveSet(account.id, idOf(ctx), version, set);
  });
  router.delete('/:id', async (ctx) => {
    await deleteSet(signedIn(ctx).id, idOf(ctx));
    ctx.status = 204;
  });
  router.post('/:id/restore', async (ctx) => {
    ctx.body = await restoreSet(signedIn(ctx).id, idOf(ctx));
  });
  for (const on of [true, false])
    router.post(`/:id/${on ? 'archive' : 'unarchive'}`, async (ctx) => {
      ctx.body = await archiveSet(signedIn(ctx).id, idOf(ctx), on);
    });
  router.post('/:id/copy', async (ctx) => {
    const account = signedIn(ctx);
    ctx.status = 201;
    ctx.body = await copySet(account.id, idOf(ctx), read(Copy, ctx.request.body).title);
  });
  router.get('/:id/questions', async (ctx) => {
    const account = signedIn(ctx);
    const { id } = await readSet(account.id, idOf(ctx));
    ctx.body = { questions: await storedQuestionsOf(account.id, id) };
  });
  router.post('/:id/questions', async (ctx) => {
    const account = signedIn(ctx);
    ctx.status = 201;
    ctx.body = { ids: await addQuestions(account.id, idOf(ctx), read(Add, ctx.request.body).questions) };
  });
  router.put('/:id/order', async (ctx) => {
    const account = signedIn(ctx);
    await orderQuestions(account.id, idOf(ctx), read(Order, ctx.request.body).ids);
    ctx.status = 204;
  });
  return router;
}
