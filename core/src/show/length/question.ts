import { kindOf, type KindName } from '../../question/kinds/index.ts';
import type { Question } from '../../question/question.ts';
import { plainText } from '../../text/markdown.ts';
import type { RoundRules } from '../../formats/rules.ts';
import type { Span } from '../../time/span.ts';

/**
 * Words a minute: aloud 183, silently 238. M. Brysbaert, "How many words do we read per minute? A
 * review and meta-analysis of reading rate", Journal of Memory and Language 109 (2019); from memory.
 */
export const ALOUD = 183;
export const SILENTLY = 238;

/** Seconds for thinking where no clock runs, by kind; our own estimate, which measured pace corrects. */
const THINKING: Record<KindName, number> = {
  choice: 12,
  truefalse: 8,
  many: 18,
  text: 18,
  number: 15,
  order: 28,
  match: 32,
  aloud: 12,
  opinion: 12,
  scale: 10,
  words: 35,
  card: 0,
};
/** How much of a clock is used as a rule, and at least. */
const OF_CLOCK = { likely: 0.7, low: 0.35 };
/** Without a clock it may take this much less or more. */
const UNBOUND = { low: 0.5, high: 2.5 };
/** How often a question goes on to somebody else, and how much of the time that takes again. */
const HANDED_ON = 0.35;
const AGAIN = 0.6;
/** Choosing, showing and ruling, and what the host says beside it (s). */
const CHOOSING = 6;
const REVEAL = 6;
const TALK = 6;
/** A video of unknown length, and a sound. */
const VIDEO = 30;
const SOUND = 10;

const between = (n: number, least: number, most: number): number => Math.min(most, Math.max(least, n));

export const wordsIn = (text: string): number => plainText(text).split(/\s+/).filter(Boolean).length;

/** Words that are read out or read when a question is asked: prompt and all that may be chosen from. */
export function wordsOfQuestion(question: Question): number {
  const { answer } = question;
  const kind = kindOf(answer.kind);
  const options = kind.options(answer, kind.asWritten(answer));
  return wordsIn(question.prompt) + options.reduce((sum, option) => sum + wordsIn(option.text), 0);
}

/** How long it takes to read a question out, in seconds. */
export const readingAloud = (question: Question): number => (wordsOfQuestion(question) / ALOUD) * 60;

/** How long it takes to read a question for oneself, in seconds. */
export const readingSilently = (question: Question): number => (wordsOfQuestion(question) / SILENTLY) * 60;

/** How long one question takes from being chosen to the next one, under the rules of its round. */
export function questionSpan(question: Question, rules: RoundRules, chosen: boolean): Span {
  const kind = kindOf(question.answer.kind);
  const fixed =
    readingAloud(question) +
    (wordsIn(question.explanation) / ALOUD) * 60 +
    (question.video ? VIDEO : 0) +
    (question.sound ? SOUND : 0) +
    (chosen ? CHOOSING : 0) +
    (kind.given === 'nowhere' ? 0 : REVEAL);
  const clock = kind.given === 'nowhere' ? null : (question.clock ?? rules.clock);
  // What it took before tells more than its kind, also where a clock runs: who is done does not wait for it.
  const usual = question.learnt?.seconds ?? null;
  const thinking = usual ?? THINKING[question.answer.kind];
  const once: Span =
    clock === null
      ? { low: thinking * UNBOUND.low, likely: thinking, high: thinking * UNBOUND.high }
      : {
          low: clock * OF_CLOCK.low,
          likely: usual === null ? clock * OF_CLOCK.likely : between(usual, clock * OF_CLOCK.low, clock),
          high: clock,
        };
  const handed = rules.floor !== 'everyone' && rules.afterWrong !== 'close' && kind.keyed;
  const more = handed ? HANDED_ON * AGAIN : 0;
  return {
    low: fixed + once.low,
    likely: fixed + TALK + once.likely * (1 + more),
    high: fixed + 2 * TALK + once.high * (handed ? 1 + AGAIN : 1),
  };
}
