import Router from '@koa/router';
import { statementsOf, XAPI_VERSION, type Statement } from '@distaff/core/interchange';
import { Id } from '@distaff/core/text';
import * as v from 'valibot';
import type { Sittings } from '../db/sittings.ts';
import type { SittingHosts } from '../live/sittingHosts.ts';
import { sendJson } from '../outgoing.ts';
import { Problem } from '../problem.ts';
import { addressOf, read, signedIn, type Ctx } from './context.ts';
import { fileName } from './fileName.ts';
import { RecordStore } from './recordStore.ts';
import { jsonBody } from './streamed.ts';

/** Where the stand-in for a store lies on this server. */
const STAND_IN = '/api/stand-ins/record-store';
const AT_ONCE = 200;
const Target = v.object({
  url: v.pipe(v.string(), v.trim(), v.maxLength(500)),
  user: v.pipe(v.string(), v.maxLength(200)),
  password: v.pipe(v.string(), v.maxLength(200)),
});

function addressIn(text: string): URL {
  const url = URL.canParse(text) ? new URL(text) : null;
  if (!url || !['http:', 'https:'].includes(url.protocol)) throw new Problem(400, 'invalid', 'storeAddress');
  url.pathname = `${url.pathname.replace(/\/+$/, '')}/statements`;
  return url;
}

/** Learning records of games: as a file, or sent to a store; and a stand-in for such a store. */
export function recordRoutes(sittings: Sittings, hosts: SittingHosts): Router {
  const router = new Router({ prefix: '/api' });
  const store = new RecordStore();
  type At = Ctx & { params: Record<string, string> };

  async function statements(ctx: At): Promise<{ title: string; all: Statement[] }> {
    const sitting = await sittings.ofAccount(signedIn(ctx).id, read(Id, ctx.params.id));
    if (sitting.closedAt === null) throw new Problem(409, 'stillOn', 'stillOn');
    if (sitting.anonymousSince !== null) throw new Problem(409, 'notNow', 'gameAnonymous');
    const worked = await sittings.results(sitting, () => hosts.get(sitting.id).host.state());
    const all = statementsOf(worked, { id: sitting.id, home: addressOf(ctx), at: sitting.closedAt });
    return { title: sitting.title, all };
  }

  router.get('/sittings/:id/statements.json', async (ctx) => {
    const { title, all } = await statements(ctx);
    ctx.set('Content-Disposition', `attachment; filename="${fileName(title, 'xapi', 'json')}"`);
    ctx.type = 'application/json; charset=utf-8';
    ctx.body = jsonBody(all);
  });
  router.post('/sittings/:id/statements', async (ctx) => {
    const { url, user, password } = read(Target, ctx.request.body);
    const { all } = await statements(ctx);
    const headers = {
      'X-Experience-API-Version': XAPI_VERSION,
      authorization: `Basic ${Buffer.from(`${user}:${password}`).toString('base64')}`,
    };
    const isOwn = url.startsWith(STAND_IN);
    const to = isOwn ? null : addressIn(url);
    for (let from = 0; from < all.length; from += AT_ONCE) {
      const part = all.slice(from, from + AT_ONCE);
      const answer = to
        ? await sendJson(to, headers, JSON.stringify(part)).catch(() => null)
        : store.take({ version: XAPI_VERSION, authorization: headers.authorization }, part);
      if (!answer) throw new Problem(502, 'notThere', 'storeAway');
      if (answer.status === 401 || answer.status === 403)
        throw new Problem(502, 'notAllowed', 'storeRefusesUser');
      // What a store has already is no trouble: it was sent before.
      if (answer.status >= 400 && answer.status !== 409)
        throw new Problem(502, 'refused', 'storeRefused', {}, { status: answer.status });
    }
    ctx.body = { sent: all.length };
  });

  router.post('/stand-ins/record-store/statements', (ctx) => {
    const { status, body } = store.take(
      { version: ctx.get('x-experience-api-version'), authorization: ctx.get('authorization') },
      ctx.request.body,
    );
    ctx.status = status;
    ctx.set('X-Experience-API-Version', XAPI_VERSION);
    ctx.body = typeof body === 'string' ? { sentence: body } : body;
  });
  return router;
}
