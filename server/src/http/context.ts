import type { Account } from '@distaff/core/wire';
import type { DefaultState, ParameterizedContext } from 'koa';
import * as v from 'valibot';
import { reachOf, type Reach } from '../db/access.ts';
import { Problem } from '../problem.ts';

export type Ctx = ParameterizedContext<DefaultState>;

/** The address under which this server was asked. What a request calls its origin is its page's, or nothing. */
export const addressOf = (ctx: Ctx): string => `${ctx.protocol}://${ctx.host}`;

/** Reads a value by its schema. @throws Problem 400 with the first mistake as a sentence. */
export function read<T extends v.GenericSchema>(schema: T, input: unknown): v.InferOutput<T> {
  const parsed = v.safeParse(schema, input);
  if (parsed.success) return parsed.output;
  const issue = parsed.issues[0];
  throw new Problem(400, 'invalid', 'unreadableInput', { path: v.getDotPath(issue), detail: issue.message });
}

/** Who is signed in, a guest of one set as well. @throws Problem 401 where nobody is. */
export function someone(ctx: Ctx): Account {
  const account = ctx.state.account as Account | null;
  if (!account) throw new Problem(401, 'signIn', 'signIn');
  return account;
}

/** The host that is signed in. @throws Problem 401 where nobody is, 403 for a guest. */
export function signedIn(ctx: Ctx): Account {
  const account = someone(ctx);
  if (account.guestOf !== null) throw new Problem(403, 'guest', 'needsAccount');
  return account;
}

/** What whoever is signed in comes at in the library. @throws Problem 401 where nobody is. */
export const reach = (ctx: Ctx): Promise<Reach> => reachOf(someone(ctx));

const page = v.object({
  limit: v.optional(
    v.pipe(v.string(), v.regex(/^\d{1,3}$/), v.transform(Number), v.minValue(1), v.maxValue(200)),
    '50',
  ),
  offset: v.optional(v.pipe(v.string(), v.regex(/^\d{1,7}$/), v.transform(Number)), '0'),
});

/** The page of a list that is asked for. */
export const pageOf = (ctx: Ctx) => read(page, ctx.query);
