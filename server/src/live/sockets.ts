import {
  bookOf,
  BookRequest,
  deskView,
  HostCommand,
  mayReact,
  JoinRequest,
  handsetView,
  SeatCommand,
  StageCommand,
  stageView,
  type SittingState,
} from '@distaff/core/sitting';
import { refuse } from '@distaff/core/refusal';
import { atTheDesk } from '@distaff/core/show';
import { RehearsalWish } from '@distaff/core/rehearsal';
import { nanoid } from 'nanoid';
import type { LiveSocket } from './io.ts';
import * as v from 'valibot';
import { hashToken, receiptOf, viewKey, voterOf } from '../auth/tokens.ts';
import { UnreadableLog } from '../db/sittingLog.ts';
import { admit, takeSeatBack } from './admit.ts';
import { CO_HOST, roomOf } from './audiences.ts';
import { handOver, serveClaims, tellClaims } from './claimSockets.ts';
import { ReactionName } from './reactions.ts';
import { MessageRate } from './bucket.ts';
import type { Acknowledged } from '@distaff/core/wire';
import { addressOf, enterSeat, Token, turnAway, type Parts, type Visit } from './visit.ts';

const CommandId = v.pipe(v.string(), v.regex(/^[\w-]{8,60}$/));
const Join = v.object({ id: CommandId, token: Token, ...JoinRequest.entries });
/** By the code that the host reads out, or by the name and the host's nod. */
const ClaimRequest = v.object({
  id: CommandId,
  token: Token,
  by: v.union([
    v.object({ code: v.pipe(v.string(), v.regex(/^\d{4}$/, 'The code has four digits.')) }),
    v.object({ name: JoinRequest.entries.name }),
  ]),
});
const Cue = v.nullable(v.picklist(atTheDesk));
const ordered = <T extends v.GenericSchema>(command: T) => v.object({ id: CommandId, command });

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
        if (error instanceof UnreadableLog) return next(turnAway(error.code, error.says));
        parts.log.error({ error: error.message }, 'a socket could not be admitted');
        next(turnAway('retry', 'notReady', false));
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

async function welcome(parts: Parts, socket: LiveSocket, visitor: Visit): Promise<void> {
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
    if (id !== CO_HOST && login) void socket.join(roomOf.login(hashToken(login)));
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

function listen(parts: Parts, socket: LiveSocket, visitor: Visit): void {
  const { live, as } = visitor;
  const rate = new MessageRate(parts.now());
  const timeRate = new MessageRate(parts.now());
  socket.on('time', (reply: unknown) => {
    // A flood of these would cost the others their time: it goes unanswered.
    if (typeof reply === 'function' && timeRate.allows(parts.now())) reply(parts.now());
  });

  const take =
    <T extends v.GenericSchema>(schema: T, carryOut: (input: v.InferOutput<T>) => Promise<Acknowledged>) =>
    (raw: unknown, reply: unknown) => {
      if (typeof reply !== 'function') return;
      // One that floods is cut off here, before it costs the others anything.
      if (!rate.allows(parts.now())) return reply(refuse('retry', 'retryMuch'));
      const input = v.safeParse(schema, raw);
      if (!input.success) {
        parts.log.debug({ sitting: live.host.id, actor: as, refused: 'invalid' }, 'command refused');
        return reply(refuse('invalid', 'unreadableInput'));
      }
      carryOut(input.output).then(
        (answer) => reply(answer),
        (error: Error) => {
          parts.log.error({ error: error.message }, 'a command failed');
          reply(refuse('retry', 'retryFailed'));
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
  // Heard now or never: nothing of it is kept.
  if (as === 'desk')
    socket.on('cue', (raw: unknown) => {
      const cue = v.safeParse(Cue, raw);
      if (cue.success && rate.allows(parts.now()))
        parts.io.to(roomOf.stage(live.host.id)).emit('cued', cue.output);
    });
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
        : refuse('notYours', 'onlyLooks'),
    );
    socket.on('command', order);
    return;
  }
  socket.on(
    'command',
    take(ordered(SeatCommand), ({ id, command }) => {
      if (!visitor.actor) return Promise.resolve(refuse('notYours', 'joinFirst'));
      const { actor, voter } = visitor;
      const receipt = voter === null ? null : (play: number) => receiptOf(voter, live.host.id, play);
      // What it changes for this seat goes with the answer: one message, not two.
      const also = (state: SittingState, fresh: boolean) => live.audiences.seatFor(state, actor.id, fresh);
      // How far away a client is matters to presses alone; to know it of all costs time.
      if (command.type !== 'buzz')
        return live.host.submit({ id, command, actor, also, ...(receipt ? { receipt } : {}) });
      return live.host.submit({ id, command, actor, also, ...live.delays.of(socket.id) });
    }),
  );
  socket.on('react', (raw: unknown) => {
    const what = v.safeParse(ReactionName, raw);
    const seat = visitor.seat;
    if (!what.success || seat === null || !rate.allows(parts.now())) return;
    live.host.state().then(
      (state) => {
        const known = state.seats.get(seat);
        if (known && !known.removed && mayReact(state)) live.reactions.take(seat, what.output, parts.now());
      },
      () => {},
    );
  });
  socket.on(
    'claim',
    take(ClaimRequest, async ({ id, token, by }): Promise<Acknowledged> => {
      const state = await live.host.state();
      const hash = hashToken(token);
      visitor.voter = voterOf(token);
      if ('code' in by) {
        const seat = live.claims.seatOf(by.code, parts.now());
        if (seat === null) return refuse('notThere', 'wrongSeatCode');
        return handOver(parts, visitor.live, { id, seat, token: hash, socket: socket.id });
      }
      const claim = live.claims.ask(state, by.name, hash, socket.id, parts.now());
      if (!claim) return refuse('notThere', 'nobodyNamed');
      tellClaims(parts, live);
      return { ok: true, seq: state.seq };
    }),
  );
  socket.on(
    'join',
    take(Join, async ({ id, token, name, team }) => {
      const held = visitor.seat === null ? null : (await live.host.state()).seats.get(visitor.seat);
      if (held && !held.removed) return refuse('already', 'deviceSeated');
      if (held?.banned) return refuse('notYours', 'banned');
      if (!live.newcomers.allows(addressOf(parts, socket), parts.now())) return refuse('retry', 'retryCrowd');
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
