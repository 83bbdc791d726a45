import { nearestWord } from '../../library/spelling.ts';
import { foldText } from '../../text/fold.ts';
import { splitCell } from './cells.ts';
import type { SheetRow } from './sheetRow.ts';

/**
 * A key of a row: the place of its option among those that there are, or what was written, with the place of
 * what may be meant. `doubt` where it means something, but nobody can say for sure.
 */
export type FoundKey = { place: number } | { found: string; near: number | null; doubt: boolean };

/** What parts several keys in one cell, besides bars. */
const BETWEEN = /\s*(?:[,;&/+]|\b(?:and|und|et|y|e|и)\b)\s*/iu;

/** What a cell of keys means among the options of its row, written in whatever way people do. */
export function keyPlaces(row: SheetRow, texts: readonly string[]): FoundKey[] {
  const { key } = row;
  const one = keyPlace(row, key, texts);
  if (one !== null) return [one];
  const barred = splitCell(key).filter((part) => part !== '');
  if (barred.length > 1) return barred.map((part) => keyPlace(row, part, texts) ?? unknown(part, texts));
  const parts = key.split(BETWEEN).filter((part) => part !== '');
  const several = parts.map((part) => keyPlace(row, part, texts));
  if (parts.length > 1 && several.every((found) => found !== null)) return several;
  // Letters in a row, each once: "AC".
  const letters = /^[A-H]{2,8}$/.test(key) && new Set(key).size === key.length ? [...key] : [];
  const named = letters.map((letter) => keyPlace(row, letter, texts));
  if (letters.length > 0 && named.every((found) => found !== null)) return named;
  return [unknown(key, texts)];
}

function unknown(found: string, texts: readonly string[]): FoundKey {
  const folded = texts.map(foldText);
  const near = folded.indexOf(nearestWord(foldText(found), folded) ?? '\u0000');
  return { found, near: near < 0 ? null : near, doubt: false };
}

/** What one key means: an option's text, or the letter or number of its column; null where it means nothing. */
function keyPlace(row: SheetRow, part: string, texts: readonly string[]): FoundKey | null {
  const folded = foldText(part);
  const byText = texts.findIndex((text) => foldText(text) === folded);
  if (byText >= 0) return { place: byText };
  // "B)", "(b)", "b.", "Option B", "Answer B"
  const letter =
    /^(?:option|answer|choice|antwort|réponse|opción|opzione|вариант)?\s*\(?([a-h])[).:]?$/iu.exec(part);
  if (letter) return atColumn(row, letter[1]!.toLowerCase().charCodeAt(0) - 97, texts);
  // "B: two" names the option twice: both must mean the same.
  const both = /^\(?([a-h])[).:]\s*(\S.*)$/i.exec(part);
  if (both) {
    const column = atColumn(row, both[1]!.toLowerCase().charCodeAt(0) - 97, texts);
    const said = texts.findIndex((text) => foldText(text) === foldText(both[2]!));
    if (column && 'place' in column && column.place === said) return column;
    return said < 0 ? null : { found: part, near: said, doubt: true };
  }
  const number =
    /^(?:option|answer|choice|antwort|réponse|opción|opzione|вариант)?\s*([0-8])(?:[.,]0+)?[).]?$/iu.exec(
      part,
    );
  if (!number) return null;
  const at = Number(number[1]);
  if (row.countsFrom !== null) return atColumn(row, at - row.countsFrom, texts);
  // Somewhere a 0 stands in this column: whether it counts from 0 or from 1 is for a person to say.
  const place = row.placeOf(at);
  return { found: part, near: place === undefined || !texts[place] ? null : place, doubt: true };
}

function atColumn(row: SheetRow, column: number, texts: readonly string[]): FoundKey | null {
  const place = column < 0 ? undefined : row.placeOf(column);
  return place !== undefined && place < texts.length ? { place } : null;
}
