import Router from '@koa/router';
import { Id } from '@distaff/core/text';
import { Question } from '@distaff/core/question';
import { QuestionSet, type Right } from '@distaff/core/library';
import * as v from 'valibot';
import { accessTo } from '../db/access.ts';
import { addQuestions, orderQuestions, storedQuestionsOf } from '../db/setQuestions.ts';
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
import { reach, read, signedIn, type Ctx } from './context.ts';

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

/** The set that is asked for, where whoever asks has this right in it. */
async function allowed(ctx: Ctx & { params: Record<string, string> }, right: Right) {
  const id = idOf(ctx);
  return { id, ...(await accessTo(await reach(ctx), id, right)) };
}

/** The question sets of the library, one's own and those that others share. */
export function setRoutes(): Router {
  const router = new Router({ prefix: '/api/sets' });

  router.get('/', async (ctx) => {
    ctx.body = { sets: await listSets(await reach(ctx), { deleted: ctx.query.deleted === '1' }) };
  });
  router.post('/', async (ctx) => {
    const account = signedIn(ctx);
    ctx.status = 201;
    ctx.body = await createSet(account.id, read(Create, ctx.request.body).set);
  });
  router.get('/:id', async (ctx) => {
    const { id, ownerId, role, mayCopy } = await allowed(ctx, 'read');
    ctx.body = { ...(await readSet(ownerId, id)), role, mayCopy };
  });
  router.put('/:id', async (ctx) => {
    const { id, ownerId, role } = await allowed(ctx, 'edit');
    const { version, set } = read(Save, ctx.request.body);
    // Where a set is filed is its owner's business.
    const { folder } = role === 'owner' ? set : (await readSet(ownerId, id)).set;
    ctx.body = await saveSet(ownerId, id, version, { ...set, folder });
  });
  router.delete('/:id', async (ctx) => {
    const { id, ownerId } = await allowed(ctx, 'own');
    await deleteSet(ownerId, id);
    ctx.status = 204;
  });
  router.post('/:id/restore', async (ctx) => {
    const { id, ownerId } = await allowed(ctx, 'own');
    ctx.body = await restoreSet(ownerId, id);
  });
  for (const on of [true, false])
    router.post(`/:id/${on ? 'archive' : 'unarchive'}`, async (ctx) => {
      const { id, ownerId } = await allowed(ctx, 'own');
      ctx.body = await archiveSet(ownerId, id, on);
    });
  router.post('/:id/copy', async (ctx) => {
    const account = signedIn(ctx);
    const { id, ownerId } = await allowed(ctx, 'copy');
    ctx.status = 201;
    ctx.body = await copySet(ownerId, id, read(Copy, ctx.request.body).title, account.id);
  });
  router.get('/:id/questions', async (ctx) => {
    const { id, ownerId } = await allowed(ctx, 'read');
    await readSet(ownerId, id);
    ctx.body = { questions: await storedQuestionsOf(ownerId, id) };
  });
  router.post('/:id/questions', async (ctx) => {
    const { id, ownerId } = await allowed(ctx, 'edit');
    ctx.status = 201;
    ctx.body = { ids: await addQuestions(ownerId, id, read(Add, ctx.request.body).questions) };
  });
  router.put('/:id/order', async (ctx) => {
    const { id, ownerId } = await allowed(ctx, 'edit');
    await orderQuestions(ownerId, id, read(Order, ctx.request.body).ids);
    ctx.status = 204;
  });
  return router;
}
