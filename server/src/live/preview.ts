import { decide, fold, type Actor, type Correction, type SittingState } from '@distaff/core/sitting';
import type { Random } from '@distaff/core/random';
import { isRefusal, type Refusal } from '@distaff/core/refusal';
import type { SittingHost } from './sittingHost.ts';

/** A sitting as it is, and as it would be with a command; nothing is stored. */
export async function preview(
  host: Pick<SittingHost, 'state' | 'log'>,
  command: Correction,
  { actor, now, random }: { actor: Actor; now: number; random: Random },
): Promise<{ before: SittingState; after: SittingState } | Refusal> {
  const [before, log] = [await host.state(), await host.log()];
  const sitting = { log: [...log], state: before };
  const events = decide(sitting, 'preview', command, { now, random, actor });
  return isRefusal(events) ? events : { before, after: fold([...log, ...events]) };
}
