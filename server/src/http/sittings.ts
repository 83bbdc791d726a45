import Router from '@koa/router';
import { Id, readJoinCode } from '@distaff/core/text';
import { tally, timeLost } from '@distaff/core/rehearsal';
import * as v from 'valibot';
import { newToken } from '../auth/tokens.ts';
import type { CodeGuesses } from '../auth/codeGuesses.ts';
import type { SittingInfo, Sittings } from '../db/sittings.ts';
import type { Practices } from '../db/practices.ts';
import type { SittingHosts } from '../live/sittingHosts.ts';
import { Problem } from '../problem.ts';
import { pageOf, read, signedIn, type Ctx } from './context.ts';

const Closed = v.object({ closed: v.boolean() });

/** Sittings: their list, and who may come to their desks; and whether a join code leads anywhere. */
export function sittingRoutes(
  sittings: Sittings,
  hosts: SittingHosts,
  practices: Practices,
  guesses: CodeGuesses,
): Router {
  const router = new Router({ prefix: '/api' });

  type Asked = Ctx & { params: Record<string, string> };
  const mine = (ctx: Asked): Promise<SittingInfo> =>
    sittings.ofAccount(signedIn(ctx).id, read(Id, ctx.params.id));
  /** The sitting, where whoever asks opened it. */
  const opened = async (ctx: Asked): Promise<SittingInfo> => {
    const info = await mine(ctx);
    if (info.accountId === signedIn(ctx).id) return info;
    throw new Problem(403, 'notAllowed', 'openerOnly');
  };

  router.get('/sittings', async (ctx) => {
    const { limit, offset } = pageOf(ctx);
    ctx.body = await sittings.list(signedIn(ctx).id, limit, offset, ctx.query.deleted === '1');
  });
  // Only who opened the doors clears up behind them.
  router.delete('/sittings/:id', async (ctx) => {
    const info = await opened(ctx);
    await sittings.remove(info);
    await hosts.drop(info.id);
    ctx.status = 204;
  });
  router.post('/sittings/:id/restore', async (ctx) => {
    await sittings.restore(signedIn(ctx).id, read(Id, ctx.params.id));
    ctx.status = 204;
  });
  router.post('/sittings/:id/anonymous', async (ctx) => {
    const info = await opened(ctx);
    // The one writer of it does that: nothing is played, marked or kept meanwhile.
    await hosts.get(info.id).host.rewrite(() => sittings.makeAnonymous(info));
    ctx.status = 204;
  });
  router.post('/sittings/:id/clear', async (ctx) => {
    const info = await opened(ctx);
    await hosts.get(info.id).host.rewrite(() => sittings.clear(info));
    ctx.status = 204;
  });
  router.put('/sittings/:id/answers-closed', async (ctx) => {
    const { id } = await opened(ctx);
    await sittings.closeAnswers(id, read(Closed, ctx.request.body).closed);
    ctx.status = 204;
  });
  router.get('/sittings/:id', async (ctx) => {
    ctx.body = await mine(ctx);
  });
  router.get('/sittings/:id/tally', async (ctx) => {
    const { host } = hosts.get((await mine(ctx)).id);
    const [log, { scores }] = [await host.log(), await host.state()];
    ctx.body = { tally: tally(log, scores), time: timeLost(log) };
  });
  // A co-host comes to the desk by a link, with no account: it can be made once and closed again.
  router.post('/sittings/:id/desk-link', async (ctx) => {
    const { id } = await opened(ctx);
    const key = (await sittings.deskKey(id)) ?? newToken();
    await sittings.setDeskKey(id, key);
    ctx.body = { key };
  });
  router.delete('/sittings/:id/desk-link', async (ctx) => {
    const { id } = await opened(ctx);
    await sittings.setDeskKey(id, null);
    hosts.get(id).audiences.turnCoHostsAway();
    // They knew the link of the stage as well, and a stage answers for the team on the floor.
    const key = newToken();
    await sittings.setStageKey(id, key);
    hosts.changeStageKey(id, key);
    ctx.status = 204;
  });

  router.get('/join/:code', async (ctx) => {
    const now = Date.now();
    const code = readJoinCode(ctx.params.code ?? '');
    const info = code && (await sittings.byCode(code, now));
    // Where people of this sitting are, one who guesses costs the others nothing.
    const known = info && hosts.get(info.id).addresses.has(ctx.ip);
    if (!known && (await guesses.wait(ctx.ip)) > 0) throw new Problem(429, 'slow', 'wrongCodes');
    if (!info) {
      const practice = code && (await practices.byCode(code));
      if (practice) {
        ctx.body = { code, title: practice.title, practice: true };
        return;
      }
      await guesses.failed(ctx.ip);
      throw new Problem(404, 'notThere', 'codeNotOpen');
    }
    ctx.body = { code: info.code, title: info.title, practice: false };
  });

  return router;
}
