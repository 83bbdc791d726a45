import { formats, rulesWith } from '@distaff/core/formats';
import { newRound, settingsFor, type Show, type Situation } from '@distaff/core/show';
import { demoShow, quizShow, workshopShow } from '../app.ts';

const situations: Situation[] = ['check', 'venue', 'stream', 'call'];

/** A show for a walk: every kind of question, in the settings of a situation; then every other format. */
export function liveShow(number: number): Show {
  if (number % 5 === 0) return demoShow();
  const { rules, devices } = settingsFor[situations[number % situations.length]!];
  const show = quizShow(Object.values(workshopShow().questions), rulesWith(rules), devices);
  let n = 0;
  for (const format of Object.keys(formats) as (keyof typeof formats)[]) {
    const round = newRound(format, () => `more${n++}`);
    if ('items' in round.content && format !== 'quiz')
      show.rounds.push({ ...round, content: { ...round.content, items: itemsOf(show) } } as typeof round);
  }
  return show;
}

const itemsOf = (show: Show) => Object.keys(show.questions).map((id) => ({ id, points: null }));
