import { describe, expect, test } from '@jest/globals';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { gunzipSync } from 'node:zlib';
import { floors } from '../../formats/rules.ts';
import { formatNames } from '../../formats/index.ts';
import { responsesSheet, standingsSheet, toCsv } from '../../interchange/csv.ts';
import { resultsOf } from '../../report/results.ts';
import { deskView } from '../view/desk.ts';
import { replay } from '../sitting.ts';
import { LOG_VERSION } from './lifts.ts';
import { readLog, UnreadableEvent } from './readLog.ts';

/** A whole log as it was written on a day, with what came of it then. */
interface Kept {
  version: number;
  events: Record<string, unknown>[];
  expected: {
    /** By the code that wrote the log. */
    scores: Record<string, number>;
    /** By the code that first kept it here. */
    places: Record<string, number>;
    standings: string;
    responses: string;
    byHand: unknown;
  };
}
const folder = path.join(import.meta.dirname, 'corpus');
const logs = readdirSync(folder).filter((name) => name.endsWith('.gz'));
const corpus = logs.map((name): [string, Kept] => [
  name.replace('.json.gz', ''),
  JSON.parse(gunzipSync(readFileSync(path.join(folder, name))).toString()) as Kept,
]);
const read = ({ version, events }: Kept) => readLog([{ version, events }]);

describe('logs for ever', () => {
  /** Whoever changes one does so on purpose: `sha256sum -c SHA256SUMS` in the folder says which. */
  test('none of them was ever changed, and each is entered', () => {
    const sums = readFileSync(path.join(folder, 'SHA256SUMS'), 'utf8').trim().split('\n');
    const now = logs.map((name) => {
      const sum = createHash('sha256')
        .update(readFileSync(path.join(folder, name)))
        .digest('hex');
      return `${sum}  ${name}`;
    });
    expect(now.sort()).toEqual([...sums].sort());
  });

  test.each(corpus)('%s still comes to what it came to', (_, kept) => {
    const { state } = replay(read(kept));
    expect(state.phase).toBe('closed');
    const results = resultsOf(state);
    expect({
      scores: Object.fromEntries(results.standings.map(({ id, score }) => [id, score])),
      places: Object.fromEntries(results.standings.map(({ id, place }) => [id, place])),
      standings: toCsv(...standingsSheet(results)),
      responses: toCsv(...responsesSheet(results)),
      byHand: results.byHand,
    }).toEqual(kept.expected);
    expect(deskView(state).phase).toBe('closed');
  });

  test('every version is kept, and of the last one every format, floor and way to answer', () => {
    const versions = new Set(corpus.map(([, { version }]) => version));
    expect([...versions].sort()).toEqual(Array.from({ length: LOG_VERSION }, (_, i) => i + 1));
    const last = corpus.filter(([, { version }]) => version === LOG_VERSION).map(([, kept]) => read(kept));
    const played = last.map((log) => replay(log).state);
    expect(new Set(played.flatMap(({ begun }) => begun.map(({ format }) => format)))).toEqual(
      new Set(formatNames),
    );
    const ways = played.map(({ show }) => `${show.devices.mode} ${show.devices.score}`);
    expect(new Set(ways)).toEqual(new Set(['none teams', 'team teams', 'each teams', 'each players']));
    for (const log of last)
      expect(new Set(log.flatMap((one) => (one.type === 'picked' ? [one.mode] : [])))).toEqual(
        new Set(floors),
      );
  });
});

describe('a log is read, not believed', () => {
  const [, kept] = corpus.find(([name]) => name.endsWith('night-none'))!;
  const withEvent = (change: (event: Record<string, unknown>) => Record<string, unknown>, type: string) => {
    const at = kept.events.findIndex((event) => event.type === type);
    return { ...kept, events: kept.events.map((event, i) => (i === at ? change(event) : event)) };
  };

  test.each<[string, Kept, RegExp]>([
    ['of a type nobody knows', withEvent((one) => ({ ...one, type: 'danced' }), 'picked'), /\(danced\)/],
    ['without what it must say', withEvent(({ code: _, ...one }) => one, 'doorsOpened'), /Event 1 .*code/],
    ['with a word for a number', withEvent((one) => ({ ...one, points: 'many' }), 'picked'), /points/],
    ['of nobody', withEvent(({ actor: _, ...one }) => one, 'left'), /actor/],
    ['with a show that is none', withEvent((one) => ({ ...one, show: { title: 7 } }), 'doorsOpened'), /show/],
    ['that is no object', { ...kept, events: [null as never] }, /no object/],
    ['of a later version', { ...kept, version: LOG_VERSION + 1 }, /version/],
  ])('an event %s is told by its number', (_, wrong, sentence) => {
    expect(() => read(wrong)).toThrow(UnreadableEvent);
    expect(() => read(wrong)).toThrow(sentence);
  });

  const line = { seq: 2, at: 5, actor: { role: 'host', id: 'h' }, command: 'c' };
  const doors = (mode: string) => {
    const { pace: _, ...first } = kept.events[0] as { pace: unknown; show: { devices: object } };
    return { ...first, show: { ...first.show, devices: { ...first.show.devices, mode } } };
  };
  test.each<[string, string, object, object]>([
    [
      'whose turn it was had the floor',
      'none',
      { type: 'picked', ref: 'a', question: 'k0', points: 1, floor: 't0' },
      { mode: 'turn' },
    ],
    ['the team answered', 'team', { type: 'answered', seat: 's', team: 't0', answer: {} }, { who: 't0' }],
    [
      'each answered for themselves',
      'each',
      { type: 'answered', seat: 's', team: 't0', answer: {} },
      { who: 's' },
    ],
    [
      'without a seat it was the team',
      'each',
      { type: 'answered', seat: '', team: 't0', answer: {} },
      { who: 't0' },
    ],
    [
      'the team was ruled on',
      'team',
      { type: 'ruled', team: 't0', verdict: 'right', by: 'host' },
      { who: 't0' },
    ],
    [
      'who was named stays',
      'each',
      { type: 'ruled', team: 't0', who: 's', verdict: 'right', by: 'host' },
      { who: 's' },
    ],
    ['points came as lines of their own', 'none', { type: 'settled', winner: null }, { results: null }],
  ])('the first version left unsaid that %s', (_, mode, event, says) => {
    const [first, second] = readLog([
      { version: 1, events: [doors(mode)] },
      { version: 1, events: [{ ...line, ...event }] },
    ]);
    expect(first).toMatchObject({ pace: { factor: 1, sittings: 0 } });
    expect(second).toEqual({ ...line, ...event, ...says });
  });
});
