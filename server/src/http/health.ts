import Router from '@koa/router';

/** Without an answer for so long (ms) the database is not well. */
const LONGEST = 2000;

/** `/healthz`: are server and database well? `/readyz`: may people be sent here? And where do players come in? */
export function healthRoutes(
  ping: () => Promise<void>,
  ready: () => boolean,
  players: string | null,
): Router {
  const router = new Router();
  // A database that hangs does not answer at all: whoever watches is told in time.
  const databaseIsWell = () =>
    Promise.race([
      ping().then(
        () => true,
        () => false,
      ),
      new Promise<boolean>((resolve) => setTimeout(() => resolve(false), LONGEST).unref()),
    ]);

  router.get('/healthz', async (ctx) => {
    const database = await databaseIsWell();
    ctx.status = database ? 200 : 503;
    ctx.body = { server: 'well', database: database ? 'well' : 'away' };
  });
  router.get('/readyz', async (ctx) => {
    const can = ready() && (await databaseIsWell());
    ctx.status = can ? 200 : 503;
    ctx.body = { ready: can };
  });
  router.get('/api/address', (ctx) => {
    ctx.body = { players };
  });
  return router;
}
