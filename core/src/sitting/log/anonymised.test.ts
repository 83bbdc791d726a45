import { expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { gunzipSync } from 'node:zlib';
import { reportOf } from '../../report/report.ts';
import { resultsOf } from '../../report/results.ts';
import { fold } from '../sitting.ts';
import type { LoggedEvent } from '../events.ts';
import { quizOf } from '../test/quizOf.ts';
import { everyKind, Table } from '../test/table.ts';
import { nextStep } from '../read/nextStep.ts';
import { anonymised } from './anonymised.ts';
import { readLog } from './readLog.ts';

const folder = path.join(import.meta.dirname, 'corpus');
const corpus = readdirSync(folder)
  .filter((name) => name.endsWith('.gz'))
  .map((name): [string, LoggedEvent[]] => {
    const { version, events } = JSON.parse(gunzipSync(readFileSync(path.join(folder, name))).toString());
    return [name, readLog([{ version, events }])];
  });

/** Everything that is counted, with people by their seats. */
function figures(log: readonly LoggedEvent[]) {
  const state = fold(log);
  const { standings, responses } = resultsOf(state);
  const { rows, items, overview, knowers } = reportOf(state);
  return {
    standings: standings.map(({ id, place, score, players }) => [id, place, score, players.length]),
    responses: responses.map(({ number, who, verdict, share, brought, seconds }) => [
      number,
      who,
      verdict,
      share,
      brought,
      seconds,
    ]),
    rows,
    overview,
    knowers: knowers.map(({ id, share, score }) => [id, share, score]),
    items: items.map(({ figures: { said, lure: _, ...own } }) => ({
      ...own,
      said: said?.map(({ count, is }) => [count, is]),
    })),
  };
}

test.each(corpus)('%s: every figure stays, every name goes', (_, log) => {
  const gone = anonymised(log);
  // What a day wrote is read again as any other log.
  expect(readLog([{ version: 2, events: JSON.parse(JSON.stringify(gone)) }])).toEqual(
    JSON.parse(JSON.stringify(gone)),
  );
  expect(figures(gone)).toEqual(figures(log));
  const names = log.flatMap((one) => (one.type === 'seatTaken' ? [one.name] : []));
  const players = resultsOf(fold(gone)).responses.map(({ player }) => player);
  for (const name of names) expect(players).not.toContain(name);
  expect(anonymised(gone)).toEqual(gone);
});

test.each(corpus)('%s: one of them goes, everybody else and every figure stays', (_, log) => {
  const people = [...fold(log).seats.values()];
  const one = people[0];
  if (!one) return;
  const gone = anonymised(log, new Set([one.id]));
  expect(figures(gone)).toEqual(figures(log));
  const left = [...fold(gone).seats.values()].map(({ name }) => name);
  expect(left).not.toContain(one.name);
  expect(left.slice(1)).toEqual(people.slice(1).map(({ name }) => name));
  expect(JSON.stringify(gone)).not.toContain(`"${one.token}"`);
  // All of them, one after the other, are gone as well.
  const seats = new Set(people.map(({ id }) => id));
  expect([...fold(anonymised(log, seats)).seats.values()].map(({ name }) => name)).toEqual(
    [...fold(anonymised(log)).seats.values()].map(({ name }) => name),
  );
});

test('no canary is left anywhere: names, wishes, tokens, typed words, reasons, members, lists – taken back as well', () => {
  const canary = (what: string) => `canary-${what}`;
  const text = everyKind().find(({ answer }) => answer.kind === 'text')!.answer;
  const words = { kind: 'words' } as const;
  const show = quizOf([text, words], {}, { mode: 'each', score: 'teams' });
  const table = new Table({
    ...show,
    teams: show.teams.map((team) => ({ ...team, members: [canary('member')] })),
    doors: { ...show.doors, roster: [], teams: 'choose' },
  });
  const token = canary('token');
  table.send(
    { type: 'takeSeat', seat: 'late', token, name: canary('name'), team: 't0' },
    { role: 'seat', id: token },
  );
  table.do({ type: 'renameSeat', seat: 's0', name: canary('renamed') });
  table.do('begin');
  for (let asked = 0; asked < 2; asked++) {
    table.do(nextStep(table.state).command!);
    table.do('pose', 'open');
    table.answer('s0', { text: canary(`typed${asked}`) });
    table.answer('s1', { text: canary(`typed${asked}`) });
    table.do('lock');
    if (asked > 0)
      table.do({
        type: 'group',
        play: table.state.question!.play,
        words: [canary('typed1').replace('-', ' ')],
        into: canary('group'),
      });
    table.do('takeBack');
    if (table.state.question!.step === 'open') table.do('lock');
    if (asked === 0) table.do('showKey');
    table.do('settle', 'leave');
  }
  table.do({ type: 'adjust', team: 't0', amount: 10, reason: canary('reason') }, 'close');
  const { log } = table.sitting;
  expect(JSON.stringify(log)).toContain('canary');
  const gone = anonymised(log);
  expect(JSON.stringify(gone)).not.toContain('canary');
  expect(figures(gone)).toEqual(figures(log));
});
