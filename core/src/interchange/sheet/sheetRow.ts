import { foldText } from '../../text/fold.ts';
import type { ImportProblem, ProblemCode } from '../problem.ts';
import { splitCell } from './cells.ts';
import type { Field } from './columns.ts';

/** A row of a sheet while it is read: its cells by what they hold, and what was not understood so far. */
export class SheetRow {
  readonly problems: ImportProblem[] = [];
  readonly newId: () => string;
  readonly #byField = new Map<Field, string[]>();
  /** Options in their order; of columns of right and wrong ones the right come first. */
  readonly texts: readonly string[];
  readonly rights: readonly string[];
  /** "Right answer" and "wrong answer" columns: the key is the first of them, no letter need be given. */
  readonly keyFromColumns: boolean;
  readonly key: string;
  /** Places of options or pairs that have a picture: those may go without words. */
  readonly pictured: ReadonlySet<number>;

  constructor(cells: readonly string[], columns: readonly (Field | null)[], newId: () => string) {
    this.newId = newId;
    columns.forEach((column, i) => {
      const cell = cells[i];
      if (column && cell) this.#byField.set(column, [...this.all(column), cell]);
    });
    this.key = flat(this.one('key'));
    this.rights = this.all('right').map(flat);
    const wrongs = this.all('wrong').map(flat);
    this.pictured = new Set(
      this.one('optionPictures')
        .split('\n')
        .flatMap((line) => (/^[A-H]: /.test(line) ? [line.charCodeAt(0) - 65] : [])),
    );
    const written = columns.flatMap((column, i) => (column === 'option' ? [flat(cells[i] ?? '')] : []));
    const options = written.filter((text, i) => text !== '' || this.pictured.has(i));
    this.keyFromColumns = this.rights.length > 0 || wrongs.length > 0;
    this.texts = this.keyFromColumns
      ? [...(this.rights.length ? this.rights : this.key ? [this.key] : []), ...options, ...wrongs]
      : options;
  }

  all(field: Field): readonly string[] {
    return this.#byField.get(field) ?? [];
  }
  one(field: Field): string {
    return this.all(field)[0] ?? '';
  }
  say(code: ProblemCode, field: string, found: string, mend: string | null = null): void {
    this.problems.push({ code, field, found, mend });
  }
  /** The text, shortened where it is too long; what does not fit is said. */
  cut(field: Field, text: string, max: number): string {
    if (text.length <= max) return text;
    this.say('tooLong', field, text.slice(max));
    return text.slice(0, max);
  }
  /** One of a few words; another one is said and the usual one taken. */
  word<Word extends string>(field: Field, words: readonly Word[], usual: Word): Word {
    const found = foldText(this.one(field));
    const known = words.find((candidate) => candidate === found);
    if (!known && found !== '') this.say('unknownWord', field, this.one(field), usual);
    return known ?? usual;
  }
  /** Letters or texts of several keys: between bars, or letters between commas. */
  keyParts(): string[] {
    if (/^[a-h](?:\s*[,;&]\s*[a-h])+$/i.test(this.key))
      return this.key.split(/[,;&]/).map((part) => part.trim());
    return splitCell(this.key).filter((part) => part !== '');
  }
}

/** On one line. */
export const flat = (text: string): string => text.replace(/\s*\n\s*/g, ' ');

/** Words for yes and no, folded. */
export const truths: Readonly<Record<string, boolean>> = {
  true: true,
  t: true,
  yes: true,
  false: false,
  f: false,
  no: false,
};
