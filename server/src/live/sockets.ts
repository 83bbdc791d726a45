import {
  bookOf,
  BookRequest,
  deskView,
  HostCommand,
  Id,
  JoinRequest,
  handsetView,
  readJoinCode,
  refuse,
  RehearsalWish,
  SeatCommand,
  StageCommand,
  stageView,
  type Actor,
  type SittingState,
} from '@distaff/core';
import { nanoid } from 'nanoid';
import type { Server, Socket } from 'socket.io';
import * as v from 'valibot';
import { clientAddress } from '../auth/clientAddress.ts';
import { hashToken, viewKey } from '../auth/tokens.ts';
import type { CodeGuesses } from '../auth/codeGuesses.ts';
import type { Account } from '../db/accounts.ts';
import { UnreadableLog, type SittingInfo, type Sittings } from '../db/sittings.ts';
import type { Log } from '../log.ts';
import { CO_HOST, roomOf } from './audiences.ts';
import { Pace } from './pace.ts';
import type { Answer } from './order.ts';
import type { LiveSitting, SittingHosts } from './sittingHosts.ts';

const Token = v.pipe(v.string(), v.regex(/^[\w-]{20,64}$/));
const Hello = v.variant('as', [
  v.object({ as: v.literal('desk'), sitting: Id, key: v.optional(Token) }),
  v.object({ as: v.literal('stage'), code: v.string(), key: v.optional(v.string()) }),
  v.object({ as: v.literal('handset'), code: v.string(), token: v.optional(Token) }),
]);
const CommandId = v.pipe(v.string(), v.regex(/^[\w-]{8,60}$/));
const Join = v.object({ id: CommandId, token: Token, ...JoinRequest.entries });
const SeatRef = v.object({ seat: Id });
const Nod = v.object({ claim: v.pipe(v.string(), v.maxLength(40)), yes: v.boolean() });
/** By the code that the host reads out, or by the name and the host's nod. */
const ClaimRequest = v.object({
  id: CommandId,
  token: Token,
  by: v.union([
    v.object({ code: v.pipe(v.string(), v.regex(/^\d{4}$/, 'The code has four digits.')) }),
    v.object({ name: JoinRequest.entries.name }),
  ]),
});
const ordered = <T extends v.GenericSchema>(command: T) => v.object({ id: CommandId, command });

interface Parts {
  io: Server;
  hosts: SittingHosts;
  store: Sittings;
  log: Log;
  now: () => number;
  /** Slows down guessing of codes and stage keys. */
  guesses: CodeGuesses;
  /** A proxy of ours stands in front and tells where clients come from. */
  behindProxy: boolean;
  accountOf: (cookies: string | undefined) => Promise<Account | null>;
  loginOf: (cookies: string | undefined) => string | null;
}

interface Visit {
  live: LiveSitting;
  info: SittingInfo;
  as: 'desk' | 'stage' | 'handset';
  actor: Actor | null;
  seat: string | null;
}

/** An error that the client understands: `final` ones it shows, others it tries again. */
const turnAway = (code: string, sentence: string, final = true) =>
  Object.assign(new Error(sentence), { data: { code, sentence, final } });

/** Speaks to the live surfaces: checks who comes, takes their commands, sends them their views. */
export function serveSockets(parts: Parts): void {
  parts.io.use((socket, next) => {
    admit(parts, socket).then(
      (visit) => {
        socket.data.visit = visit;
        next();
      },
      (error: Error & { data?: unknown }) => {
        if (error.data) return next(error);
        if (error instanceof UnreadableLog) return next(turnAway(error.code, error.message));
        parts.log.error({ error: error.message }, 'a socket could not be admitted');
        next(turnAway('retry', 'The server is not ready yet.', false));
      },
    );
  });
  parts.io.on('connection', (socket) => {
    // The request of the handshake is not needed any more and weighs 20 kB a connection.
    (socket.conn as { request: unknown }).request = null;
    welcome(parts, socket, socket.data.visit as Visit).catch((error: Error) => {
      parts.log.warn({ error: error.message }, 'a socket could not be served');
      socket.disconnect(true);
    });
  });
}

async function admit(parts: Parts, socket: Socket): Promise<Visit> {
  const visitor = await recognise(parts, socket);
  // What cannot be read is said at the door.
  await visitor.live.host.state();
  return visitor;
}

async function recognise(parts: Parts, socket: Socket): Promise<Visit> {
  const hello = v.safeParse(Hello, socket.handshake.auth);
  if (!hello.success) throw turnAway('invalid', 'This address is not complete.');
  const auth = hello.output;
  const account = await parts.accountOf(socket.request.headers.cookie);
  const from = addressOf(parts, socket);
  const waits = () => parts.guesses.wait(from, parts.now()) > 0;
  if (auth.as === 'desk') {
    const info = await parts.store.byId(auth.sitting);
    if (account && info && (await mayHost(parts, account, info)))
      return visit(parts, info, 'desk', { role: 'host', id: account.id });
    if (auth.key && info && !waits()) {
      if ((await parts.store.deskKey(info.id)) === auth.key)
        return visit(parts, info, 'desk', { role: 'host', id: CO_HOST });
      parts.guesses.failed(from, parts.now());
      throw turnAway('notThere', 'This link to the desk is closed. Ask the host for a new one.');
    }
    if (!account) throw turnAway('signIn', 'Sign in to come to the desk.');
    throw turnAway('notThere', 'There is no such sitting among yours.');
  }
  const code = readJoinCode(auth.code);
  const info = code ? await parts.store.byCode(code, parts.now()) : null;
  // A seat, a key of the stage and whoever is known here are nobody's guess: one who guesses beside them costs them nothing.
  if (waits() && !(info && (await isKnown(parts, info, auth, from))))
    throw turnAway('slow', 'Too many wrong codes. Wait a moment.', false);
  if (!info) {
    parts.guesses.failed(from, parts.now());
    throw turnAway('notThere', 'No show is open under this code.');
  }
  if (auth.as === 'stage') {
    if (account?.id === info.accountId) return visit(parts, info, 'stage', { role: 'stage', id: account.id });
    if (auth.key === viewKey(info.stageKey)) return visit(parts, info, 'stage', null);
    if (auth.key !== info.stageKey) {
      parts.guesses.failed(from, parts.now());
      throw turnAway('signIn', 'Open the stage from the desk, or with the whole link that the desk shows.');
    }
    return visit(parts, info, 'stage', { role: 'stage', id: '' });
  }
  const handset = visit(parts, info, 'handset', null);
  if (auth.token) takeSeatBack(handset, await handset.live.host.state(), auth.token);
  return handset;
}

const addressOf = ({ behindProxy }: Parts, { handshake }: Socket): string =>
  clientAddress(handshake.address, handshake.headers['x-forwarded-for'], behindProxy);

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
});

/** Who opened the doors may, and who hosts the show with them. */
const mayHost = async ({ store }: Parts, account: Account, info: SittingInfo): Promise<boolean> =>
  account.id === info.accountId || (account.guestOf === null && (await store.mayHost(account.id, info.id)));

/** A handset that holds the token of a seat sits there again, on whatever device. */
function takeSeatBack(to: Visit, state: SittingState, token: string): void {
  const hash = hashToken(token);
  const own = [...state.seats.values()].filter((one) => one.token === hash);
  const seat = own.find((one) => !one.removed) ?? own.at(-1);
  if (!seat) return;
  to.seat = seat.id;
  to.actor = { role: 'seat', id: seat.id };
}

async function welcome(parts: Parts, socket: Socket, visitor: Visit): Promise<void> {
  const { live, as, info } = visitor;
  const sitting = live.host.id;
  listen(parts, socket, visitor);
  live.delays.watch(socket);
  live.visitors++;
  // Where its desk, its stage and its players are, nobody of them is locked out by somebody who guesses.
  if (visitor.actor || visitor.seat !== null) live.addresses.add(addressOf(parts, socket));
  socket.on('disconnect', () => {
    live.visitors--;
    live.askedAt = parts.now();
    if (visitor.seat !== null) live.audiences.went(visitor.seat);
  });
  if (visitor.seat !== null) enterSeat(socket, visitor);
  // In the room first, so that nothing falls between this picture and the next.
  await socket.join(roomOf[as](sitting));
  const state = await live.host.state();
  if (live.rehearsal) socket.emit('rehearsal', live.rehearsal.told);
  if (as === 'desk') {
    const { id } = visitor.actor!;
    const login = parts.loginOf(socket.handshake.headers.cookie);
    if (id !== CO_HOST && login) void socket.join(roomOf.login(login));
    if (id === CO_HOST) void socket.join(roomOf.coHost(sitting));
    else if (info.showId !== null) void socket.join(roomOf.member(info.showId, id));
    socket.emit('keys', {
      stage: info.stageKey,
      view: viewKey(info.stageKey),
      coHost: id !== info.accountId,
    });
    socket.emit('view', deskView(state));
    socket.emit('present', live.audiences.present());
  } else if (as === 'stage') {
    if (visitor.actor?.id !== info.accountId) void socket.join(roomOf.byKey(sitting));
    socket.emit('view', stageView(state));
  } else {
    socket.emit('view', handsetView(state));
    socket.emit('seat', visitor.seat === null ? null : live.audiences.greet(state, visitor.seat));
  }
}

function enterSeat(socket: Socket, visitor: Visit): void {
  void socket.join(roomOf.seat(visitor.live.host.id, visitor.seat!));
  visitor.live.audiences.came(visitor.seat!);
}

function listen(parts: Parts, socket: Socket, visitor: Visit): void {
  const { live, as } = visitor;
  const pace = new Pace(parts.now());
  const timePace = new Pace(parts.now());
  socket.on('time', (reply: unknown) => {
    // A flood of these would cost the others their time: it goes unanswered.
    if (typeof reply === 'function' && timePace.allows(parts.now())) reply(parts.now());
  });

  const take =
    <T extends v.GenericSchema>(schema: T, carryOut: (input: v.InferOutput<T>) => Promise<Answer>) =>
    (raw: unknown, reply: unknown) => {
      if (typeof reply !== 'function') return;
      // One that floods is cut off here, before it costs the others anything.
      if (!pace.allows(parts.now()))
        return reply(refuse('retry', 'That was too much at once. It is sent again by itself.'));
      const input = v.safeParse(schema, raw);
      if (!input.success) {
        parts.log.debug({ sitting: live.host.id, actor: as, refused: 'invalid' }, 'command refused');
        return reply(refuse('invalid', input.issues[0].message));
      }
      carryOut(input.output).then(
        (answer) => reply(answer),
        (error: Error) => {
          parts.log.error({ error: error.message }, 'a command failed');
          reply(refuse('retry', 'That did not work just now. It is sent again by itself.'));
        },
      );
    };

  if (as === 'desk' && live.rehearsal)
    socket.on('rehearsal', (raw: unknown) => {
      const wish = v.safeParse(RehearsalWish, raw);
      if (wish.success) live.rehearsal!.wish(wish.output);
    });
  if (as === 'desk')
    socket.on('book', (raw: unknown, reply: unknown) => {
      const asked = v.safeParse(BookRequest, raw);
      if (typeof reply !== 'function' || !asked.success) return;
      live.host.state().then(
        (state) => reply(bookOf(state, asked.output)),
        () => reply(null),
      );
    });
  if (as === 'desk') serveClaims(parts, socket, visitor);
  if (as !== 'handset') {
    const command = as === 'desk' ? ordered(HostCommand) : ordered(StageCommand);
    const order = take(command, async (input) =>
      visitor.actor
        ? live.host.submit({
            ...input,
            actor: visitor.actor,
            from: socket.id,
            ...live.delays.of(socket.id),
          })
        : refuse('notYours', 'This page only looks on.'),
    );
    socket.on('command', order);
    return;
  }
  socket.on(
    'command',
    take(ordered(SeatCommand), ({ id, command }) => {
      if (!visitor.actor) return Promise.resolve(refuse('notYours', 'Join first.'));
      const { actor } = visitor;
      // What it changes for this seat goes with the answer: one message, not two.
      const also = (state: SittingState, fresh: boolean) => live.audiences.seatFor(state, actor.id, fresh);
      // How far away a client is matters to presses alone; to know it of all costs time.
      if (command.type !== 'buzz') return live.host.submit({ id, command, actor, also });
      return live.host.submit({ id, command, actor, also, ...live.delays.of(socket.id) });
    }),
  );
  socket.on(
    'claim',
    take(ClaimRequest, async ({ id, token, by }): Promise<Answer> => {
      const state = await live.host.state();
      const hash = hashToken(token);
      if ('code' in by) {
        const seat = live.claims.seatOf(by.code, parts.now());
        if (seat === null)
          return refuse('notThere', 'That code leads to no seat. Ask the host for a new one.');
        return handOver(parts, visitor.live, { id, seat, token: hash, socket: socket.id });
      }
      const claim = live.claims.ask(state, by.name, hash, socket.id, parts.now());
      if (!claim) return refuse('notThere', 'Nobody here has that name.');
      tellClaims(parts, live);
      return { ok: true, seq: state.seq };
    }),
  );
  socket.on(
    'join',
    take(Join, async ({ id, token, name, team }) => {
      const held = visitor.seat === null ? null : (await live.host.state()).seats.get(visitor.seat);
      if (held && !held.removed) return refuse('already', 'This device has a seat already.');
      if (held?.banned) return refuse('notYours', 'The host has removed you from this show.');
      if (!live.newcomers.allows(addressOf(parts, socket), parts.now()))
        return refuse('retry', 'Very many are coming in just now. It goes on by itself.');
      const seat = nanoid(12);
      const command = { type: 'takeSeat', seat, token: hashToken(token), name, team } as const;
      // Known again by the token of the device: its seat is not there yet.
      const answer = await live.host.submit({ id, command, actor: { role: 'seat', id: hashToken(token) } });
      if ('refused' in answer) return answer;
      live.addresses.add(addressOf(parts, socket));
      if (visitor.seat !== null) live.audiences.went(visitor.seat);
      const state = await live.host.state();
      takeSeatBack(visitor, state, token);
      if (visitor.seat !== null) {
        enterSeat(socket, visitor);
        socket.emit('seat', live.audiences.greet(state, visitor.seat));
      }
      return answer;
    }),
  );
}

/** Tells the desks who asks for a seat on another device. */
const tellClaims = ({ io, now }: Parts, { host, claims }: LiveSitting): void =>
  void io.to(roomOf.desk(host.id)).emit('claims', claims.waiting(now()));

/** What the desk does about seats that are to go to another device. */
function serveClaims(parts: Parts, socket: Socket, { live }: Visit): void {
  socket.emit('claims', live.claims.waiting(parts.now()));
  socket.on('seatCode', (raw: unknown, reply: unknown) => {
    const asked = v.safeParse(SeatRef, raw);
    if (typeof reply === 'function' && asked.success)
      reply(live.claims.codeFor(asked.output.seat, parts.now()));
  });
  socket.on('claim', (raw: unknown) => {
    const nod = v.safeParse(Nod, raw);
    const claim = nod.success ? live.claims.take(nod.output.claim) : null;
    tellClaims(parts, live);
    if (!claim || !nod.success) return;
    const waiting = parts.io.sockets.sockets.get(claim.socket);
    if (!nod.output.yes) return void waiting?.emit('claimed', false);
    const order = { id: nanoid(), seat: claim.seat, token: claim.token, socket: claim.socket };
    void handOver(parts, live, order);
  });
}

/** Gives a seat to the device that asks for it; the one before has to go, and the new one sits down. */
async function handOver(
  { io }: Parts,
  live: LiveSitting,
  { id, seat, token, socket }: { id: string; seat: string; token: string; socket: string },
): Promise<Answer> {
  const command = { type: 'giveSeat', seat, token } as const;
  const answer = await live.host.submit({ id, command, actor: { role: 'host', id: '' } });
  if ('refused' in answer) return answer;
  io.in(roomOf.seat(live.host.id, seat)).disconnectSockets(true);
  const device = io.sockets.sockets.get(socket);
  const visitor = device?.data.visit as Visit | undefined;
  if (!device || !visitor) return answer;
  visitor.seat = seat;
  visitor.actor = { role: 'seat', id: seat };
  enterSeat(device, visitor);
  device.emit('seat', live.audiences.greet(await live.host.state(), seat));
  device.emit('claimed', true);
  return answer;
}
