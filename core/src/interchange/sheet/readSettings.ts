import * as v from 'valibot';
import { difficulties, MAX_TAGS, type Question } from '../../question/question.ts';
import { foldText } from '../../text/fold.ts';
import { readNumber } from '../../text/number.ts';
import { languageTag } from '../../text/schemas.ts';
import { splitCell } from './cells.ts';
import { readDate } from './date.ts';
import { difficultyWords } from './words.ts';
import { flat, type SheetRow } from './sheetRow.ts';

/** Everything of a row beside prompt and answer. */
export function readSettings(row: SheetRow, question: Question): void {
  const clock = row.one('clock');
  if (clock !== '') {
    const read = readNumber(clock);
    const seconds = Math.round(read?.value ?? NaN);
    if (seconds >= 3 && seconds <= 600) question.clock = seconds;
    else row.say('badNumber', 'clock', clock);
  }
  const weights: Record<string, 0 | 1 | 2> = { '0': 0, none: 0, '1': 1, standard: 1, '2': 2, double: 2 };
  const weight = foldText(row.one('weight'));
  if (weight in weights) question.weight = weights[weight]!;
  else if (weight !== '') row.say('unknownWord', 'weight', row.one('weight'), 'standard');
  question.explanation = row.cut('explanation', row.one('explanation'), 1000);
  question.hint = row.cut('hint', row.one('hint'), 500);
  question.notes = row.cut('notes', row.one('notes'), 1000);
  question.onRight = row.cut('onRight', flat(row.one('onRight')), 200);
  question.onWrong = row.cut('onWrong', flat(row.one('onWrong')), 200);
  question.credit = row.cut('credit', flat(row.one('credit')), 300);
  const tags = row.all('tags').flatMap((cell) => (cell.includes('|') ? splitCell(cell) : cell.split(/[,;]/)));
  const known = new Map(
    tags
      .map((tag) => tag.trim())
      .filter(Boolean)
      .map((tag) => [tag.toLowerCase(), tag]),
  );
  question.tags = [...known.values()].slice(0, MAX_TAGS).map((tag) => row.cut('tags', tag, 40));
  const difficulty = foldText(row.one('difficulty'));
  question.difficulty =
    difficulties.find((name) => name === difficulty) ?? difficultyWords[difficulty] ?? null;
  if (!question.difficulty && difficulty !== '') row.say('unknownWord', 'difficulty', row.one('difficulty'));
  const language = row.one('language');
  if (v.safeParse(languageTag, language).success) question.language = language;
  else row.say('badLanguage', 'language', language);
  for (const field of ['trueAsOf', 'checkAgainBy'] as const) {
    const text = row.one(field);
    if (text === '') continue;
    question[field] = readDate(text);
    if (question[field] === null) row.say('badDate', field, text);
  }
}
