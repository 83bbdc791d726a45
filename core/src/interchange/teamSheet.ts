import { MAX_MEMBERS, MAX_TEAMS, type Team } from '../show/team.ts';
import { dyes, freeWeave, patterns, type Weave } from '../show/weave.ts';
import { foldText } from '../text/fold.ts';
import type { Table } from './sheet/table.ts';

export const teamSheetHeader = ['Team', 'Weave', 'Members'] as const;

export type TeamProblem =
  | 'noName'
  /** A list of people, and this one is in no team. */
  | 'noTeam'
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
  /** What is wrong, at which line; `dropped` where the row cannot be taken. */
  problems: { code: TeamProblem; text: string; line: number }[];
  dropped: boolean;
}

const NAME = 40;
const MEMBER = 24;
/** What heads the columns, folded: English, then German, French, Spanish, Italian and Russian. */
const heads = {
  team: 'team|group|table|mannschaft|gruppe|tisch|equipe|groupe|equipo|grupo|squadra|gruppo|команда|группа',
  weave: 'weave|pattern',
  /** Several people in one cell, or in all cells from here on. */
  members:
    'members|players|people|names|students|pupils|mitglieder|spieler|namen|schuler|membres|joueurs|noms|eleves|' +
    'miembros|jugadores|nombres|alumnos|membri|giocatori|nomi|alunni|участники|игроки|имена|ученики',
  /** One person a row; alone it is the name of a team. */
  name: 'name|full name|nom|nombre|nome|имя|фио',
  person:
    'member|player|student|pupil|mitglied|schulerin|membre|joueur|eleve|miembro|jugador|alumno|alumna|membro|' +
    'giocatore|alunno|alunna|участник|игрок|ученик',
  given: 'first name|given name|vorname|prenom|nombre de pila',
  family:
    'last name|surname|family name|nachname|familienname|nom de famille|apellido|apellidos|cognome|фамилия',
};
type Head = keyof typeof heads;

/** Where a sheet says what; -1 for nowhere. */
interface Columns {
  headed: boolean;
  team: number;
  weave: number;
  /** The columns that make up one person's name, the given name first; empty where a cell holds several people. */
  person: number[];
  members: number;
}

function columnsOf(first: readonly string[]): Columns {
  const cells = first.map((cell) => foldText(cell));
  const find = (head: Head) => cells.findIndex((cell) => heads[head].split('|').includes(cell));
  const at = Object.fromEntries((Object.keys(heads) as Head[]).map((head) => [head, find(head)])) as Record<
    Head,
    number
  >;
  const one = [at.given, at.family].some((where) => where >= 0) ? [at.given, at.family] : [at.person];
  const person = one.filter((where) => where >= 0);
  if (at.team < 0 && person.length === 0 && at.name >= 0)
    return { headed: true, team: at.name, weave: at.weave, person: [], members: at.members };
  // "Name" beside a team is a person, and with a surname it is the given name.
  if (at.name >= 0 && at.given < 0) person.unshift(at.name);
  const headed = at.team >= 0 || person.length > 0;
  if (headed) return { headed, team: at.team, weave: at.weave, person, members: at.members };
  return { headed, team: 0, weave: -1, person: [], members: 1 };
}

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

/** The people of one row. */
function peopleIn(cells: readonly string[], { person, members, weave }: Columns): string[] {
  const trimmed = (texts: string[]) => texts.map((one) => one.trim()).filter((one) => one !== '');
  // One person a row may be written "Name, first name": only a list is divided at commas.
  if (person.length > 0)
    return trimmed([person.map((where) => cells[where] ?? '').join(' ')]).flatMap((one) =>
      one.split(/[;\n]/),
    );
  if (members < 0) return [];
  const listed = cells.slice(members).filter((_, i) => members + i !== weave);
  return trimmed(listed.flatMap((cell) => cell.split(/[;,\n]/)));
}

/**
 * Reads teams from a table: a name each, a weave and members if they are there. Members stand in
 * one cell, divided by semicolons, commas or lines, in all further columns, or in rows of their own, as in
 * the list of a class. Every problem is told at its row; what can be mended is (too long, twice among
 * members), the others are left out.
 */
export function readTeams(table: Table, newId: () => string): TeamRow[] {
  const columns = columnsOf(table.rows[0]?.cells ?? []);
  const found: TeamRow[] = [];
  const byName = new Map<string, TeamRow>();
  const people = new Set<string>();
  const taken: Weave[] = [];
  for (const { line, cells } of columns.headed ? table.rows.slice(1) : table.rows) {
    const written = (cells[columns.team] ?? '').replace(/\s+/g, ' ').trim();
    const name = written.slice(0, NAME).trim();
    const listed = peopleIn(cells, columns);
    const known = byName.get(foldText(name));
    const problems: TeamRow['problems'] = known && listed.length > 0 ? known.problems : [];
    const say = (code: TeamProblem, text = '') => void problems.push({ code, text, line });
    const mentioned = cells[columns.weave] ?? '';
    const given = mentioned === '' ? null : readWeave(mentioned);
    if (name === '' && listed.length > 0 && columns.person.length > 0) say('noTeam', listed.join(', '));
    else if (name === '') say('noName');
    if (written.length > NAME) say('nameTooLong', written);
    if (mentioned !== '' && !given) say('unknownWeave', mentioned);
    // A team that comes again with people goes on; without any it was written twice.
    const twice = known !== undefined && listed.length === 0;
    if (twice) say('nameTwice', name);
    const tooMany = !known && byName.size >= MAX_TEAMS;
    if (tooMany) say('tooManyTeams', name);
    const dropped = name === '' || twice || tooMany;
    const weave = known?.team.weave ?? given ?? freeWeave(taken);
    const row: TeamRow =
      known && !twice ? known : { line, team: { id: newId(), name, weave }, problems, dropped };
    if (row !== known) found.push(row);
    const members = row.team.members ?? [];
    for (const text of listed) {
      if (text.length > MEMBER) say('memberTooLong', text);
      const member = text.slice(0, MEMBER).trim();
      if (people.has(foldText(member))) say('memberTwice', member);
      else if (members.length >= MAX_MEMBERS) say('tooManyMembers', member);
      else members.push(member);
      people.add(foldText(member));
    }
    if (members.length > 0) row.team.members = members;
    if (dropped || known) continue;
    byName.set(foldText(name), row);
    taken.push(weave);
  }
  return found;
}

/** Teams as rows of a sheet, to be read back the same. */
export const writeTeams = (teams: readonly Team[]): string[][] =>
  teams.map(({ name, weave, members: own }) => [
    name,
    `${weave.pattern} ${weave.warp} ${weave.weft}`,
    (own ?? []).join('; '),
  ]);
