import { isOfRound } from '../formats/events.ts';
import type { LoggedEvent } from '../sitting/events.ts';
import type { Round, Show } from '../show/show.ts';
import type { PaperQuestion, PaperRound } from './paper.ts';
import { fastestOnPaper } from './valueOnPaper.ts';

/** What somebody sees who looks at the sheet on the wall: how many squares each group has, and whether it has a row. */
export function claimOnPaper(
  { devices }: Show,
  { groups, owned }: PaperRound,
  { content }: Round,
  played: readonly PaperQuestion[],
): (team: string) => [row: number, squares: number] {
  if (!('inARow' in content)) return () => [0, 0];
  const { rows, columns, inARow } = content;
  const sheet = Array.from({ length: rows }, () => Array.from({ length: columns }, () => -1));
  const of = (team: string) => groups.findIndex((teams) => teams.includes(team));
  let first = -1;
  const won = (play: PaperQuestion) =>
    (play.alone
      ? [...play.answers.values()].find((one) => (one.share ?? 0) >= 1)?.team
      : fastestOnPaper(play, devices, play.members, () => true)) ?? null;
  /** What the host said last of a square stands in place of how its question ended. */
  const said = new Map(owned.map(({ square, team }) => [square, team]));
  const moments = [
    ...played.map((play) => ({
      seq: play.settledAt!,
      square: Number(play.ref),
      team: won(play),
      said: false,
    })),
    ...owned.map((one) => ({ ...one, said: true })),
  ].sort((a, b) => a.seq - b.seq);
  for (const { square, team, said: byHost } of moments) {
    if (team === null && !byHost) continue;
    const right = said.has(square) ? said.get(square)! : team;
    const [r, c] = [Math.floor(square / columns), square % columns];
    if (right == null || sheet[r]![c] !== -1) continue;
    sheet[r]![c] = of(right);
    if (first < 0 && longest(sheet, of(right)) >= inARow) first = of(right);
  }
  const count = (group: number) => sheet.flat().filter((one) => one === group).length;
  return (team) => [of(team) >= 0 && of(team) === first ? 1 : 0, of(team) < 0 ? 0 : count(of(team))];
}

/** The longest row of a group, walked along from every square in every direction. */
function longest(sheet: readonly number[][], group: number): number {
  let most = 0;
  sheet.forEach((row, r) =>
    row.forEach((_, c) => {
      for (let down = -1; down <= 1; down++)
        for (let right = -1; right <= 1; right++) {
          if (down === 0 && right === 0) continue;
          let length = 0;
          while (sheet[r + down * length]?.[c + right * length] === group) length++;
          most = Math.max(most, length);
        }
    }),
  );
  return most;
}

/** The teams of each group, as they were dealt. */
export const dealtGroups = (dealt: unknown): string[][] =>
  ((dealt as { groups?: string[][] } | null | undefined)?.groups ?? []).map((teams) => [...teams]);

/** Whoever is first heard of when the groups are dealt goes where there are fewest. */
export function joinsGroup(round: PaperRound | undefined, event: LoggedEvent): void {
  if (!round || round.groups.length === 0) return;
  const heard =
    event.type === 'picked'
      ? event.floor
      : event.type === 'acted'
        ? ((event.act as { team?: string | null }).team ?? null)
        : isOfRound(event) && 'team' in event
          ? event.team
          : null;
  if (!heard || round.groups.some((teams) => teams.includes(heard))) return;
  [...round.groups].sort((a, b) => a.length - b.length)[0]!.push(heard);
}
