import Router from '@koa/router';
import { eveningOf } from '@distaff/core/report';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { hashToken } from '../auth/tokens.ts';
import type { Sittings } from '../db/sittings.ts';
import type { SittingHosts } from '../live/sittingHosts.ts';
import { Problem } from '../problem.ts';

/** So often one address may ask in a minute: a class behind one comes at once. */
const LOOKS = 300;
const gone = () =>
  new Problem(404, 'notThere', 'There are no answers here any more. Ask whoever hosted the game.');

/** What players keep: their own answers, by the token that held their seat. No account is needed. */
export function ownAnswerRoutes(sittings: Sittings, hosts: SittingHosts): Router {
  const router = new Router({ prefix: '/api' });
  const looks = new RateLimiterMemory({ points: LOOKS, duration: 60 });

  router.get('/mine', async (ctx) => {
    await looks.consume(ctx.ip).catch(() => {
      throw new Problem(429, 'slow', 'That was too much at once. Wait a moment and try again.');
    });
    const [scheme, token] = ctx.get('authorization').split(' ');
    const link = scheme === 'Bearer' && token ? await sittings.ownLinkOf(hashToken(token)) : null;
    if (!link) throw gone();
    const evening = eveningOf(await hosts.get(link.sitting).host.state(), link.seat);
    if (!evening) throw gone();
    ctx.body = evening;
  });
  return router;
}
