/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import type { ClaimView } from '@distaff/core/formats';
import { MOST_GROUPS } from '@distaff/core/formats';
import { weaveAt } from '@distaff/core/show';
import fc from 'fast-check';
import { endApps, inApp } from '../../test/inApp.ts';
import { dovetail } from './dovetail.ts';
import { groupWeaves } from './groupWeaves.ts';
import { useGroups } from './useGroups.ts';

afterEach(endApps);

describe('the tapestry', () => {
  const none = { top: false, right: false, bottom: false, left: false };
  /** The corners of an outline, each as its two CSS lengths. */
  const corners = (outline: string) =>
    outline
      .slice('polygon('.length, -1)
      .split(/, (?![^(]*\))/)
      .map((corner) => corner.match(/calc\((?:[^()]|\([^()]*\))*\)|\S+/g)!);

  test('along a seam one cloth reaches over exactly where the other gives way', () => {
    const reaches = (outline: string, at: number, far: string) =>
      corners(outline).filter((corner) => corner[at] === far).length / 2;
    // Upright: five steps; the left one reaches over three times, the right one twice.
    expect(reaches(dovetail({ ...none, right: true }, '2px'), 0, '100%')).toBe(3);
    expect(reaches(dovetail({ ...none, left: true }, '2px'), 0, '0px')).toBe(2);
    // Level: seven steps.
    expect(reaches(dovetail({ ...none, bottom: true }, '2px'), 1, '100%')).toBe(4);
    expect(reaches(dovetail({ ...none, top: true }, '2px'), 1, '0px')).toBe(3);
  });
  test('an outline is there where there is a seam, and each of its corners has two places', () => {
    fc.assert(
      fc.property(
        fc.record({ top: fc.boolean(), right: fc.boolean(), bottom: fc.boolean(), left: fc.boolean() }),
        (sides) => {
          const outline = dovetail(sides, '2px');
          if (!Object.values(sides).some(Boolean)) return expect(outline).toBe('none');
          for (const corner of corners(outline)) expect(corner).toHaveLength(2);
        },
      ),
    );
  });
});

describe('groups', () => {
  const teams = ['Bowline', 'Fairlead', 'Leeward'].map((name, i) => ({
    id: `t${i}`,
    name,
    weave: weaveAt(i),
  }));
  const groupsOf = (groups: string[][]) => {
    const round = {
      groups: groups.map((ids) => ({ teams: ids, squares: 0, completing: [] })),
    } as unknown as ClaimView;
    return inApp(() => useGroups(() => ({ round, teams }))).groups.value;
  };
  test('one team alone goes by its name, several by a number and a weave that all phones know', () => {
    const groups = groupsOf([['t0'], [], ['t1', 't2', 'unknown here']]);
    expect(groups.map(({ at, name, names }) => [at, name, names])).toEqual([
      [0, 'Bowline', ''],
      [2, 'Group 3', 'Fairlead and Leeward'],
    ]);
    expect(groups.map(({ weave }) => weave)).toEqual([weaveAt(0), groupWeaves[2]]);
  });
  test('in a preview the first teams stand for all', () => {
    expect(groupsOf([[], []]).map(({ name }) => name)).toEqual(['Bowline', 'Fairlead']);
  });
  test('there is a weave for every group, the one that a team in its place would have', () => {
    expect(groupWeaves).toEqual(Array.from({ length: MOST_GROUPS }, (_, i) => weaveAt(i)));
  });
});
