import { formatOf } from '../../formats/index.ts';
import { isRefusal } from '../../refusal.ts';
import { defaultSpinner, type Spinner, type Surprise } from '../../show/spinner.ts';
import type { SpunWhat } from '../../formats/events.ts';
import { rank } from '../../rank/standings.ts';
import { aloneIn } from './alone.ts';
import { isRoundOver } from './asking.ts';
import { playing } from './roundCount.ts';
import { tableOf } from './table.ts';
import { scoreNow, type SittingState, type SpinnerInPlay } from '../state.ts';

export const spinnerOf = ({ show }: SittingState): Spinner => show.spinner ?? defaultSpinner;

type Field = SpinnerInPlay['fields'][number];
const half = () => 0.5;

/** Those who have not come up yet, where everybody is to come up once; all where all have. */
function notYet(state: SittingState, what: SpunWhat, all: readonly Field[]): Field[] {
  const drawn = state.drawn.get(what);
  if (!drawn || !spinnerOf(state).everybodyFirst) return [...all];
  const rounds = all.filter(({ ref }) => !drawn.has(ref));
  return rounds.length > 0 ? rounds : [...all];
}

/** Places of the round that can be chosen now. */
function openPlaces(state: SittingState): { ref: string; label: string; points: number }[] {
  const { round } = state;
  if (!round || aloneIn(state) !== null || isRoundOver(state)) return [];
  const format = formatOf(round.format);
  if (!format.chosen || format.next(round.state) !== null) return [];
  const table = tableOf(state);
  return format
    .places(state.show.rounds[round.index]!.content)
    .filter(
      ({ ref, question }) => question !== null && !isRefusal(format.choose(round.state, ref, table, half)),
    );
}

/** What a surprise is called in the log, so that it can be told from others: its place in the list. */
export const surpriseAt = (state: SittingState, ref: string): Surprise | null =>
  spinnerOf(state).surprises[Number(ref)] ?? null;

/** The fields of a spinner, with their odds; none where there is nothing to draw. */
export function fieldsOf(state: SittingState, what: SpunWhat): Field[] {
  switch (what) {
    case 'team':
      return notYet(
        state,
        what,
        playing(state).map(({ id, name }) => ({ ref: id, label: name, weight: 1 })),
      );
    case 'player': {
      const seats = [...state.seats.values()].filter(({ removed, team }) => !removed && team !== '');
      return notYet(
        state,
        what,
        seats.map(({ id, name }) => ({ ref: id, label: name, weight: 1 })),
      );
    }
    case 'category': {
      const labels = new Map<string, number>();
      for (const { label } of openPlaces(state))
        if (label !== '') labels.set(label, (labels.get(label) ?? 0) + 1);
      return [...labels.keys()].map((label) => ({ ref: label, label, weight: 1 }));
    }
    case 'question':
      return openPlaces(state).map(({ ref, label, points }) => ({
        ref,
        label: label === '' ? ref : `${label} ${points}`,
        weight: 1,
      }));
    case 'surprise':
      return spinnerOf(state).surprises.map(({ weight }, i) => ({ ref: String(i), label: '', weight }));
  }
}

/** A place of a category that is open; null where there is none left. */
export const placeIn = (state: SittingState, category: string, random: () => number): string | null => {
  const open = openPlaces(state).filter(({ label }) => label === category);
  return open[Math.floor(random() * open.length)]?.ref ?? null;
};

/** With whom somebody changes points: whoever is one place better; the first with the next. */
export function swapsWith(state: SittingState, team: string): string | null {
  const order = rank(playing(state), ({ id }) => [scoreNow(state, id)]).map(({ item }) => item.id);
  const at = order.indexOf(team);
  return at < 0 ? null : (order[at === 0 ? 1 : at - 1] ?? null);
}

/** Whether a seat may throw: for a surprise of its own team, or while its team is on turn. */
export function maySpin({ seats, spinner, turn }: SittingState, id: string): boolean {
  const seat = seats.get(id);
  if (!spinner || spinner.field !== null || !seat || seat.removed) return false;
  return (spinner.team ?? turn) === seat.team;
}
