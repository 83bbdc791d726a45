import type { Answered } from '../practice/view.ts';
import { writtenQuestion } from '../sitting/read/inPlay.ts';
import { playOf, type SittingState } from '../sitting/state.ts';
import { teamViews } from '../sitting/view/public.ts';
import { defaultLook, lookView, type LookView } from '../show/look/look.ts';
import type { Weave } from '../show/weave.ts';
import { personOf } from './person.ts';

/** What a player keeps of a game: their own answers, what was right and why, and where they stood. */
export interface OwnEvening {
  title: string;
  name: string;
  team: string;
  weave: Weave;
  look: LookView;
  place: number;
  score: number;
  answers: Answered[];
}

/** A player's own evening, or that of their team where it answered as one; null for nobody's seat. */
export function eveningOf(state: SittingState, seat: string): OwnEvening | null {
  const own = state.seats.get(seat);
  const standing = own && teamViews(state).find(({ id }) => id === own.team);
  if (!own || !standing) return null;
  const report = personOf(state, seat) ?? personOf(state, own.team);
  return {
    title: state.show.title,
    name: own.name,
    look: lookView(state.show.look ?? defaultLook),
    team: standing.name,
    weave: standing.weave,
    place: standing.place,
    score: standing.score,
    answers: (report?.answers ?? []).map((one) => {
      const written = writtenQuestion(state, playOf(state, one.play)!);
      return {
        question: written.id,
        topic: one.place,
        prompt: one.prompt,
        language: written.language,
        given: one.answer === '' ? [] : [one.answer],
        key: one.key,
        explanation: one.explanation,
        share: one.share,
      };
    }),
  };
}
