import { wordsOfOption, type AnswerView } from '@distaff/core/question';
import type { PublicQuestion } from '@distaff/core/sitting';

/** What this phone answered where no names are kept: nobody else can tell it. By join code and question. */
const keyOf = (code: string, play: number) => `distaff-own-${code}-${play}`;
const here = new Map<string, AnswerView>();

/** An answer as it was sent, in the words of its question. */
export function viewOf({ control, options }: PublicQuestion, wire: object): AnswerView {
  const sent = wire as { slot?: number; slots?: number[]; step?: number; text?: string };
  const wordsAt = (slot: number) => (options?.[slot] ? wordsOfOption(options[slot]) : '');
  if (sent.text !== undefined) return { slots: [], text: sent.text };
  if (sent.step !== undefined)
    return { slots: [sent.step], text: String(sent.step + (control?.type === 'scale' ? control.from : 0)) };
  const slots = sent.slots ?? (sent.slot === undefined ? [] : [sent.slot]);
  return { slots, text: slots.map(wordsAt).join(control?.type === 'order' ? ' → ' : ', ') };
}

export function keepOwn(code: string, play: number, answer: AnswerView): void {
  here.set(keyOf(code, play), answer);
  try {
    // Gone with the tab: it is nobody else's business later.
    sessionStorage.setItem(keyOf(code, play), JSON.stringify(answer));
  } catch {
    // Storage may be shut: then it is known as long as the page lives.
  }
}

export function ownAnswer(code: string, play: number): AnswerView | null {
  const known = here.get(keyOf(code, play));
  if (known) return known;
  try {
    const kept = sessionStorage.getItem(keyOf(code, play));
    return kept === null ? null : (JSON.parse(kept) as AnswerView);
  } catch {
    return null;
  }
}
