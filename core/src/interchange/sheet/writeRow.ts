import { MAX_OPTIONS, wordsOfOption, type Option } from '../../question/kinds/options.ts';
import type { Question } from '../../question/question.ts';
import { foldText } from '../../text/fold.ts';
import { joinCell, joinPair } from './cells.ts';
import type { Field } from './columns.ts';
import { mediaCells } from './mediaCells.ts';

/** The columns that a set is written with: what `fieldOf` reads back. */
export const sheetHeader: readonly string[] = [
  'kind',
  'prompt',
  ...Array.from({ length: MAX_OPTIONS }, (_, i) => `option ${i + 1}`),
  'key',
  'marking',
  'tolerance',
  'unit',
  'other units',
  'forgive',
  'clock',
  'weight',
  'explanation',
  'hint',
  'on right',
  'on wrong',
  'notes',
  'tags',
  'difficulty',
  'language',
  'true as of',
  'check again by',
  'credit',
  'picture',
  'option pictures',
  'answer picture',
  'sound',
  'video',
  'read aloud',
];

/** A place by its letter; in words where an option itself is a lone letter or figure, which would be taken for it. */
function placeIn(options: readonly Option[], at: number): string {
  const taken = options.some((option) => /^[a-h1-8]$/.test(foldText(wordsOfOption(option))));
  return taken ? `option ${at + 1}` : String.fromCharCode(65 + at);
}
const weights = ['none', 'standard', 'double'] as const;

function answerCells(answer: Question['answer']): Partial<Record<Field, string>> & { options?: string[] } {
  switch (answer.kind) {
    case 'choice': {
      const at = answer.options.findIndex((option) => option.id === answer.key);
      return {
        options: answer.options.map((one) => one.text),
        key: at < 0 ? '' : placeIn(answer.options, at),
      };
    }
    case 'many':
      return {
        options: answer.options.map((one) => one.text),
        key: joinCell(
          answer.options.flatMap((one, i) =>
            answer.keys.includes(one.id) ? [placeIn(answer.options, i)] : [],
          ),
        ),
        marking: answer.marking,
      };
    case 'truefalse': {
      const { words, key } = answer;
      return { options: [words.true, words.false], key: key === null ? '' : key ? 'A' : 'B' };
    }
    case 'text': {
      const forgiven = Object.entries(answer.forgive).flatMap(([name, on]) => (on ? [name] : []));
      return { key: joinCell(answer.accepted), forgive: joinCell(forgiven.length ? forgiven : ['nothing']) };
    }
    case 'number':
      return {
        key: answer.key === null ? '' : String(answer.key),
        marking: answer.marking,
        tolerance: answer.tolerance === 0 ? '' : `${answer.tolerance}${answer.percent ? '%' : ''}`,
        unit: answer.unit,
        units: joinCell(answer.units.map(({ name, factor }) => joinPair(name, String(factor)))),
      };
    case 'order':
      return { options: answer.options.map((one) => one.text), marking: answer.marking };
    case 'match':
      return {
        options: [
          ...answer.pairs.map(({ left, right }) => joinPair(left, right)),
          ...answer.extras.map(({ text }) => joinPair('', text)),
        ],
        marking: answer.marking,
      };
    case 'aloud':
      return { key: answer.key };
    case 'opinion':
      return { options: answer.options.map((one) => one.text), marking: answer.pick ?? '' };
    case 'scale': {
      const { low, high, from, steps } = answer;
      return { options: low || high ? [low, high] : [], key: `${from}-${from + steps - 1}` };
    }
    case 'words':
    case 'card':
      return {};
  }
}

/** One question as the cells under `sheetHeader`. */
export function writeRow(question: Question): string[] {
  const { options = [], ...cells } = answerCells(question.answer);
  const media = mediaCells(question);
  return [
    question.answer.kind,
    question.prompt,
    ...Array.from({ length: MAX_OPTIONS }, (_, i) => options[i] ?? ''),
    cells.key ?? '',
    cells.marking ?? '',
    cells.tolerance ?? '',
    cells.unit ?? '',
    cells.units ?? '',
    cells.forgive ?? '',
    question.clock === null ? '' : String(question.clock),
    weights[question.weight],
    question.explanation,
    question.hint,
    question.onRight,
    question.onWrong,
    question.notes,
    // A bar at the end says that a comma in a lone tag divides nothing.
    joinCell(question.tags.some((tag) => /[,;]/.test(tag)) ? [...question.tags, ''] : question.tags),
    question.difficulty ?? '',
    question.language,
    question.trueAsOf ?? '',
    question.checkAgainBy ?? '',
    question.credit,
    media.picture ?? '',
    media.optionPictures ?? '',
    media.answerPicture ?? '',
    media.sound ?? '',
    media.video ?? '',
    media.readAloud ?? '',
  ];
}
