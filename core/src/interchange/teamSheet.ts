import { MAX_MEMBERS, MAX_TEAMS, type Team } from '../show/team.ts';
import { dyes, freeWeave, patterns, type Weave } from '../show/weave.ts';
import { foldText } from '../text/fold.ts';
import type { Table } from './sheet/table.ts';

export const teamSheetHeader = ['Team', 'Weave', 'Members'] as const;

export type TeamProblem =
  | 'noName'
  | 'nameTooLong'
  | 'nameTwice'
  | 'unknownWeave'
  | 'memberTooLong'
  | 'memberTwice'
  | 'tooManyMembers'
  | 'tooManyTeams';

export interface TeamRow {
  line: number;
  team: Team;
  /** What is wrong; `dropped` where the row cannot be taken. */
  problems: { code: TeamProblem; text: string }[];
  dropped: boolean;
}

const NAME = 40;
const MEMBER = 24;
/** What heads the columns, in words that people use. */
const names = ['team', 'name', 'group', 'table'];
const weaves = ['weave', 'pattern'];
const members = ['members', 'member', 'players', 'player', 'people', 'names'];

/** A weave as people write it: a pattern, and two dyes if they like: "twill, moss, chalk". */
function readWeave(text: string): Weave | null {
  const words = text
    .toLowerCase()
    .split(/[\s,;/]+/)
    .filter(Boolean);
  const pattern = patterns.find((one) => words.includes(one));
  const colours = words.flatMap((word) => dyes.find((one) => one === word) ?? []);
  if (!pattern || (words.length > 1 && colours.length !== words.length - 1)) return null;
  return {
    pattern,
    warp: colours[0] ?? 'moss',
    weft: colours[1] ?? (colours[0] === 'chalk' ? 'ink' : 'chalk'),
  };
}

/**
 * Reads teams from a table: a name each, a weave and members if they are there. Members stand in
 * one cell, divided by semicolons, commas or lines, or in all further columns. Every problem is told at
 * its row; what can be mended is (too long, twice among members), the others are left out.
 */
export function readTeams(table: Table, newId: () => string): TeamRow[] {
  const head = table.rows[0]?.cells.map((cell) => foldText(cell)) ?? [];
  const find = (words: readonly string[]) => head.findIndex((cell) => words.includes(cell));
  const headed = find(names) >= 0;
  const nameAt = headed ? find(names) : 0;
  const weaveAt = headed ? find(weaves) : -1;
  const firstMember = headed ? find(members) : 1;
  const rows = headed ? table.rows.slice(1) : table.rows;
  const seen = new Set<string>();
  const people = new Set<string>();
  const taken: Weave[] = [];
  let kept = 0;
  return rows.map(({ line, cells }): TeamRow => {
    const problems: TeamRow['problems'] = [];
    const say = (code: TeamProblem, text = '') => void problems.push({ code, text });
    const written = (cells[nameAt] ?? '').replace(/\s+/g, ' ');
    const name = written.slice(0, NAME).trim();
    if (name === '') say('noName');
    if (written.length > NAME) say('nameTooLong', written);
    const twice = name !== '' && seen.has(foldText(name));
    if (twice) say('nameTwice', name);
    const given = weaveAt >= 0 ? (cells[weaveAt] ?? '') : '';
    const weave = given === '' ? null : readWeave(given);
    if (given !== '' && !weave) say('unknownWeave', given);
    const listed =
      firstMember < 0 ? [] : cells.slice(firstMember).filter((_, i) => firstMember + i !== weaveAt);
    const own: string[] = [];
    for (const text of listed.flatMap((cell) => cell.split(/[;,\n]/)).map((one) => one.trim())) {
      if (text === '') continue;
      if (text.length > MEMBER) say('memberTooLong', text);
      const member = text.slice(0, MEMBER).trim();
      if (people.has(foldText(member))) say('memberTwice', member);
      else if (own.length >= MAX_MEMBERS) say('tooManyMembers', member);
      else own.push(member);
      people.add(foldText(member));
    }
    const tooMany = kept >= MAX_TEAMS;
    if (tooMany) say('tooManyTeams', name);
    const dropped = name === '' || twice || tooMany;
    const sign = weave ?? freeWeave(taken);
    if (!dropped) {
      kept++;
      seen.add(foldText(name));
      taken.push(sign);
    }
    const team: Team = { id: newId(), name, weave: sign, ...(own.length > 0 ? { members: own } : {}) };
    return { line, team, problems, dropped };
  });
}

/** Teams as rows of a sheet, to be read back the same. */
export const writeTeams = (teams: readonly Team[]): string[][] =>
  teams.map(({ name, weave, members: own }) => [
    name,
    `${weave.pattern} ${weave.warp} ${weave.weft}`,
    (own ?? []).join('; '),
  ]);
