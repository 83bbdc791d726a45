import { defaultWordRules, type Show, type WordRules } from '@distaff/core/show';
import { unwantedWords } from '@distaff/core/text';
import lists from 'naughty-words';

type Test = (text: string) => boolean;
const nothing: Test = () => false;
/** One test a show: a list of hundreds of words is not folded anew for every name. */
const known = new WeakMap<Show, Test>();

function made({ off, languages, also, allow }: WordRules): Test {
  if (off) return nothing;
  const words = languages.flatMap((language) => lists[language] ?? []);
  return unwantedWords([...words, ...also], allow);
}

/** Tells names and answers with unwanted words, by the rules of a show and the lists of the package. */
export function unwantedIn(show: Show): Test {
  let test = known.get(show);
  if (!test) {
    test = made(show.doors.words ?? defaultWordRules);
    known.set(show, test);
  }
  return test;
}

/** The languages (BCP 47) that there are lists for. */
export const unwantedLanguages: readonly string[] = Object.keys(lists);
