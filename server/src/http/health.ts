import Router from '@koa/router';

/** `/healthz`: are server and database well? `/readyz`: may people be sent here? And where do players come in? */
export function healthRoutes(
  ping: () => Promise<void>,
  ready: () => boolean,
  players: string | null,
): Router {
  const router = new Router();
  const databaseIsWell = () =>
    ping().then(
      () => true,
      () => false,
    );

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
