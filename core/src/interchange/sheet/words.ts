import { foldText } from '../../text/fold.ts';
import type { Question } from '../../question/question.ts';

/** Words for true and false, folded: English, German, French, Spanish, Italian, Russian. */
export const truths: Readonly<Record<string, boolean>> = folded({
  true: true,
  t: true,
  yes: true,
  correct: true,
  false: false,
  f: false,
  no: false,
  incorrect: false,
  wahr: true,
  richtig: true,
  ja: true,
  falsch: false,
  nein: false,
  vrai: true,
  oui: true,
  faux: false,
  non: false,
  verdadero: true,
  cierto: true,
  si: true,
  falso: false,
  vero: true,
  верно: true,
  правда: true,
  да: true,
  неверно: false,
  ложь: false,
  нет: false,
});

/** Words for how hard something is, folded. */
export const difficultyWords: Readonly<Record<string, NonNullable<Question['difficulty']>>> = folded({
  leicht: 'easy',
  einfach: 'easy',
  facile: 'easy',
  facil: 'easy',
  легкий: 'easy',
  легко: 'easy',
  mittel: 'medium',
  moyen: 'medium',
  medio: 'medium',
  media: 'medium',
  средний: 'medium',
  schwer: 'hard',
  schwierig: 'hard',
  difficile: 'hard',
  dificil: 'hard',
  сложный: 'hard',
  трудный: 'hard',
});

/** Words as they are compared. */
function folded<T>(words: Record<string, T>): Record<string, T> {
  return Object.fromEntries(Object.entries(words).map(([word, means]) => [foldText(word), means]));
}
