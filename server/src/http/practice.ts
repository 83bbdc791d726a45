import Router from '@koa/router';
import { isClosed, minutesOf, sizeOf, standingOf } from '@distaff/core/practice';
import { isRefusal } from '@distaff/core/refusal';
import { SeatCommand } from '@distaff/core/sitting';
import { defaultLook, lookView, weaveAt } from '@distaff/core/show';
import { foldText, Id, readJoinCode } from '@distaff/core/text';
import type { MyPractice, PracticeHead } from '@distaff/core/wire';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import * as v from 'valibot';
import type { CodeGuesses } from '../auth/codeGuesses.ts';
import { hashToken } from '../auth/tokens.ts';
import { accountById } from '../db/accounts.ts';
import type { Practice, Practices } from '../db/practices.ts';
import type { Person, PracticeRuns } from '../db/practiceRuns.ts';
import { Problem } from '../problem.ts';
import type { Taking } from '../practice/taking.ts';
import { read, type Ctx } from './context.ts';

const Token = v.pipe(v.string(), v.regex(/^[\w-]{20,64}$/, 'Load the page again.'));
const Enter = v.object({ name: v.pipe(v.string(), v.trim(), v.maxLength(24)) });
const Begin = v.object({
  id: Id,
  kind: v.picklist(['counted', 'again', 'own']),
  of: v.optional(v.nullable(Id), null),
});
const Command = v.object({
  id: Id,
  command: v.union([SeatCommand, v.object({ type: v.literal('finish') })]),
});

/** So many may come in from one address in a minute, and so much may one phone do in ten seconds. */
const NEWCOMERS = 200;
const COMMANDS = 80;

type Asked = Ctx & { params: Record<string, string> };

/** What whoever takes a practice asks for: no account, but the code, and the phone's own token. */
export function practiceRoutes(
  practices: Practices,
  runs: PracticeRuns,
  taking: Taking,
  guesses: CodeGuesses,
): Router {
  const router = new Router({ prefix: '/api/practice/:code' });

  /** A class behind one address comes at once; more than this a minute is nobody's class. */
  const newcomers = new RateLimiterMemory({ points: NEWCOMERS, duration: 60 });
  /** Whoever thinks takes seconds for an answer. */
  const pace = new RateLimiterMemory({ points: COMMANDS, duration: 10 });
  const within = (limit: RateLimiterMemory, key: string): Promise<unknown> =>
    limit.consume(key).catch(() => {
      throw new Problem(429, 'slow', 'slowDown');
    });

  /** Who was in with a code already comes in while others guess. */
  const known = new Set<string>();

  async function practiceOf(ctx: Asked): Promise<Practice> {
    const code = readJoinCode(ctx.params.code ?? '');
    const practice = code && (await practices.byCode(code));
    if (!practice || !known.has(`${ctx.ip} ${practice.id}`)) {
      if ((await guesses.wait(ctx.ip)) > 0) throw new Problem(429, 'slow', 'wrongCodes');
    }
    if (!practice) {
      await guesses.failed(ctx.ip);
      throw new Problem(404, 'notThere', 'noPracticeCode');
    }
    if (known.size > 10_000) known.clear();
    known.add(`${ctx.ip} ${practice.id}`);
    return practice;
  }

  const tokenOf = (ctx: Asked): string | null => {
    const [scheme, token] = (ctx.get('authorization') || '').split(' ');
    return scheme === 'Bearer' && v.is(Token, token) ? hashToken(token) : null;
  };
  async function someoneIn(ctx: Asked, practice: Practice): Promise<Person> {
    const token = tokenOf(ctx);
    const person = token && (await runs.personOf(practice.id, token));
    if (!person) throw new Problem(401, 'nobody', 'whoFirst');
    return person;
  }

  async function mineIn(practice: Practice, person: Person, elsewhere = false): Promise<MyPractice> {
    const own = await runs.ofPerson(person.id);
    const counted = own.filter(({ kind }) => kind === 'counted');
    return {
      name: person.name,
      weave: weaveAt(person.number),
      runs: own.map((run) => taking.mine(practice, run)),
      points: standingOf(counted, practice, Date.now()).points,
      mayBegin: taking.mayBegin(practice, own),
      elsewhere: elsewhere && own.length > 0,
    };
  }

  router.get('/', async (ctx) => {
    const practice = await practiceOf(ctx);
    const { settings, show, title, code } = practice;
    const token = tokenOf(ctx);
    const person = token && (await runs.personOf(practice.id, token));
    const head: PracticeHead = {
      code,
      title,
      from: (await accountById(practice.accountId))?.name ?? '',
      look: lookView(show.look ?? defaultLook),
      ...sizeOf(show),
      minutes: minutesOf(show),
      settings: settings.names === 'list' ? settings : { ...settings, list: [] },
      closed: isClosed(practice, Date.now()),
      now: Date.now(),
    };
    ctx.body = { head, me: person ? await mineIn(practice, person) : null };
  });

  router.post('/me', async (ctx) => {
    const practice = await practiceOf(ctx);
    const token = tokenOf(ctx);
    if (!token) throw new Problem(400, 'invalid', 'reload');
    await within(newcomers, `${ctx.ip} ${practice.id}`);
    const { name } = read(Enter, ctx.request.body);
    const { names, list } = practice.settings;
    if (names !== 'none' && name === '') throw new Problem(400, 'invalid', 'whoFirst');
    const listed = list.find((one) => foldText(one) === foldText(name));
    if (names === 'list' && !listed) throw new Problem(404, 'notThere', 'nameNotOnList');
    const person = await runs.enter(practice.id, token, names === 'none' ? '' : (listed ?? name));
    ctx.body = await mineIn(practice, person, true);
  });
  router.delete('/me', async (ctx) => {
    const practice = await practiceOf(ctx);
    const token = tokenOf(ctx);
    if (token) await runs.leave(practice.id, token);
    ctx.status = 204;
  });

  router.post('/runs', async (ctx) => {
    const practice = await practiceOf(ctx);
    const person = await someoneIn(ctx, practice);
    await within(pace, person.id);
    const { id, kind, of } = read(Begin, ctx.request.body);
    ctx.body = await taking.begin(practice, person, id, kind, of);
  });
  router.get('/runs/:run', async (ctx) => {
    const practice = await practiceOf(ctx);
    const person = await someoneIn(ctx, practice);
    ctx.body = await taking.look(practice, person, read(Id, ctx.params.run));
  });
  router.post('/runs/:run/commands', async (ctx) => {
    const practice = await practiceOf(ctx);
    const person = await someoneIn(ctx, practice);
    await within(pace, person.id);
    const sent = read(Command, ctx.request.body);
    const result = await taking.command(practice, person, read(Id, ctx.params.run), sent);
    if (isRefusal(result)) throw new Problem(409, result.refused, result.says, {}, result.given);
    ctx.body = result;
  });

  return router;
}
