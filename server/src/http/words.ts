import Router from '@koa/router';
import { unwantedLanguages } from '../live/unwanted.ts';

/** For which languages there are lists of unwanted words; the lists themselves are shown to nobody. */
export function wordRoutes(): Router {
  const router = new Router();
  router.get('/api/words', (ctx) => {
    ctx.body = { languages: unwantedLanguages };
  });
  return router;
}
