import Router from '@koa/router';
import { MarkRule, usualMarks } from '@distaff/core/report';
import { compare, groupTerm, termMarks, type Dated } from '@distaff/core/term';
import { countingAttempts } from '@distaff/core/practice';
import type { Question } from '@distaff/core/question';
import { Id } from '@distaff/core/text';
import type { ComparedSide, GroupPage } from '@distaff/core/wire';
import * as v from 'valibot';
import type { Digests } from '../db/digests.ts';
import type { MarkRules } from '../db/markRules.ts';
import type { Rosters } from '../db/rosters.ts';
import { Problem } from '../problem.ts';
import { read, signedIn, type Ctx } from './context.ts';

const Name = v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(40));
const Said = v.pipe(
  v.array(
    v.object({
      a: v.pipe(v.string(), v.maxLength(120)),
      b: v.pipe(v.string(), v.maxLength(120)),
      same: v.boolean(),
    }),
  ),
  v.maxLength(500),
);
const Wanted = v.object({
  ids: v.pipe(v.array(v.pipe(v.string(), v.maxLength(200))), v.minLength(1), v.maxLength(500)),
});
const Several = v.picklist(countingAttempts);
const TermRule = v.object({
  rule: MarkRule,
  several: Several,
  without: v.pipe(v.array(Id), v.maxLength(500)),
});
const Sides = v.object({
  first: v.pipe(v.string(), v.maxLength(60)),
  second: v.pipe(v.string(), v.maxLength(60)),
});

/** Groups over all of their games and practices: attendance, progress, what was missed, marks of a term, comparisons. */
export function groupRoutes(
  digests: Digests,
  rosters: Rosters,
  rules: MarkRules,
  questionsOf: (account: string, found: readonly Dated[], ids: readonly string[]) => Promise<Question[]>,
): Router {
  const router = new Router({ prefix: '/api' });
  type At = Ctx & { params: Record<string, string> };

  /** Everything that is known of one group. */
  const groupOf = async (account: string, name: string) => {
    const [games, list, said] = await Promise.all([
      digests.ofGroup(account, name),
      rosters.named(account, name),
      digests.said(account, name),
    ]);
    if (games.length === 0 && list === null) throw new Problem(404, 'notThere', 'noGroup');
    return { name, games, list: list ?? [], said };
  };
  const mine = (ctx: At) => groupOf(signedIn(ctx).id, read(Name, ctx.params.name));
  const pageOf = async (ctx: At): Promise<GroupPage> => {
    const { name, games, list, said } = await mine(ctx);
    return { name, list, said, term: groupTerm(games, list, said), now: Date.now() };
  };

  router.get('/groups', async (ctx) => {
    const { id } = signedIn(ctx);
    const [lists, played] = [await rosters.list(id), await digests.groups(id)];
    const names = [...new Set([...lists, ...played].map(({ name }) => name))];
    ctx.body = {
      groups: names.map((name) => ({
        name,
        people: lists.find((one) => one.name === name)?.names.length ?? null,
        games: played.find((one) => one.name === name)?.games ?? 0,
        lastAt: played.find((one) => one.name === name)?.lastAt ?? null,
      })),
    };
  });
  router.get('/groups/:name', async (ctx) => {
    ctx.body = await pageOf(ctx);
  });
  router.put('/groups/:name/said', async (ctx) => {
    await digests.say(signedIn(ctx).id, read(Name, ctx.params.name), read(Said, ctx.request.body));
    ctx.body = await pageOf(ctx);
  });
  /** Questions of its games, for a set to revisit: as they stand in the library today, else as they were played. */
  router.post('/groups/:name/questions', async (ctx) => {
    const { ids } = read(Wanted, ctx.request.body);
    const { games } = await mine(ctx);
    ctx.body = { questions: await questionsOf(signedIn(ctx).id, games, ids) };
  });

  // A rule is tried before it is kept.
  router.get('/groups/:name/marks', async (ctx) => {
    const account = signedIn(ctx).id;
    const { name } = await mine(ctx);
    ctx.body = (await rules.ofTerm(account, name)) ?? {
      rule: (await rules.ofGroup(account, name)) ?? usualMarks,
      several: 'mean',
      without: [],
    };
  });
  router.post('/groups/:name/marks', async (ctx) => {
    const account = signedIn(ctx).id;
    const { rule, several, without } = read(TermRule, ctx.request.body);
    const { games, list, said } = await mine(ctx);
    const own = games.filter(({ sitting }) => !without.includes(sitting));
    const leftOut = await rules.allLeftOut(
      account,
      own.map(({ sitting }) => sitting),
    );
    ctx.body = { marks: termMarks(own, list, said, rule, several, leftOut) };
  });
  router.put('/groups/:name/marks', async (ctx) => {
    const name = read(Name, ctx.params.name);
    await rules.keepTerm(signedIn(ctx).id, name, read(TermRule, ctx.request.body));
    ctx.status = 204;
  });

  router.get('/comparison', async (ctx) => {
    const account = signedIn(ctx).id;
    const { first, second } = read(Sides, ctx.query);
    /** `group:NAME`, or `game:ID`. */
    const side = async (
      ref: string,
    ): Promise<{ games: Dated[]; told: ComparedSide; said: Awaited<ReturnType<typeof groupOf>>['said'] }> => {
      const [what, which] = [ref.slice(0, ref.indexOf(':')), ref.slice(ref.indexOf(':') + 1)];
      if (what === 'group') {
        const { games, said } = await groupOf(account, read(Name, which));
        return { games, said, told: { name: which, at: null } };
      }
      const games = await digests.ofGames(account, [read(Id, which)]);
      if (!games[0]) throw new Problem(404, 'notThere', 'noGameOver');
      return { games, said: [], told: { name: games[0].title, at: games[0].at } };
    };
    const [a, b] = [await side(first), await side(second)];
    ctx.body = {
      first: a.told,
      second: b.told,
      comparison: compare(a.games, b.games, [...a.said, ...b.said]),
    };
  });
  return router;
}
