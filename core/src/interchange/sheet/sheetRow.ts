import { foldText } from '../../text/fold.ts';
import type { ImportProblem, ProblemCode } from '../problem.ts';
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
  /** From which number options are counted in the key column; null where nobody can say. */
  readonly countsFrom: 0 | 1 | null;
  /** Where the option of each column stands among those that hold one: a letter or number means the column. */
  readonly #placeOfColumn: readonly (number | null)[];
  /** Places of options or pairs that have a picture: those may go without words. */
  readonly pictured: ReadonlySet<number>;

  constructor(
    cells: readonly string[],
    columns: readonly (Field | null)[],
    newId: () => string,
    countsFrom: 0 | 1 | null = 1,
  ) {
    this.newId = newId;
    this.countsFrom = countsFrom;
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
    const isThere = (text: string, i: number) => text !== '' || this.pictured.has(i);
    const options = written.filter(isThere);
    let place = 0;
    this.#placeOfColumn = written.map((text, i) => (isThere(text, i) ? place++ : null));
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
  /**
   * The place among the options of what stands in the column with this number (from 0); undefined where
   * there is no such column or it is empty.
   */
  placeOf(column: number): number | undefined {
    return this.keyFromColumns ? column : (this.#placeOfColumn[column] ?? undefined);
  }
}

/** On one line. */
export const flat = (text: string): string => text.replace(/\s*\n\s*/g, ' ');
