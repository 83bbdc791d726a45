import Router from '@koa/router';
import { Id } from '@distaff/core/text';
import { Selection } from '@distaff/core/library';
import type { Usual } from '@distaff/core/learn';
import * as v from 'valibot';
import { accessTo, reachOf, accessToShow } from '../db/access.ts';
import { accountById } from '../db/accounts.ts';
import type { LearntQuestions } from '../db/learnt.ts';
import type { Selections } from '../db/selections.ts';
import { read, signedIn } from './context.ts';

const Take = v.object({
  rule: Selection,
  group: v.pipe(v.string(), v.maxLength(40)),
  taken: v.pipe(v.array(Id), v.maxLength(5000)),
  /** The show that the questions are for: they come from the library of its owner, as at the doors. */
  show: v.optional(Id),
});
const Some = v.object({ ids: v.pipe(v.array(Id), v.maxLength(2000)) });

/** A fit that is done within this time (ms) is waited for. */
const SOON = 1500;

/** Questions taken by a rule, how questions did so far, and how fast shows of a host go. */
export function selectionRoutes(selections: Selections, learnt: LearntQuestions): Router {
  const router = new Router({ prefix: '/api' });
  router.post('/selections', async (ctx) => {
    const account = signedIn(ctx);
    const { rule, group, taken, show } = read(Take, ctx.request.body);
    const owner = show ? await accountById((await accessToShow(account, show, 'edit')).ownerId) : account;
    ctx.body = await selections.take(await reachOf(owner!), rule, group, new Set(taken));
    // What is new by now helps whoever takes next.
    if (rule.difficulty) learnt.refresh(owner!.id).catch(() => undefined);
  });
  router.post('/measured', async (ctx) => {
    const account = signedIn(ctx);
    const { ids } = read(Some, ctx.request.body);
    // What was not fitted yet is told as it was measured.
    const measured: Record<string, Usual> = {};
    for (const [id, one] of Object.entries(await selections.measured(account.id, ids)))
      measured[id] = { ...one, seconds: null };
    ctx.body = { measured: { ...measured, ...(await learnt.usual(account.id, ids)) } };
    learnt.refresh(account.id).catch(() => undefined);
  });
  // Looked at while it is worked out: what was known before, and how far the new is.
  router.get('/learnt/:set', async (ctx) => {
    const account = signedIn(ctx);
    const set = read(Id, ctx.params.set);
    await accessTo(await reachOf(account), set, 'read');
    const refreshed = learnt.refresh(account.id);
    // What fails later on is told to whoever asks next.
    refreshed.catch(() => undefined);
    await Promise.race([refreshed, new Promise((resolve) => setTimeout(resolve, SOON))]);
    ctx.body = { working: learnt.progress(account.id), questions: await learnt.ofSet(account.id, set) };
  });
  router.get('/pace', async (ctx) => {
    ctx.body = await selections.pace(signedIn(ctx).id);
  });
  return router;
}
