import Router from '@koa/router';
import { setFileSchema, showFileSchema } from '@distaff/core/interchange';
import { createFilledSet } from '../db/sets.ts';
import { Problem } from '../problem.ts';
import type { ReadyMade } from '../readyMade.ts';
import { addressOf, signedIn } from './context.ts';

/** Sets that ship with the application, to be copied; and the schema in which sets go out. */
export function readyMadeRoutes(sets: readonly ReadyMade[]): Router {
  const router = new Router();

  router.get('/api/ready-made', (ctx) => {
    signedIn(ctx);
    ctx.body = {
      sets: sets.map(({ name, set, questions }) => ({ name, ...set, questions: questions.length })),
    };
  });
  router.post('/api/ready-made/:name/copy', async (ctx) => {
    const account = signedIn(ctx);
    const found = sets.find((one) => one.name === ctx.params.name);
    if (!found) throw new Problem(404, 'notThere', 'noReadyMade');
    ctx.body = await createFilledSet(account.id, found.set, found.questions);
    ctx.status = 201;
  });
  router.get('/schemas/question-set.json', (ctx) => {
    ctx.type = 'application/schema+json';
    ctx.body = JSON.stringify(setFileSchema(`${addressOf(ctx)}/schemas/question-set.json`), null, 2);
  });
  router.get('/schemas/show.json', (ctx) => {
    ctx.type = 'application/schema+json';
    ctx.body = JSON.stringify(showFileSchema(`${addressOf(ctx)}/schemas/show.json`), null, 2);
  });
  return router;
}
