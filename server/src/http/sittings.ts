import Router from '@koa/router';
import {
  clothOf,
  Id,
  readJoinCode,
  responsesCsv,
  resultsOf,
  standingsCsv,
  tally,
  timeLost,
  type SittingState,
} from '@distaff/core';
import { newToken } from '../auth/tokens.ts';
import type { CodeGuesses } from '../auth/codeGuesses.ts';
import type { SittingInfo, Sittings } from '../db/sittings.ts';
import type { SittingHosts } from '../live/sittingHosts.ts';
import { Problem } from '../problem.ts';
import { pageOf, read, signedIn, type Ctx } from './context.ts';
import { fileName } from './fileName.ts';

/** Sittings: their list, results and files; and whether a join code leads anywhere. */
export function sittingRoutes(sittings: Sittings, hosts: SittingHosts, guesses: CodeGuesses): Router {
  const router = new Router({ prefix: '/api' });

  const mine = async (
    ctx: Ctx & { params: Record<string, string> },
  ): Promise<{ info: SittingInfo; state: SittingState }> => {
    const info = await sittings.ofAccount(signedIn(ctx).id, read(Id, ctx.params.id));
    return { info, state: await hosts.get(info.id).host.state() };
  };

  router.get('/sittings', async (ctx) => {
    const { limit, offset } = pageOf(ctx);
    ctx.body = await sittings.list(signedIn(ctx).id, limit, offset);
  });
  router.get('/sittings/:id', async (ctx) => {
    ctx.body = await sittings.ofAccount(signedIn(ctx).id, read(Id, ctx.params.id));
  });
  router.get('/sittings/:id/results', async (ctx) => {
    const { info, state } = await mine(ctx);
    ctx.body = { sitting: info, results: resultsOf(state), cloth: clothOf(state) };
  });
  router.get('/sittings/:id/tally', async (ctx) => {
    const { info, state } = await mine(ctx);
    const log = await hosts.get(info.id).host.log();
    ctx.body = { tally: tally(log, state.scores), time: timeLost(log) };
  });
  /** The sitting, where whoever asks opened it. */
  const opened = async (ctx: Ctx & { params: Record<string, string> }): Promise<SittingInfo> => {
    const account = signedIn(ctx);
    const info = await sittings.ofAccount(account.id, read(Id, ctx.params.id));
    if (info.accountId === account.id) return info;
    throw new Problem(403, 'notAllowed', 'Only who opened the doors can do that.');
  };
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

  const files = { standings: standingsCsv, responses: responsesCsv };
  for (const [what, toText] of Object.entries(files))
    router.get(`/sittings/:id/${what}.csv`, async (ctx) => {
      const { info, state } = await mine(ctx);
      ctx.type = 'text/csv; charset=utf-8';
      ctx.set('Content-Disposition', `attachment; filename="${fileName(info.title, what, 'csv')}"`);
      ctx.body = toText(resultsOf(state));
    });

  router.get('/join/:code', async (ctx) => {
    const now = Date.now();
    const code = readJoinCode(ctx.params.code ?? '');
    const info = code && (await sittings.byCode(code, now));
    // Where people of this sitting are, one who guesses costs the others nothing.
    const known = info && hosts.get(info.id).addresses.has(ctx.ip);
    if (guesses.wait(ctx.ip, now) > 0 && !known)
      throw new Problem(429, 'slow', 'Too many wrong codes. Wait a moment and try again.');
    if (!info) {
      guesses.failed(ctx.ip, now);
      throw new Problem(404, 'notThere', 'No show is open under this code. Look at the stage again.');
    }
    ctx.body = { code: info.code, title: info.title };
  });

  return router;
}
