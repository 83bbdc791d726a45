import Router from '@koa/router';
import { eveningOf } from '@distaff/core/report';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { hashToken } from '../auth/tokens.ts';
import type { Sittings } from '../db/sittings.ts';
import type { SittingHosts } from '../live/sittingHosts.ts';
import { Problem } from '../problem.ts';

/** So often in a minute one may look at their own, and ask from one address for what is not there. */
const [LOOKS, MISSES] = [30, 60];
const gone = () => new Problem(404, 'notThere', 'noOwnAnswers');

/** What players keep: their own answers, by the token that held their seat. No account is needed. */
export function ownAnswerRoutes(sittings: Sittings, hosts: SittingHosts): Router {
  const router = new Router({ prefix: '/api' });
  const looks = new RateLimiterMemory({ points: LOOKS, duration: 60 });
  const misses = new RateLimiterMemory({ points: MISSES, duration: 60 });
  const within = (limit: RateLimiterMemory, key: string): Promise<unknown> =>
    limit.consume(key).catch(() => {
      throw new Problem(429, 'slow', 'slowDown');
    });

  router.get('/mine', async (ctx) => {
    const [scheme, token] = ctx.get('authorization').split(' ');
    const link = scheme === 'Bearer' && token ? await sittings.ownLinkOf(hashToken(token)) : null;
    // A hall behind one address looks at once: only who guesses costs the address anything.
    if (!link) {
      await within(misses, ctx.ip);
      throw gone();
    }
    await within(looks, `${link.sitting} ${link.seat}`);
    const evening = eveningOf(await hosts.get(link.sitting).host.state(), link.seat);
    if (!evening) throw gone();
    ctx.body = evening;
  });
  return router;
}
