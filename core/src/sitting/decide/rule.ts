import type { Verdict } from '../../question/kind.ts';
import type { Draft } from '../events.ts';
import { kindInPlay } from '../read/inPlay.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import {
  memberwise,
  playOf,
  teamOf,
  type QuestionInPlay,
  type Response,
  type SittingState,
} from '../state.ts';
import { reckonAgain, type Changed } from './reckonAgain.ts';
import { said } from '../read/alike.ts';
import { wonBy } from '../read/points.ts';
import { ruleAlone } from './alone.ts';
import type { Context } from './context.ts';
import { lock } from './steps.ts';

interface Ruling {
  team: string;
  verdict: Verdict;
  share?: number | undefined;
  seat?: string | undefined;
  play?: number | undefined;
}
type Ruled = Draft & { type: 'ruled' };

const ruledAs = (team: string, verdict: Verdict, share: number, who: string, play?: number): Ruled => ({
  type: 'ruled',
  team,
  verdict,
  by: 'host',
  ...(verdict === 'part' ? { share } : {}),
  who,
  ...(play === undefined ? {} : { play }),
});

/** Rules on an answer; what was said aloud to an open question with one team on the floor locks it. */
export function rule(state: SittingState, ruling: Ruling, context: Context): Draft[] | Refusal {
  const { team, verdict, share = 0.5, seat } = ruling;
  const question = ruling.play === undefined ? state.question : playOf(state, ruling.play);
  if (!question) return refuse('notNow', 'noneInPlay');
  if (question.to !== null) return ruleOnOne(state, question, ruling, context);
  if (question.step === 'picked') return refuse('already', 'questionChosen');
  if (!teamOf(state, team)) return refuse('notThere', 'noTeam');
  if (!kindInPlay(state, question).keyed) return refuse('notNow', 'noCorrectByHand');
  if (seat !== undefined && !(memberwise(state, question) && question.byWho.get(seat)?.team === team))
    return refuse('notThere', 'noAnswer');
  const who = seat ?? team;
  const before = question.byWho.get(who);
  if (before?.verdict === verdict && (verdict !== 'part' || before.share === share))
    return refuse('already', 'markedSo');
  const own = ruledAs(team, verdict, share, who, ruling.play);
  if (question.step === 'settled') return [own, ...reckonAgain(state, [{ question, rulings: [own] }])];
  if (question.mode !== 'everyone') {
    if (question.tried.includes(team)) return refuse('notNow', 'passedTeam');
    if (team !== question.floor && verdict === 'wrong' && !before) return refuse('notNow', 'notTheirTurn');
    const won = wonBy(state, question);
    if (verdict !== 'wrong' && won && won.team !== team) return refuse('notNow', 'otherRight');
  }
  if (question.step !== 'posed' && question.step !== 'open') return [own];
  if (question.mode === 'everyone') return question.step === 'posed' ? refuse('notNow', 'openFirst') : [own];
  if (question.step === 'posed') return [{ type: 'locked', why: 'host' }, own];
  const locked = lock(state, 'host');
  return 'refused' in locked ? locked : [...locked.filter((one) => one.type === 'locked'), own];
}

/** Rules on what was asked of one alone; where that is open still, it ends with it. */
function ruleOnOne(
  state: SittingState,
  question: QuestionInPlay,
  { verdict, share = 0.5 }: Ruling,
  context: Context,
): Draft[] | Refusal {
  const before = question.byWho.get(question.to!);
  if (before?.verdict === verdict && (verdict !== 'part' || before.share === share))
    return refuse('already', 'markedSo');
  const own = ruledAs(question.floor!, verdict, share, question.to!, question.play);
  if (question.step === 'settled') return [own, ...reckonAgain(state, [{ question, rulings: [own] }])];
  return ruleAlone(state, question, own, context);
}

/** Whether two answers to the same question are the same, as people would say. */
const sameAnswer = (a: Response, b: Response): boolean =>
  a.answer !== null && b.answer !== null && said(a.answer) === said(b.answer);

/** Rules an answer right for everyone who gave it, also when the question is over long since. */
export function acceptAnswer(state: SittingState, play: number, who: string): Draft[] | Refusal {
  const question: QuestionInPlay | null = playOf(state, play);
  const meant = question?.byWho.get(who);
  if (!question || !meant?.answer) return refuse('notThere', 'noAnswer');
  if (!kindInPlay(state, question).keyed) return refuse('notNow', 'noCorrect');
  if (question.step === 'open') return refuse('notNow', 'lockFirst');
  if (question.to !== null) return acceptFromEach(state, question, meant);
  const same = question.responses.filter((one) => sameAnswer(meant, one) && one.share < 1);
  if (same.length === 0) return refuse('already', 'markedRight');
  const settled = question.step === 'settled';
  const rulings = same.map((one) => ruledAs(one.team, 'right', 1, one.who, settled ? play : undefined));
  return settled ? [...rulings, ...reckonAgain(state, [{ question, rulings }])] : rulings;
}

/** The same where everybody is asked alone: all who were asked that question in the round, and said the same. */
function acceptFromEach(
  state: SittingState,
  { question: id, begun }: QuestionInPlay,
  meant: Response,
): Draft[] | Refusal {
  const changed: Changed[] = [];
  for (const question of state.plays.values()) {
    const { play, to, step } = question;
    if (question.question !== id || question.begun !== begun || to === null || step !== 'settled') continue;
    const [own] = question.responses.filter((one) => sameAnswer(meant, one) && one.share < 1);
    if (own) changed.push({ question, rulings: [ruledAs(own.team, 'right', 1, own.who, play)] });
  }
  if (changed.length === 0) return refuse('already', 'markedRight');
  return [...changed.flatMap(({ rulings }) => rulings), ...reckonAgain(state, changed)];
}
