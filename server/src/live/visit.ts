import type { RefusalName } from '@distaff/core/refusal';
import type { ProblemName } from '@distaff/core/wire';
import type { Account } from '@distaff/core/wire';
import type { Actor } from '@distaff/core/sitting';
import type { LiveServer, LiveSocket } from './io.ts';
import * as v from 'valibot';
import { clientAddress } from '../auth/clientAddress.ts';
import type { CodeGuesses } from '../auth/codeGuesses.ts';
import type { SittingInfo, Sittings } from '../db/sittings.ts';
import type { Log } from '../log.ts';
import { roomOf } from './audiences.ts';
import type { LiveSitting, SittingHosts } from './sittingHosts.ts';

export const Token = v.pipe(v.string(), v.regex(/^[\w-]{20,64}$/));

/** What serving sockets needs. */
export interface Parts {
  io: LiveServer;
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

/** One socket, and as what it came. */
export interface Visit {
  live: LiveSitting;
  info: SittingInfo;
  as: 'desk' | 'stage' | 'handset';
  actor: Actor | null;
  seat: string | null;
  /** What stands for it where it answers without a name; null where it has no seat to answer from. */
  voter: string | null;
}

/** An error that the client understands: `final` ones it shows, others it tries again. */
export const turnAway = (code: string, says: RefusalName | ProblemName, final = true) =>
  Object.assign(new Error(says), { data: { code, says, final } });

/** From where a socket comes. */
export const addressOf = ({ behindProxy }: Parts, { handshake }: LiveSocket): string =>
  clientAddress(handshake.address, handshake.headers['x-forwarded-for'], behindProxy);

/** Somebody sits down: their pictures go there. */
export function enterSeat(socket: LiveSocket, visitor: Visit): void {
  void socket.join(roomOf.seat(visitor.live.host.id, visitor.seat!));
  visitor.live.audiences.came(visitor.seat!);
}
