import Router from '@koa/router';
import { Id, Selection } from '@distaff/core';
import * as v from 'valibot';
import type { Selections } from '../db/selections.ts';
import { reach, read, signedIn } from './context.ts';

const Take = v.object({
  rule: Selection,
  group: v.pipe(v.string(), v.maxLength(40)),
  taken: v.pipe(v.array(Id), v.maxLength(5000)),
});
const Some = v.object({ ids: v.pipe(v.array(Id), v.maxLength(2000)) });

/** Questions taken by a rule, how questions did so far, and how fast shows of a host go. */
export function selectionRoutes(selections: Selections): Router {
  const router = new Router({ prefix: '/api' });
  router.post('/selections', async (ctx) => {
    signedIn(ctx);
    const { rule, group, taken } = read(Take, ctx.request.body);
    ctx.body = await selections.take(await reach(ctx), rule, group, new Set(taken));
  });
  router.post('/measured', async (ctx) => {
    const account = signedIn(ctx);
    ctx.body = { measured: await selections.measured(account.id, read(Some, ctx.request.body).ids) };
  });
  router.get('/pace', async (ctx) => {
    ctx.body = await selections.pace(signedIn(ctx).id);
  });
  return router;
}
