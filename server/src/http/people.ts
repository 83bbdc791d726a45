import Router from '@koa/router';
import { nameKey } from '@distaff/core/report';
import * as v from 'valibot';
import type { People } from '../db/people.ts';
import type { SittingHosts } from '../live/sittingHosts.ts';
import { read, signedIn } from './context.ts';
import { fileName } from './fileName.ts';

const Wanted = v.object({
  name: v.pipe(
    v.string(),
    v.trim(),
    v.maxLength(80),
    v.check((name) => nameKey(name) !== '', 'Enter a name.'),
  ),
});
const Days = v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(3650));
const Keeping = v.object({ days: v.nullable(Days) });
const Trial = v.object({ days: v.pipe(v.string(), v.transform(Number), Days) });

/** One person's data over everything that a host has: found, taken out, removed; and how long people are kept at all. */
export function peopleRoutes(people: People, hosts: SittingHosts): Router {
  const router = new Router({ prefix: '/api/people' });
  router.get('/', async (ctx) => {
    ctx.body = { people: await people.find(signedIn(ctx).id, read(Wanted, ctx.query).name) };
  });
  router.get('/everything.json', async (ctx) => {
    const { name } = read(Wanted, ctx.query);
    ctx.set('Content-Disposition', `attachment; filename="${fileName(name, 'everything', 'json')}"`);
    ctx.type = 'application/json; charset=utf-8';
    ctx.body = JSON.stringify(await people.everythingOf(signedIn(ctx).id, name), null, 2);
  });
  router.delete('/', async (ctx) => {
    const { name } = read(Wanted, ctx.query);
    await people.remove(signedIn(ctx).id, name, (id, work) => hosts.get(id).host.rewrite(work));
    ctx.status = 204;
  });
  router.get('/keeping', async (ctx) => {
    ctx.body = { days: await people.forgetAfter(signedIn(ctx).id) };
  });
  /** What a rule would do, before it is made. */
  router.get('/keeping/trial', async (ctx) => {
    ctx.body = await people.willForget(signedIn(ctx).id, read(Trial, ctx.query).days, Date.now());
  });
  router.put('/keeping', async (ctx) => {
    await people.setForgetAfter(signedIn(ctx).id, read(Keeping, ctx.request.body).days);
    ctx.status = 204;
  });
  return router;
}
