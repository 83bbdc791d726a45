import Router from '@koa/router';
import { responsesSheet, standingsSheet } from '@distaff/core/interchange';
import { asWritten } from '@distaff/core/learn';
import type { Random } from '@distaff/core/random';
import { isRefusal, type Refusal } from '@distaff/core/refusal';
import { MarkRule, movesBetween, personOf, scoreHistory } from '@distaff/core/report';
import { barredCorrection, Correction } from '@distaff/core/sitting';
import { Id } from '@distaff/core/text';
import type { SittingResults } from '@distaff/core/wire';
import * as v from 'valibot';
import type { MarkRules } from '../db/markRules.ts';
import type { SittingInfo, Sittings } from '../db/sittings.ts';
import { preview } from '../live/preview.ts';
import type { SittingHosts } from '../live/sittingHosts.ts';
import { Problem } from '../problem.ts';
import { read, signedIn, type Ctx } from './context.ts';
import { fileName } from './fileName.ts';
import { csvBody } from './streamed.ts';

const Asked = v.object({ id: Id, command: Correction });
const Wanted = v.object({ ids: v.pipe(v.array(Id), v.maxLength(500)) });
const Marking = v.object({
  rule: MarkRule,
  leftOut: v.pipe(v.array(v.pipe(v.number(), v.integer(), v.minValue(1))), v.maxLength(2000)),
});
const OfTeam = v.object({ team: v.optional(Id) });

/** What came of a sitting: its report, people and score history, files, and what is put right afterwards. */
export function resultRoutes(
  sittings: Sittings,
  hosts: SittingHosts,
  rules: MarkRules,
  random: Random,
): Router {
  const router = new Router({ prefix: '/api/sittings/:id' });
  type At = Ctx & { params: Record<string, string> };

  const mine = (ctx: At): Promise<SittingInfo> =>
    sittings.ofAccount(signedIn(ctx).id, read(Id, ctx.params.id));
  const stateOf = async (ctx: At) => hosts.get((await mine(ctx)).id).host.state();
  const report = async (ctx: At): Promise<SittingResults> => {
    const sitting = await mine(ctx);
    return { sitting, ...(await sittings.report(sitting, () => hosts.get(sitting.id).host.state())) };
  };
  const results = async (ctx: At) => {
    const sitting = await mine(ctx);
    return { sitting, ...(await sittings.results(sitting, () => hosts.get(sitting.id).host.state())) };
  };
  const refused = ({ says, given }: Refusal) => new Problem(409, 'notNow', says, {}, given);

  router.get('/results', async (ctx) => {
    ctx.body = await report(ctx);
  });
  router.get('/responses', async (ctx) => {
    ctx.body = { responses: (await results(ctx)).results.responses };
  });
  router.get('/scores', async (ctx) => {
    ctx.body = scoreHistory(await stateOf(ctx), read(OfTeam, ctx.query).team ?? null);
  });
  router.get('/people/:who', async (ctx) => {
    const person = personOf(await stateOf(ctx), read(Id, ctx.params.who));
    if (!person) throw new Problem(404, 'notThere', 'nobodyPlayed');
    ctx.body = person;
  });

  // Marks themselves are worked out where they are looked at: what is kept is how.
  const groupOf = async (ctx: At) => {
    const { sitting, report: own } = await report(ctx);
    return { account: signedIn(ctx).id, sitting: sitting.id, group: own.group };
  };
  router.get('/marks', async (ctx) => {
    const { account, sitting, group } = await groupOf(ctx);
    ctx.body = {
      group,
      rule: await rules.ofGroup(account, group),
      leftOut: await rules.leftOut(account, sitting),
    };
  });
  router.put('/marks', async (ctx) => {
    const { account, sitting, group } = await groupOf(ctx);
    const { rule, leftOut } = read(Marking, ctx.request.body);
    await rules.keep(account, { group, sitting, rule, leftOut });
    ctx.status = 204;
  });

  /** Questions of it as they were played, for the library. */
  router.post('/questions', async (ctx) => {
    const { ids } = read(Wanted, ctx.request.body);
    const { questions } = (await stateOf(ctx)).show;
    ctx.body = { questions: ids.flatMap((id) => (questions[id] ? [asWritten(questions[id])] : [])) };
  });

  /** The host of a sitting that is closed: while it is on, its desk puts things right. */
  const closed = async (ctx: At, command: Correction) => {
    const { host } = hosts.get((await mine(ctx)).id);
    const state = await host.state();
    const barred = barredCorrection(state, command);
    if (barred)
      throw new Problem(409, state.phase === 'closed' ? 'notNow' : 'stillOn', barred.says, {}, barred.given);
    return host;
  };
  router.post('/corrections/preview', async (ctx) => {
    const { command } = read(Asked, ctx.request.body);
    const host = await closed(ctx, command);
    const actor = { role: 'host', id: signedIn(ctx).id } as const;
    const both = await preview(host, command, { actor, now: Date.now(), random });
    if (isRefusal(both)) throw refused(both);
    ctx.body = movesBetween(both.before, both.after);
  });
  router.post('/corrections', async (ctx) => {
    const { id, command } = read(Asked, ctx.request.body);
    const host = await closed(ctx, command);
    const answer = await host.submit({ id, command, actor: { role: 'host', id: signedIn(ctx).id } });
    if (isRefusal(answer)) throw refused(answer);
    ctx.body = await report(ctx);
  });

  const files = { standings: standingsSheet, responses: responsesSheet };
  for (const [what, sheet] of Object.entries(files))
    router.get(`/${what}.csv`, async (ctx) => {
      const { sitting, results: own } = await results(ctx);
      ctx.type = 'text/csv; charset=utf-8';
      ctx.set('Content-Disposition', `attachment; filename="${fileName(sitting.title, what, 'csv')}"`);
      ctx.body = csvBody(...sheet(own));
    });

  return router;
}
