import { Id } from '@distaff/core/text';
import { nanoid } from 'nanoid';
import type { LiveSocket } from './io.ts';
import * as v from 'valibot';
import { roomOf } from './audiences.ts';
import type { Acknowledged } from '@distaff/core/wire';
import type { LiveSitting } from './sittingHosts.ts';
import { enterSeat, type Parts, type Visit } from './visit.ts';

const SeatRef = v.object({ seat: Id });
const Nod = v.object({ claim: v.pipe(v.string(), v.maxLength(40)), yes: v.boolean() });

/** Tells the desks who asks for a seat on another device. */
export const tellClaims = ({ io, now }: Parts, { host, claims }: LiveSitting): void =>
  void io.to(roomOf.desk(host.id)).emit('claims', claims.waiting(now()));

/** What the desk does about seats that are to go to another device. */
export function serveClaims(parts: Parts, socket: LiveSocket, { live }: Visit): void {
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
export async function handOver(
  { io }: Parts,
  live: LiveSitting,
  { id, seat, token, socket }: { id: string; seat: string; token: string; socket: string },
): Promise<Acknowledged> {
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
