import { expect, test } from '@jest/globals';
import { readTable, readTeams } from './index.ts';

/** Teams with their members, as a sheet that somebody else made says. */
function teamsIn(...lines: string[]): Record<string, string[]> {
  const got = readTable(lines.join('\n'));
  if ('trouble' in got) throw new Error(got.trouble);
  let n = 0;
  const rows = readTeams(got.table, () => `t${n++}`).filter((row) => !row.dropped);
  return Object.fromEntries(rows.map(({ team }) => [team.name, team.members ?? []]));
}

const wanted = { Rot: ['Anna', 'Cem'], Blau: ['Ben'] };
test.each<[string, string[], Record<string, string[]>]>([
  ['a list of a class with groups', ['Name;Gruppe', 'Anna;Rot', 'Ben;Blau', 'Cem;Rot'], wanted],
  ['the group first', ['Gruppe;Name', 'Rot;Anna', 'Blau;Ben', 'Rot;Cem'], wanted],
  ['a row a person, in German', ['Mannschaft;Spieler', 'Rot;Anna', 'Blau;Ben', 'Rot;Cem'], wanted],
  ['a row a team, in German', ['Mannschaft;Spieler', 'Rot;Anna, Cem', 'Blau;Ben'], wanted],
  ['in French', ['Équipe;Élève', 'Rot;Anna', 'Rot;Cem', 'Blau;Ben'], wanted],
  ['in Spanish', ['Equipo,Jugadores', 'Rot,Anna; Cem', 'Blau,Ben'], wanted],
  ['in Italian', ['Squadra;Giocatore', 'Rot;Anna', 'Rot;Cem', 'Blau;Ben'], wanted],
  ['in Russian', ['Команда;Участник', 'Rot;Anna', 'Rot;Cem', 'Blau;Ben'], wanted],
  [
    'given name and surname apart',
    ['Nachname;Vorname;Gruppe', 'Müller;Anna;Rot', 'Yıldız;Cem;Rot', 'Bär;Ben;Blau'],
    { Rot: ['Anna Müller', 'Cem Yıldız'], Blau: ['Ben Bär'] },
  ],
  ['surname before a comma', ['Student,Group', '"Müller, Anna",Rot'], { Rot: ['Müller, Anna'] }],
  ['names of teams alone', ['Name', 'Rot', 'Blau'], { Rot: [], Blau: [] }],
  ['people after the team, no header', ['Rot;Anna;Cem', 'Blau;Ben'], wanted],
])('%s', (_, lines, teams) => expect(teamsIn(...lines)).toEqual(teams));

test('somebody without a group is told of at the row, and so is a team on a line of its own', () => {
  const got = readTable('Name;Group\nAnna;Red\nBen;\nCem;Red\nAnna;Red');
  if ('trouble' in got) throw new Error(got.trouble);
  const rows = readTeams(got.table, () => 't');
  expect(rows.map(({ line, dropped, problems }) => ({ line, dropped, problems }))).toEqual([
    { line: 2, dropped: false, problems: [{ code: 'memberTwice', text: 'Anna', line: 5 }] },
    { line: 3, dropped: true, problems: [{ code: 'noTeam', text: 'Ben', line: 3 }] },
  ]);
});
