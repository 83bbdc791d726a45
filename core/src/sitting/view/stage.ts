import { formatOf } from '../../formats/index.ts';
import { creditsOf, eachOnce, type CreditLine } from '../../question/credits.ts';
import { creditsBeside } from '../../show/credits.ts';
import { soundsView, type SoundsView } from '../../show/sound/sounds.ts';
import { seatsOf, type SittingState } from '../state.ts';
import type { ClothRow } from '../../formats/format.ts';
import { clothOf } from './cloth.ts';
import { liveView, type LiveView } from './live.ts';
import { publicView, shortView, type PublicView } from './public.ts';

export interface StageView extends PublicView {
  /** What was woven, once the show is over. */
  cloth: ClothRow[] | null;
  /** Names by team, while people are coming in: the first of them; how many there are stands with the team. */
  lobby: Record<string, string[]> | null;
  /** Whom to thank for pictures, sounds and texts of the questions that were played, once the show is over, and where an interlude says so. */
  credits: CreditLine[];
  /** The event after which the next step is offered: what it is called is the desk's alone. */
  steppedWith: number;
  /** What the format shows that changes with every answer. */
  live: LiveView | null;
  /** What is heard, or null where the show has no sounds. */
  sounds: SoundsView | null;
}

/** So many names of a team are told at the doors. */
const NAMES = 8;

function creditsPlayed(state: SittingState): CreditLine[] {
  const plays = [...state.plays.values()].filter((play) => play !== state.question);
  const shown = new Set(plays.filter((play) => play.keyShown).map((play) => play.question));
  const ids = new Set(plays.map((play) => play.question));
  const questions = [...ids].flatMap((id) => state.show.questions[id] ?? []);
  const played = creditsOf(questions, (question) => shown.has(question.id));
  return eachOnce([...played, ...creditsBeside(state.show)]);
}

export function stageView(state: SittingState): StageView {
  const lobby =
    state.phase === 'lobby'
      ? Object.fromEntries(
          state.show.teams.map((team) => [
            team.id,
            seatsOf(state, team.id)
              .slice(0, NAMES)
              .map((seat) => seat.name),
          ]),
        )
      : null;
  const on = state.round && state.show.rounds[state.round.index];
  const thanks = on ? formatOf(on.format).does(on.content) === 'thanks' : false;
  const credits = state.phase === 'closed' || thanks ? creditsPlayed(state) : [];
  const cloth = state.phase === 'closed' ? clothOf(state) : null;
  const sounds = soundsView(state.show.sounds, state.muted);
  return {
    ...shortView(publicView(state), 'stage'),
    cloth,
    lobby,
    credits,
    sounds,
    live: liveView(state),
    steppedWith: state.steppedWith,
  };
}
