import Router from '@koa/router';
import { Id } from '@distaff/core/text';
import { Roster } from '@distaff/core/library';
import type { Rosters } from '../db/rosters.ts';
import { read, signedIn } from './context.ts';

/** Classes and clubs that a host keeps for many shows. */
export function rosterRoutes(rosters: Rosters): Router {
  const router = new Router({ prefix: '/api/rosters' });
  router.get('/', async (ctx) => {
    ctx.body = { rosters: await rosters.list(signedIn(ctx).id) };
  });
  router.put('/', async (ctx) => {
    const account = signedIn(ctx);
    await rosters.keep(account.id, read(Roster, ctx.request.body));
    ctx.body = { rosters: await rosters.list(account.id) };
  });
  router.delete('/:id', async (ctx) => {
    const account = signedIn(ctx);
    await rosters.drop(account.id, read(Id, ctx.params.id));
    ctx.body = { rosters: await rosters.list(account.id) };
  });
  return router;
}
