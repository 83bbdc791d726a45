import type { Account } from '@distaff/core/wire';
import { Id, readJoinCode } from '@distaff/core/text';
import type { Actor, SittingState } from '@distaff/core/sitting';
import type { LiveSocket } from './io.ts';
import * as v from 'valibot';
import { hashToken, viewKey, voterOf } from '../auth/tokens.ts';
import type { SittingInfo } from '../db/sittings.ts';
import { CO_HOST } from './audiences.ts';
import { addressOf, Token, turnAway, type Parts, type Visit } from './visit.ts';

const Hello = v.variant('as', [
  v.object({ as: v.literal('desk'), sitting: Id, key: v.optional(Token) }),
  v.object({ as: v.literal('stage'), code: v.string(), key: v.optional(v.string()) }),
  v.object({ as: v.literal('handset'), code: v.string(), token: v.optional(Token) }),
]);

/** Lets a socket in, or says why not. @throws an error that the client understands. */
export async function admit(parts: Parts, socket: LiveSocket): Promise<Visit> {
  const visitor = await recognise(parts, socket);
  // What cannot be read is said at the door.
  await visitor.live.host.state();
  return visitor;
}

async function recognise(parts: Parts, socket: LiveSocket): Promise<Visit> {
  const hello = v.safeParse(Hello, socket.handshake.auth);
  if (!hello.success) throw turnAway('invalid', 'linkIncomplete');
  const auth = hello.output;
  const account = await parts.accountOf(socket.request.headers.cookie);
  const from = addressOf(parts, socket);
  const waits = async () => (await parts.guesses.wait(from)) > 0;
  if (auth.as === 'desk') {
    const info = await parts.store.byId(auth.sitting);
    if (account && info && (await mayHost(parts, account, info)))
      return visit(parts, info, 'desk', { role: 'host', id: account.id });
    if (auth.key && info && !(await waits())) {
      if ((await parts.store.deskKey(info.id)) === auth.key)
        return visit(parts, info, 'desk', { role: 'host', id: CO_HOST });
      await parts.guesses.failed(from);
      throw turnAway('notThere', 'deskLinkClosed');
    }
    if (!account) throw turnAway('signIn', 'signInForDesk');
    throw turnAway('notThere', 'noOwnGame');
  }
  const code = readJoinCode(auth.code);
  const info = code ? await parts.store.byCode(code, parts.now()) : null;
  // A seat, a key of the stage and whoever is known here are nobody's guess: one who guesses beside them costs them nothing.
  if ((await waits()) && !(info && (await isKnown(parts, info, auth, from))))
    throw turnAway('slow', 'wrongCodes', false);
  if (!info) {
    await parts.guesses.failed(from);
    throw turnAway('notThere', 'codeNotOpen');
  }
  if (auth.as === 'stage') {
    if (account?.id === info.accountId) return visit(parts, info, 'stage', { role: 'stage', id: account.id });
    if (auth.key === viewKey(info.stageKey)) return visit(parts, info, 'stage', null);
    if (auth.key !== info.stageKey) {
      await parts.guesses.failed(from);
      throw turnAway('signIn', 'stageFromDesk');
    }
    return visit(parts, info, 'stage', { role: 'stage', id: '' });
  }
  const handset = visit(parts, info, 'handset', null);
  if (auth.token) takeSeatBack(handset, await handset.live.host.state(), auth.token);
  return handset;
}

/** Whether whoever comes with a right code is no guesser: by a key, a seat, or an address where people of this sitting are. */
async function isKnown(
  { hosts }: Parts,
  info: SittingInfo,
  auth: v.InferOutput<typeof Hello>,
  from: string,
): Promise<boolean> {
  if (auth.as === 'stage' && (auth.key === info.stageKey || auth.key === viewKey(info.stageKey))) return true;
  const live = hosts.get(info.id);
  if (live.addresses.has(from)) return true;
  if (auth.as !== 'handset' || !auth.token) return false;
  const hash = hashToken(auth.token);
  return [...(await live.host.state()).seats.values()].some((seat) => !seat.removed && seat.token === hash);
}

const visit = (parts: Parts, info: SittingInfo, as: Visit['as'], actor: Actor | null): Visit => ({
  live: parts.hosts.get(info.id),
  info,
  as,
  actor,
  seat: null,
  voter: null,
});

/** Who opened the doors may, and who hosts the show with them. */
const mayHost = async ({ store }: Parts, account: Account, info: SittingInfo): Promise<boolean> =>
  account.id === info.accountId || (account.guestOf === null && (await store.mayHost(account.id, info.id)));

/** A handset that holds the token of a seat sits there again, on whatever device. */
export function takeSeatBack(to: Visit, state: SittingState, token: string): void {
  const hash = hashToken(token);
  const own = [...state.seats.values()].filter((one) => one.token === hash);
  const seat = own.find((one) => !one.removed) ?? own.at(-1);
  if (!seat) return;
  to.seat = seat.id;
  to.actor = { role: 'seat', id: seat.id };
  to.voter = voterOf(token);
}
