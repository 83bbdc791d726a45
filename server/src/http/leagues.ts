import Router from '@koa/router';
import { leagueCsv } from '@distaff/core/interchange';
import { League, leagueTable, publicTable } from '@distaff/core/term';
import { Id } from '@distaff/core/text';
import type { LeaguePage, PublicLeague } from '@distaff/core/wire';
import { newToken } from '../auth/tokens.ts';
import type { Digests } from '../db/digests.ts';
import type { KeptLeague, Leagues } from '../db/leagues.ts';
import { read, signedIn, type Ctx } from './context.ts';
import { fileName } from './fileName.ts';

/** Leagues: seasons of games with their tables, and the page of each for everybody who has its link. */
export function leagueRoutes(leagues: Leagues, digests: Digests): Router {
  const router = new Router({ prefix: '/api' });
  type At = Ctx & { params: Record<string, string> };
  const mine = (ctx: At): Promise<KeptLeague> => leagues.ofAccount(signedIn(ctx).id, read(Id, ctx.params.id));
  const tableOf = async ({ accountId, league }: KeptLeague) =>
    leagueTable(await digests.ofLeague(accountId, league.games, league.shows), league.rule, league.said);
  const page = async (kept: KeptLeague): Promise<LeaguePage> => ({
    id: kept.id,
    league: kept.league,
    publicKey: kept.publicKey,
    table: await tableOf(kept),
    games: await digests.games(kept.accountId),
  });

  router.get('/leagues', async (ctx) => {
    const all = await leagues.list(signedIn(ctx).id);
    ctx.body = { leagues: all.map(({ id, league }) => ({ id, title: league.title })) };
  });
  router.post('/leagues', async (ctx) => {
    ctx.status = 201;
    ctx.body = { id: (await leagues.create(signedIn(ctx).id, read(League, ctx.request.body))).id };
  });
  router.get('/leagues/:id', async (ctx) => {
    ctx.body = await page(await mine(ctx));
  });
  router.put('/leagues/:id', async (ctx) => {
    const kept = await mine(ctx);
    await leagues.change(kept.id, read(League, ctx.request.body));
    ctx.body = await page(await mine(ctx));
  });
  router.delete('/leagues/:id', async (ctx) => {
    await leagues.remove((await mine(ctx)).id);
    ctx.status = 204;
  });
  router.put('/leagues/:id/link', async (ctx) => {
    const kept = await mine(ctx);
    if (kept.publicKey === null) await leagues.publish(kept.id, newToken());
    ctx.body = await page(await mine(ctx));
  });
  router.delete('/leagues/:id/link', async (ctx) => {
    await leagues.publish((await mine(ctx)).id, null);
    ctx.body = await page(await mine(ctx));
  });
  router.get('/leagues/:id/table.csv', async (ctx) => {
    const kept = await mine(ctx);
    ctx.type = 'text/csv; charset=utf-8';
    ctx.set('Content-Disposition', `attachment; filename="${fileName(kept.league.title, 'league', 'csv')}"`);
    ctx.body = leagueCsv(await tableOf(kept), (ms) => new Date(ms).toISOString().slice(0, 10));
  });

  // For everybody: nothing but the table, and names only where its host wants them there.
  router.get('/public/leagues/:key', async (ctx) => {
    const kept = await leagues.byKey(read(Id, ctx.params.key));
    const { title, isNamed } = kept.league;
    const shown: PublicLeague = { title, isNamed, ...publicTable(await tableOf(kept), isNamed) };
    ctx.body = shown;
  });
  return router;
}
