import { isOfShelf } from '../media/media.ts';
import { mediaOf } from '../question/media.ts';
import { kindOf } from '../question/kinds/index.ts';
import { wordsOfOption } from '../question/kinds/options.ts';
import { asPlayed, lacksOf } from '../question/asPlayed.ts';
import type { Question } from '../question/question.ts';
import { foldText } from '../text/fold.ts';
import { plainText } from '../text/markdown.ts';
import { strangeLetters } from './letters.ts';
import { HARD, readingLevel, readingSeconds } from './readingLevel.ts';
import type { Remark, RemarkCode } from './remark.ts';

/** A key gives itself away when it is this much longer than the longest other option (common practice). */
const TIMES_LONGER = 1.6;
const LETTERS_LONGER = 15;

const remark = (
  code: RemarkCode,
  weight: Remark['weight'],
  params: Remark['params'] = {},
  mend: Remark['mend'] = null,
): Remark => ({ code, weight, params, mend });

/** What a question lacks must be mended; a few of those mends are safe. */
function lacking(question: Question): Remark[] {
  const { answer } = question;
  const options = 'options' in answer ? answer.options : [];
  return lacksOf(question).map((lack): Remark => {
    switch (lack) {
      case 'prompt':
        return remark('noPrompt', 'must');
      case 'key':
        return remark('noKey', 'must');
      case 'emptyPair':
        return remark('emptyPair', 'must');
      case 'emptyOption':
        return remark('emptyOption', 'must');
      case 'equalOptions': {
        const different = new Set(options.map((option) => foldText(wordsOfOption(option)))).size;
        return answer.kind === 'choice' && keyTwice(question)
          ? remark('keyTwice', 'must', {}, different >= 2 ? 'dropEqual' : null)
          : remark(
              'equalOptions',
              'must',
              {},
              options.length > 0 && answer.kind !== 'order' && different >= 2 ? 'dropEqual' : null,
            );
      }
    }
  });
}

/** Where only one option may be right, another one that reads like the key is a second key. */
function keyTwice({ answer }: Question): boolean {
  if (answer.kind !== 'choice') return false;
  const key = answer.options.find((option) => option.id === answer.key);
  return (
    key !== undefined &&
    answer.options.filter((option) => foldText(wordsOfOption(option)) === foldText(wordsOfOption(key)))
      .length > 1
  );
}

function givenAway(question: Question): Remark[] {
  const { answer } = question;
  const found: Remark[] = [];
  if (
    answer.kind === 'many' &&
    answer.options.length > 0 &&
    answer.options.every((one) => answer.keys.includes(one.id))
  )
    found.push(remark('allRight', 'should'));
  if (answer.kind === 'choice') {
    const length = (one: (typeof answer.options)[number]) => plainText(wordsOfOption(one)).length;
    const key = answer.options.find((option) => option.id === answer.key);
    const longest = Math.max(0, ...answer.options.filter((one) => one !== key).map(length));
    if (key && length(key) >= longest + LETTERS_LONGER && length(key) >= longest * TIMES_LONGER)
      found.push(remark('keyStandsOut', 'should', { key: length(key), other: longest }));
  }
  const kind = kindOf(answer.kind);
  const keys = ['order', 'match', 'truefalse', 'number'].includes(answer.kind)
    ? []
    : kind.key(answer, kind.asWritten(answer)).texts;
  const told = (text: string) => {
    if (keys.length === 0) return undefined;
    const inText = ` ${foldText(plainText(text))} `;
    return keys.find(
      (key) =>
        key.length >= 4 && foldText(key).length >= 4 && inText.includes(` ${foldText(plainText(key))} `),
    );
  };
  const inPrompt = told(question.prompt);
  if (inPrompt !== undefined) found.push(remark('keyInPrompt', 'should', { key: inPrompt }));
  for (const { place, media } of mediaOf(question)) {
    const inAlt = place === 'answerPicture' || place === 'option' ? undefined : told(media.alt);
    if (inAlt !== undefined) found.push(remark('altTellsKey', 'should', { alt: media.alt, key: inAlt }));
  }
  return found;
}

function aboutMedia(question: Question): Remark[] {
  const media = mediaOf(question);
  // An option that is a picture alone lacks its words already.
  const noAlt = media.filter((one) => one.media.alt.trim() === '').length;
  const noCredit = media.filter(
    ({ media: { file, credit, licence } }) =>
      !(file !== null && isOfShelf(file)) && credit.trim() === '' && licence.trim() === '',
  ).length;
  return [
    ...(noAlt > 0 ? [remark('noAlt', 'should', { n: noAlt })] : []),
    ...(noCredit > 0 ? [remark('noCredit', 'should', { n: noCredit })] : []),
  ];
}

function aboutReading(question: Question): Remark[] {
  const found: Remark[] = [];
  const kind = kindOf(question.answer.kind);
  const texts = [question.prompt, ...kind.texts(question.answer), question.explanation];
  const strange = [...new Set(texts.flatMap(strangeLetters))];
  if (strange.length > 0)
    found.push(
      remark('strangeLetters', 'may', { letters: strange.slice(0, 12).join(' '), n: strange.length }),
    );
  const level = readingLevel(question.prompt, question.language);
  if (level && level.value >= HARD[level.by])
    found.push(remark('hardToRead', 'may', { by: level.by, value: Math.round(level.value) }));
  if (question.clock !== null && kind.given === 'handset') {
    const seconds = Math.ceil(readingSeconds([question.prompt, ...kind.texts(question.answer)]));
    if (seconds > question.clock)
      found.push(remark('clockTooShort', 'should', { clock: question.clock, seconds }, 'moreTime'));
  }
  return found;
}

/** Everything that a look at one question alone can find, the gravest first. `today` is YYYY-MM-DD. */
export function reviewQuestion(written: Question, today: string): Remark[] {
  const question = asPlayed(written);
  const { checkAgainBy } = question;
  const stale = checkAgainBy !== null && checkAgainBy <= today;
  return [
    ...lacking(question),
    ...givenAway(question),
    ...(stale ? [remark('stale', 'should', { day: checkAgainBy }, 'checkedToday')] : []),
    ...aboutMedia(question),
    ...aboutReading(question),
  ];
}

/** What a question should be looked at for, beside what it lacks before it may be played. */
export const remarksBeside = (question: Question, today: string): Remark[] =>
  reviewQuestion(question, today).filter((one) => one.weight !== 'must');

/** How many of those there are on any day: dates are told apart, since they come due by themselves. */
export const lastingRemarks = (question: Question): number =>
  remarksBeside({ ...question, checkAgainBy: null }, '').length;
