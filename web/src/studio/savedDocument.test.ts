import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { copy } from './copy.ts';
import { blankShow, newRound, Show as ShowSchema, type Show } from '@distaff/core/show';
import { changesBetween, withChanges } from '@distaff/core/document';
import { formatNames } from '@distaff/core/formats';
import * as v from 'valibot';
import { ApiError, Unreachable } from '../api/client.ts';
import { savedDocument, type Source } from './savedDocument.ts';

let made = 0;
const newId = () => `id${made++}`;

/** A server that keeps shows as the real one does: read by their schema, version by version. */
function serverWith(first: Show) {
  const stored = { version: 1, doc: v.parse(ShowSchema, copy(first)) };
  const told = { writes: 0, failing: null as Error | null, stored };
  const source: Source<Show> = {
    name: 'test',
    read: async () => copy(stored),
    async write(_id, { version, changes }) {
      told.writes++;
      if (told.failing) throw told.failing;
      if (version !== stored.version) throw new ApiError(409, 'stale', 'Changed.', { current: copy(stored) });
      const sent = withChanges(copy(stored.doc), copy(changes));
      Object.assign(stored, { version: version + 1, doc: v.parse(ShowSchema, copy(sent)) });
      return { version: stored.version, otherwise: changesBetween(sent, stored.doc) };
    },
    current: (details) => details.current as { version: number; doc: Show },
  };
  return { source, told };
}

const kept = new Map<string, string>();
beforeEach(() => {
  jest.useFakeTimers();
  kept.clear();
  Object.assign(globalThis, {
    sessionStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, text: string) => kept.set(key, text),
      removeItem: (key: string) => kept.delete(key),
    },
  });
});
afterEach(() => void jest.useRealTimers());

/** Opens the document; `rest` lets two seconds go by. */
async function opened(first = blankShow('Evening', newId)) {
  const { source, told } = serverWith(first);
  const saved = savedDocument(source);
  await saved.load('show');
  const rest = (ms = 2000) => jest.advanceTimersByTimeAsync(ms);
  return { saved, told, rest, show: () => saved.doc.value! };
}

describe('what is written is saved within two seconds, and then nothing more is sent', () => {
  const acts: [string, (show: Show) => void][] = [
    ...formatNames.map((format): [string, (show: Show) => void] => [
      `a ${format} is added`,
      (show) => show.rounds.push(newRound(format, newId)),
    ]),
    ['a title', (show) => (show.title = 'Another')],
    ['a rule', (show) => (show.rounds[0]!.rules.penalty = 'full')],
    [
      'keys written in another order',
      (show) =>
        (show.rounds[0]!.rules = Object.fromEntries(
          Object.entries(show.rounds[0]!.rules).reverse(),
        ) as Show['rounds'][0]['rules']),
    ],
    ['a team', (show) => show.teams.push({ ...show.teams[0]!, id: newId(), name: 'Leeward' })],
    ['the order of teams', (show) => show.teams.reverse()],
    ['a team less', (show) => show.teams.splice(0, 1)],
    ['a part that the server does not know', (show) => Object.assign(show, { unknown: true })],
    ['a key that holds nothing', (show) => Object.assign(show, { group: undefined })],
    [
      'nothing after all',
      (show) => {
        show.title = 'x';
        show.title = 'Evening';
      },
    ],
  ];
  test.each(acts)('%s', async (_name, act) => {
    const { saved, told, rest, show } = await opened();
    act(show());
    await rest();
    expect(saved.state.value).toBe('saved');
    const writes = told.writes;
    expect(writes).toBeLessThanOrEqual(1);
    await rest(60_000);
    expect(told.writes).toBe(writes);
    expect(copy(show())).toEqual(told.stored.doc);
    expect(kept.size).toBe(0);
  });

  test('letters typed while it is saved are kept and saved in their turn', async () => {
    const { told, rest, show } = await opened();
    for (const letter of 'a long title typed at leisure') {
      show().title += letter;
      await rest(120);
    }
    await rest();
    expect(told.stored.doc.title).toBe('Eveninga long title typed at leisure');
    // Not once a letter, and not only at the very end.
    expect(told.writes).toBeLessThanOrEqual(3);
  });

  test('what was removed and brought back is as it was', async () => {
    const { saved, told, rest, show } = await opened();
    const before = copy(show());
    saved.remove('gone', () => show().teams.splice(1, 1));
    await rest();
    expect(told.stored.doc.teams).toHaveLength(1);
    saved.bringBack();
    await rest();
    expect(told.stored.doc).toEqual(v.parse(ShowSchema, before));
  });
});

describe('trouble', () => {
  test('while the server is away writing goes on; when it is back all is saved, once', async () => {
    const { saved, told, rest, show } = await opened();
    told.failing = new Unreachable('away');
    show().title = 'Written in the dark';
    await rest(5000);
    expect(saved.state.value).toBe('offline');
    told.failing = null;
    await rest(3000);
    expect([saved.state.value, told.stored.doc.title]).toEqual(['saved', 'Written in the dark']);
    const { writes } = told;
    await rest(60_000);
    expect(told.writes).toBe(writes);
  });

  test('a reload brings back what was not saved', async () => {
    const { source, told } = serverWith(blankShow('Evening', newId));
    told.failing = new Unreachable('away');
    const one = savedDocument(source);
    await one.load('show');
    one.doc.value!.title = 'Not yet saved';
    await jest.advanceTimersByTimeAsync(1000);
    one.id.value = 'closed';
    told.failing = null;
    const two = savedDocument(source);
    await two.load('show');
    expect(two.doc.value!.title).toBe('Not yet saved');
    await jest.advanceTimersByTimeAsync(2000);
    expect(told.stored.doc.title).toBe('Not yet saved');
  });

  test('another window saved in between: both changes stand; the same place is asked about', async () => {
    const { source, told } = serverWith(blankShow('Evening', newId));
    const [one, two] = [savedDocument(source), savedDocument(source)];
    await one.load('show');
    await two.load('show');
    one.doc.value!.title = 'By one';
    await jest.advanceTimersByTimeAsync(2000);
    two.doc.value!.group = '7B';
    await jest.advanceTimersByTimeAsync(2000);
    expect(told.stored.doc).toMatchObject({ title: 'By one', group: '7B' });
    expect(two.doc.value!.title).toBe('By one');
    two.doc.value!.title = 'By two';
    await jest.advanceTimersByTimeAsync(2000);
    one.doc.value!.title = 'By one again';
    await jest.advanceTimersByTimeAsync(2000);
    expect(one.state.value).toBe('conflict');
    one.settle(one.conflicts.value[0]!, 'mine');
    await jest.advanceTimersByTimeAsync(2000);
    expect([one.state.value, told.stored.doc.title]).toEqual(['saved', 'By one again']);
  });

  test('what the server does not take stays, is told, and is not sent again until it changes', async () => {
    const { saved, told, rest, show } = await opened();
    told.failing = new ApiError(400, 'invalid', 'One line only.', {});
    show().title = 'two\nlines';
    await rest();
    expect([saved.state.value, saved.invalid.value]).toEqual(['invalid', 'One line only.']);
    const { writes } = told;
    await rest(60_000);
    expect(told.writes).toBe(writes);
    told.failing = null;
    show().title = 'one line';
    await rest();
    expect(told.stored.doc.title).toBe('one line');
  });
});
