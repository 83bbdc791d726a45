import { aloneIn } from '../read/alone.ts';
import { questionForHost, type QuestionForHost } from '../../question/forHost.ts';
import { kindInPlay, writtenQuestion } from '../read/inPlay.ts';
import type { SittingState } from '../state.ts';

/** One who is asked alone, as the host sees them. */
export interface AloneLine {
  /** The seat, or the team that answers as one. */
  who: string;
  team: string;
  /** The question before them, by its number; null where it is over or there is none. */
  play: number | null;
  /** What people call its place. */
  at: string;
  answered: number;
  right: number;
  /** Since when nothing happened with it (server ms). */
  since: number;
}

export interface AloneView {
  lines: AloneLine[];
  answered: number;
  right: number;
  /** Questions that were missed most: how often asked, and by how many got. */
  missed: { question: string; prompt: string; answered: number; right: number }[];
  /** What each team is to be asked aloud, for the host to read out and to judge. */
  aloud: { team: string; play: number; question: QuestionForHost }[] | null;
}

/** So many of the most missed are named. */
const MISSED = 5;

/** Everybody who is asked alone in the round that is on, and how it goes; null where nobody is. */
export function aloneView(state: SittingState): AloneView | null {
  const { round, asked } = state;
  if (state.phase !== 'round' || !round || aloneIn(state) === null || round.startedAt === null) return null;
  const lines = [...round.tracks].map(([who, { team, answered, right, since }]): AloneLine => {
    const question = asked.get(who);
    const open = question?.step === 'open' ? question : null;
    return { who, team, play: open?.play ?? null, at: open?.ref ?? '', answered, right, since };
  });
  const sum = (of: (line: AloneLine) => number) => lines.reduce((total, line) => total + of(line), 0);
  return {
    lines,
    answered: sum((line) => line.answered),
    right: sum((line) => line.right),
    missed: missedMost(state),
    aloud: aloudOf(state),
  };
}

/** What is said aloud: without phones all of it, with them what no phone can answer. */
function aloudOf(state: SittingState): AloneView['aloud'] {
  const without = state.show.devices.mode === 'none';
  const said = [...state.asked.values()].filter(
    (question) => question.step === 'open' && (without || kindInPlay(state, question).given === 'aloud'),
  );
  if (said.length === 0 && !without) return null;
  return said.map((question) => ({
    team: question.floor!,
    play: question.play,
    question: questionForHost(writtenQuestion(state, question), question.order),
  }));
}

function missedMost(state: SittingState): AloneView['missed'] {
  const { byQuestion } = state.round!;
  return [...byQuestion]
    .filter(([, { answered, right }]) => answered > right)
    .sort(([, a], [, b]) => b.answered - b.right - (a.answered - a.right))
    .slice(0, MISSED)
    .map(([question, counts]) => ({
      question,
      prompt: state.show.questions[question]?.prompt ?? '',
      ...counts,
    }));
}
