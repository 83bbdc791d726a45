import { describe, expect, test } from '@jest/globals';
import { loopOf, shotOf } from '../../sitting/view/cue.ts';
import { soundButtons, soundNames, soundsView, type Sounds } from './sounds.ts';
import { stageView, type StageView } from '../../sitting/view/stage.ts';
import type { Command } from '../../sitting/command.ts';
import { sampleShow, Table } from '../../sitting/test/table.ts';

/** Plays and writes down what is heard at each step: "loop" goes on, "!shot" is heard once. */
function heard(table: Table, steps: [string, () => unknown][]): string[] {
  let before: StageView | null = null;
  return steps.map(([what, act]) => {
    act();
    const now = stageView(table.state);
    const shot = shotOf(before, now);
    const loop = loopOf(now);
    before = now;
    return `${what}: ${shot ? `!${shot}` : ''}${loop ?? (shot ? '' : '–')}`;
  });
}

describe('what is heard on the stage', () => {
  test('follows a question from the doors to the fanfare', () => {
    const table = new Table(sampleShow({ clock: 20, afterWrong: 'close' }));
    const host = (command: Command | Command['type']): [string, () => unknown] => [
      typeof command === 'string' ? command : command.type,
      () => table.do(command),
    ];
    expect(
      heard(table, [
        ['doors', () => null],
        host('begin'),
        host({ type: 'choose', ref: 'a:1' }),
        host('pose'),
        host('open'),
        ['a right answer', () => table.pick('s0', 'Option 2')],
        host('showKey'),
        host('settle'),
        host('leave'),
        host({ type: 'showStandings', on: true }),
        host({ type: 'showStandings', on: false }),
        host({ type: 'choose', ref: 'b:2' }),
        host('pose'),
        host('open'),
        host({ type: 'clock', act: 'hold' }),
        host({ type: 'clock', act: 'run' }),
        ['a wrong answer', () => table.pick('s1', 'Option 1')],
        host('showKey'),
        host('settle'),
        host('takeBack'),
        host('settle'),
        host('close'),
      ]),
    ).toEqual([
      'doors: theme',
      'begin: –',
      'choose: –',
      'pose: –',
      'open: thinking',
      'a right answer: !lock',
      'showKey: !right',
      'settle: –',
      'leave: –',
      'showStandings: !applause',
      'showStandings: –',
      'choose: –',
      'pose: –',
      'open: thinking',
      'clock: –',
      'clock: thinking',
      'a wrong answer: !lock',
      'showKey: !wrong',
      'settle: –',
      'takeBack: –',
      'settle: –',
      'close: !fanfare',
    ]);
  });

  test('is nothing of our own while the question lets something be heard, nor for one who comes in the middle', () => {
    const show = sampleShow({ clock: 20 });
    show.questions.q1!.sound = { file: 'call', alt: 'A gull', credit: '', licence: '' };
    const table = new Table(show).do('begin').choose('a:1').do('pose', 'open');
    expect(loopOf(stageView(table.state))).toBeNull();
    table.pick('s0', 'Option 2');
    expect(shotOf(null, stageView(table.state))).toBeNull();
  });

  test('can be muted by host and stage alone, at any time, once for all; taking back a step leaves it', () => {
    const table = new Table().do('begin');
    const mute = { type: 'mute', on: true } as const;
    expect(table.send(mute, { role: 'seat', id: 's0' })).toMatchObject({ refused: 'notYours' });
    table.send(mute, { role: 'stage', id: '' });
    expect(stageView(table.state).sounds?.muted).toBe(true);
    expect(table.send(mute)).toMatchObject({ refused: 'already' });
    table.do('takeBack');
    expect(stageView(table.state).sounds?.muted).toBe(true);
    table.do('begin', 'close', { type: 'mute', on: false });
    expect(stageView(table.state).sounds?.muted).toBe(false);
  });

  test('has levels that multiply, and own files', () => {
    const own = { file: 'own1', alt: '', credit: '', licence: '' };
    const view = soundsView({ level: 50, each: { lock: { level: 40, own }, right: { level: 0 } } }, false)!;
    expect(Object.keys(view.each)).toEqual([...soundNames]);
    expect(view.each.lock).toEqual({ file: 'own1', level: 0.2 });
    expect(view.each.right.level).toBe(0);
    expect(view.each.theme).toEqual({ file: null, level: 0.5 });
    expect(soundsView({ off: true }, false)).toBeNull();
  });

  test('are at hand at the desk: those of the house, and own ones where there is a file', () => {
    const own = { file: 'own1', alt: 'A ship’s bell', credit: '', licence: '' };
    const names = (sounds?: Sounds) => soundButtons(sounds)?.map(({ name, label }) => label || name);
    expect(names()).toEqual(['theme', 'applause', 'ohNo', 'fanfare', 'drumRoll']);
    expect(names({ each: { own2: { own }, applause: { own } } })).toEqual([
      'theme',
      'A ship’s bell',
      'ohNo',
      'fanfare',
      'drumRoll',
      'A ship’s bell',
    ]);
    expect(names({ off: true })).toBeUndefined();
  });
});
