import { foldText } from '../../text/fold.ts';
import type { Table } from './table.ts';

/** What a column of a sheet may hold. `option` may come up to eight times, `wrong` and `right` likewise. */
export const fields = [
  'kind',
  'prompt',
  'option',
  'right',
  'wrong',
  'key',
  'marking',
  'tolerance',
  'unit',
  'units',
  'forgive',
  'clock',
  'weight',
  'explanation',
  'hint',
  'onRight',
  'onWrong',
  'notes',
  'tags',
  'difficulty',
  'language',
  'trueAsOf',
  'checkAgainBy',
  'credit',
  'picture',
  'optionPictures',
  'answerPicture',
  'sound',
  'video',
  'readAloud',
] as const;
export type Field = (typeof fields)[number];
export const repeated: readonly Field[] = ['option', 'right', 'wrong', 'tags'];

/** Names that people give to columns, folded; ours come first. */
const names: Record<Field, string[]> = {
  kind: ['kind', 'type', 'question type', 'kind of question', 'format', 'typ', 'fragetyp', 'tipo', 'тип'],
  prompt: [
    'prompt',
    'question',
    'question text',
    'text',
    'stem',
    'q',
    'front',
    'term',
    'frage',
    'fragetext',
    'aufgabe',
    'enonce',
    'pregunta',
    'enunciado',
    'domanda',
    'вопрос',
  ],
  option: [
    'option',
    'answer',
    'choice',
    'possible answer',
    'antwort',
    'antwortmoglichkeit',
    'auswahl',
    'reponse',
    'choix',
    'proposition',
    'respuesta',
    'opcion',
    'risposta',
    'opzione',
    'ответ',
    'вариант',
    'вариант ответа',
  ],
  right: ['right answer', 'right option', 'correct option', 'correct choice'],
  wrong: [
    'wrong',
    'wrong answer',
    'wrong option',
    'incorrect',
    'incorrect answer',
    'incorrect option',
    'distractor',
    'falsche antwort',
    'mauvaise reponse',
    'respuesta incorrecta',
    'risposta errata',
    'неправильный ответ',
  ],
  key: [
    'key',
    'correct',
    'correct answer',
    'solution',
    'right',
    'answer key',
    'back',
    'definition',
    'losung',
    'richtig',
    'richtige antwort',
    'bonne reponse',
    'reponse correcte',
    'corrige',
    'respuesta correcta',
    'solucion',
    'correcta',
    'risposta corretta',
    'risposta esatta',
    'soluzione',
    'правильный ответ',
    'решение',
  ],
  marking: ['marking', 'marks'],
  tolerance: ['tolerance'],
  unit: ['unit'],
  units: ['other units'],
  forgive: ['forgive'],
  clock: [
    'clock',
    'time',
    'time limit',
    'seconds',
    'time limit seconds',
    'duration',
    'zeit',
    'sekunden',
    'temps',
    'duree',
    'tiempo',
    'segundos',
    'tempo',
    'secondi',
    'время',
    'секунды',
  ],
  weight: ['weight'],
  explanation: [
    'explanation',
    'feedback',
    'rationale',
    'comment',
    'erklarung',
    'begrundung',
    'explication',
    'explicacion',
    'spiegazione',
    'объяснение',
  ],
  hint: [
    'hint',
    'clue',
    'tip',
    'hinweis',
    'tipp',
    'indice',
    'pista',
    'ayuda',
    'suggerimento',
    'aiuto',
    'подсказка',
  ],
  onRight: ['on right', 'said on right', 'correct feedback'],
  onWrong: ['on wrong', 'said on wrong', 'incorrect feedback'],
  notes: ['notes', 'host notes', 'note', 'remarks', 'notizen', 'anmerkung', 'remarques', 'notas', 'заметки'],
  tags: [
    'tags',
    'tag',
    'category',
    'topic',
    'subject',
    'keywords',
    'kategorie',
    'thema',
    'categorie',
    'theme',
    'categoria',
    'tema',
    'argomento',
    'категория',
    'тема',
  ],
  difficulty: [
    'difficulty',
    'level',
    'schwierigkeit',
    'niveau',
    'difficulte',
    'dificultad',
    'nivel',
    'difficolta',
    'livello',
    'сложность',
    'уровень',
  ],
  language: ['language', 'lang', 'sprache', 'langue', 'idioma', 'lingua', 'язык'],
  trueAsOf: ['true as of', 'as of'],
  checkAgainBy: ['check again by', 'expires', 'review by'],
  credit: [
    'credit',
    'source',
    'author',
    'reference',
    'licence',
    'license',
    'quelle',
    'fuente',
    'fonte',
    'источник',
  ],
  picture: ['picture', 'image', 'bild', 'imagen', 'immagine', 'картинка', 'изображение'],
  optionPictures: ['option pictures'],
  answerPicture: ['answer picture', 'answer image'],
  sound: ['sound', 'audio'],
  video: ['video'],
  readAloud: ['read aloud'],
};
const byName = new Map(
  Object.entries(names).flatMap(([field, list]) => list.map((name) => [foldText(name), field as Field])),
);

/** The field that a column's name speaks of: "Option 3", "answer B" and "wrong1" count as their kin. */
export function fieldOf(name: string): Field | null {
  const folded = foldText(name).replace(/#/g, '').trim();
  const bare = folded.replace(/\s*(?:\d{1,2}|\b[a-h]|(?<=\s)[абвг])$/u, '').trim();
  return byName.get(folded) ?? (bare === folded ? null : (byName.get(bare) ?? null));
}

export interface Columns {
  hasHeader: boolean;
  /** Rows above the header – a title, an empty line – that are left out. */
  skip?: number;
  fields: (Field | null)[];
}

/**
 * Guesses what the columns hold, from their names; without names from their number: two are
 * prompt and key, more are prompt, options and, last, the key. One field stands in one column, unless it may repeat.
 */
export function guessColumns({ rows }: Table): Columns {
  const width = Math.max(...rows.map(({ cells }) => cells.length));
  // A title may stand above the header.
  for (const [skip, { cells }] of rows.slice(0, TITLE_ROWS).entries()) {
    const named = withLetters(
      Array.from({ length: width }, (_, i) => fieldOf(cells[i] ?? '')),
      cells,
    );
    const known = named.filter((field) => field !== null).length;
    const enough = known >= Math.min(2, width) && (named.includes('prompt') || named.includes('key'));
    if (enough) return { hasHeader: true, skip, fields: onceEach(withAnswers(named, cells)) };
  }
  const byNumber = Array.from({ length: width }, (_, i): Field | null => {
    if (i === 0) return 'prompt';
    if (width === 2) return 'key';
    return i === width - 1 ? 'key' : 'option';
  });
  return { hasHeader: false, fields: byNumber };
}

/** So many rows are looked through for the header. */
const TITLE_ROWS = 5;

/** What options are called where they have no name: A, B, C … or 1, 2, 3 … */
const LETTERS = ['abcdefgh', 'абвгдежз', '12345678'];

/** Columns of which each bears but the next letter, from the first on, are options. */
function withLetters(named: (Field | null)[], header: string[]): (Field | null)[] {
  const folded = header.map((name) =>
    foldText(name)
      .replace(/[().:]/g, '')
      .trim(),
  );
  for (const letters of LETTERS) {
    const from = folded.indexOf(letters[0]!);
    let to = from;
    while (from >= 0 && to - from < letters.length && folded[to] === letters[to - from]) to++;
    if (to - from > 1) return named.map((field, i) => (i >= from && i < to ? 'option' : field));
  }
  return named;
}

/** One column that is called "answer" and no more is the key, not an option: beside options as well as alone. */
function withAnswers(named: (Field | null)[], header: string[]): (Field | null)[] {
  const isAnswer = (_: unknown, i: number) =>
    /^(answer|antwort|reponse|respuesta|risposta|ответ)$/.test(foldText(header[i] ?? ''));
  if (named.includes('key') || named.filter(isAnswer).length !== 1) return named;
  return named.map((field, i) => (field === 'option' && isAnswer(field, i) ? 'key' : field));
}

function onceEach(list: (Field | null)[]): (Field | null)[] {
  const seen = new Set<Field>();
  return list.map((field) => {
    if (field === null || repeated.includes(field)) return field;
    if (seen.has(field)) return null;
    seen.add(field);
    return field;
  });
}
