import type { Show } from '../show/show.ts';
import type { PaperNotes, PaperQuestion, PaperRound } from './paper.ts';
import { claimOnPaper } from './claimOnPaper.ts';
import { loseLives } from './paperNotes.ts';
import { paperOf } from './papers.ts';

/**
 * What a round brings everybody at its end, as it was told beforehand: points for lives, points for
 * places, what is taken off for the distance from zero. `earned` are the points of its questions.
 */
export function roundOnPaper(
  { show, names, left }: PaperNotes,
  paper: PaperRound,
  played: readonly PaperQuestion[],
  earned: ReadonlyMap<string, number>,
): Map<string, number> {
  const { round, lifted } = paper;
  const squares = claimOnPaper(show, paper, round, played);
  const ids = [...names.keys()].filter((id) => !(show.devices.score === 'players' && left.has(id)));
  const lives = livesAtTheEnd(show, played);
  const total = (id: string) =>
    lifted.filter((one) => one.team === id).reduce((sum, one) => sum + one.amount, 0);
  const points = (id: string) => earned.get(id) ?? 0;
  const { brings, placePoints, lifePoints } = round.rules;
  const { nearZero } = paperOf(round);
  const all = paperOf(round).lives(round);
  // The first number says more than the second.
  const good = (id: string): [number, number] => {
    if (all !== null) return [lives(id, all), points(id)];
    if (round.format === 'claim') return squares(id);
    return nearZero ? [0, -Math.abs(total(id))] : [0, points(id)];
  };
  const worse = (a: string, b: string) => {
    const [x, y] = [good(a), good(b)];
    return x[0] < y[0] || (x[0] === y[0] && x[1] < y[1]);
  };
  return new Map(
    ids.map((id) => {
      if (brings === 'nothing') return [id, -points(id)];
      if (brings === 'places')
        return [id, ids.filter((one) => worse(one, id)).length * placePoints - points(id)];
      if (all !== null) return [id, lives(id, all) * lifePoints];
      if (round.format === 'claim') return [id, squares(id)[1] * lifePoints];
      return [id, nearZero ? -Math.abs(total(id)) : 0];
    }),
  );
}

/** The lives that everybody keeps, question by question as the rulings stand in the end. */
function livesAtTheEnd(show: Show, played: readonly PaperQuestion[]): (id: string, all: number) => number {
  const lives = new Map<string, number>();
  for (const play of played) {
    const out = new Set([...lives].filter(([, n]) => n <= 0).map(([id]) => id));
    loseLives(show, { ...play, out }, lives, play.asked);
  }
  return (id, all) => lives.get(id) ?? all;
}
