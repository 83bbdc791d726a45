import { blankShow } from '@distaff/core/show';
import { openDoors, type LoggedEvent } from '@distaff/core/sitting';

import type { Log } from '../log.ts';
import { SittingHost, type Store } from './sittingHost.ts';

const SEATS = 300;

/**
 * Plays a scratch sitting in memory through the real path before anybody is let in: the first
 * burst in a cold process takes several times as long, and no class should be the one to feel it.
 * @throws where the engine does not work, so that a broken build never gets ready.
 */
export async function warmUp(log: Log): Promise<void> {
  let n = 0;
  const show = blankShow('Warm-up', () => `w${n++}`);
  const events: LoggedEvent[] = [openDoors(show, 'CCCCC', 'doors', 0, { role: 'host', id: 'w' })];
  const store: Store = {
    load: () => Promise.resolve({ log: [...events], aliveAt: null }),
    append: (_id, more) => Promise.resolve(void events.push(...more)),
    markAlive: () => Promise.resolve(),
  };
  const host = new SittingHost('warm-up', { store, log, random: () => 0, now: () => 0, publish: () => {} });
  const team = show.teams[0]!.id;
  const answers = await Promise.all(
    Array.from({ length: SEATS }, (_, i) => {
      const command = { type: 'takeSeat', seat: `s${i}`, token: `t${i}`, name: `Player ${i}`, team } as const;
      return host.submit({ id: `w${i}`, command, actor: { role: 'seat', id: `s${i}` } });
    }),
  );
  const begun = await host.submit({
    id: 'begin',
    command: { type: 'begin' },
    actor: { role: 'host', id: 'w' },
  });
  await host.stop();
  if (!answers.every((answer) => 'ok' in answer) || !('ok' in begun) || events.length !== SEATS + 2)
    throw new Error('The self-test at the start failed: this build cannot run a sitting.');
}
