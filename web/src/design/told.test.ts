/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { rulesWith, type RoundRules } from '@distaff/core/formats';
import { combinations, rulesView, type Devices } from '@distaff/core/show';
import type { PublicView } from '@distaff/core/sitting';
import fc from 'fast-check';
import { endApps, inApp } from '../test/inApp.ts';
import { useRules } from './useRules.ts';
import { useWonLines } from './useWonLines.ts';

afterEach(endApps);

describe('rules as they are told to players', () => {
  const told = (rules: Partial<RoundRules>, devices: Devices | null = null) =>
    inApp(useRules).told(rulesView({ format: 'quiz', content: null }, rulesWith(rules)), devices);

  test('every rule that can be written has its sentence', () => {
    const { told: say } = inApp(useRules);
    fc.assert(
      fc.property(
        fc.record({
          floor: fc.constantFrom('turn', 'buzz', 'everyone'),
          turns: fc.constantFrom('inOrder', 'winner', 'lowest', 'drawn'),
          afterWrong: fc.constantFrom('handOn', 'buzz', 'close'),
          passShare: fc.constantFrom(100, 50),
          penalty: fc.constantFrom('none', 'part', 'full'),
          lowest: fc.constantFrom(null, 0, -150),
          speed: fc.constantFrom(null, { keep: 50, grace: 0 }, { keep: 50, grace: 2 }),
          change: fc.boolean(),
          brings: fc.constantFrom('counted', 'places', 'nothing'),
        } as const),
        fc.constantFrom('board', 'quiz', 'knockout', 'counterweight', 'claim'),
        fc.record({
          mode: fc.constantFrom('none', 'team', 'each'),
          score: fc.constantFrom('teams', 'players'),
          combine: fc.constantFrom(...combinations),
        } as const),
        (rules, format, devices) => {
          // A key without words throws.
          const lines = say(rulesView({ format, content: {} }, rulesWith(rules)), devices);
          expect(lines.every((line) => /^\p{Lu}.*[.!]$/u.test(line) && !line.includes('{'))).toBe(true);
          expect(new Set(lines).size).toBe(lines.length);
        },
      ),
    );
  });

  test('what changes nothing is not told', () => {
    const usual = told({ floor: 'turn' });
    expect(told({ floor: 'turn', penalty: 'part' }).length).toBe(usual.length + 1);
    expect(told({ floor: 'everyone', passShare: 50 })).toEqual(told({ floor: 'everyone' }));
    expect(told({ floor: 'turn', lowest: -1200 }).join(' ')).toContain('−1,200');
  });
});

describe('who won a round of its own', () => {
  const view = (more: object): PublicView =>
    ({
      phase: 'round',
      devices: { score: 'teams' },
      teams: Array.from({ length: 60 }, (_, i) => ({ id: `t${i}`, name: `Team ${i}` })),
      won: [],
      ...more,
    }) as never;
  const lines = (more: object) => inApp(() => useWonLines(() => view(more))).value;
  const round = (teams: string[], on = true) => ({ on, teams, title: 'Knots', format: 'knockout' });

  test('is said at its end, by name or that it was nobody', () => {
    expect(lines({ won: [round(['t1'])] })[0]).toContain('Team 1');
    expect(lines({ won: [round([])] })).toHaveLength(1);
    expect(lines({ won: [round(['t1'], false)] })).toEqual([]);
  });
  test('of more than there is room for the number is said', () => {
    const all = Array.from({ length: 50 }, (_, i) => `t${i}`);
    expect(lines({ won: [round(all)] })[0]).toMatch(/50/);
  });
  test('at the close is told with the name of the round, where anybody won it', () => {
    const won = [round(['t1', 't2'], false), { ...round(['t3'], false), title: '' }, round([], false)];
    expect(lines({ phase: 'closed', won })).toEqual([
      expect.stringMatching(/Knots.*Team 1 and Team 2/),
      expect.stringMatching(/Knockout.*Team 3/i),
    ]);
  });
});
