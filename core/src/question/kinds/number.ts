import * as v from 'valibot';
import { foldText } from '../../text/fold.ts';
import { otherReading, readNumber } from '../../text/number.ts';
import { line } from '../../text/schemas.ts';
import type { AnswerKind } from '../kind.ts';

const finite = v.pipe(v.number(), v.finite('A number is needed.'));

export const NumberContent = v.object({
  kind: v.literal('number'),
  /** Null until somebody says which. */
  key: v.nullable(finite),
  /** Exactly the key, near enough to it, or whoever comes closest. */
  marking: v.picklist(['exact', 'within', 'closest']),
  /** How far off still counts, with `within`: in the unit of the key, or in percent of it. */
  tolerance: v.pipe(finite, v.minValue(0, 'A tolerance is not below 0.')),
  percent: v.boolean(),
  /** Written behind the number; may be left out in an answer. */
  unit: line(20),
  /** Other units that may be typed: one of `name` is so many of `unit`. */
  units: v.pipe(
    v.array(v.object({ name: line(20), factor: v.pipe(finite, v.gtValue(0, 'Above 0.')) })),
    v.maxLength(8, 'At most 8 other units.'),
  ),
});
export type NumberContent = v.InferOutput<typeof NumberContent>;

export interface NumberAnswer {
  /** In the unit of the key. */
  value: number;
  /** As it was typed. */
  text: string;
  /** What else it may mean ("1,250"), in the unit of the key: whoever meant that is right as well. */
  other?: number;
}

const Wire = v.object({ text: v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(40)) });

/** Decimal fractions are not exact in binary: what differs by less than this share is equal. */
const HAIR = 1e-9;
const offBy = (value: number, key: number) => Math.abs(value - key);
/** How far an answer is off, in that of its meanings which is nearer. */
const nearest = ({ value, other }: NumberAnswer, key: number) =>
  Math.min(offBy(value, key), other === undefined ? Infinity : offBy(other, key));
const hairOf = (key: number) => HAIR * Math.max(1, Math.abs(key));

/** How far from the key an answer may be and still be right, in the unit of the key. */
export const toleranceOf = ({ key, marking, tolerance, percent }: NumberContent): number =>
  marking !== 'within' || key === null ? 0 : percent ? (Math.abs(key) * tolerance) / 100 : tolerance;

/** A number as it is read aloud: the key and its unit. */
const told = (value: number, unit: string) => (unit ? `${value} ${unit}` : `${value}`);

/** A typed number, with its unit or without. */
export const number: AnswerKind<NumberContent, NumberAnswer> = {
  content: NumberContent,
  given: 'handset',
  keyed: true,
  blank: () => ({
    kind: 'number',
    key: null,
    marking: 'exact',
    tolerance: 0,
    percent: false,
    unit: '',
    units: [],
  }),
  lacks: ({ key }) => (key === null ? ['key'] : []),
  asWritten: () => [],
  layOut: () => [],
  control: ({ unit }) => ({ type: 'number', unit }),
  options: () => [],
  read({ unit, units }, _order, wire) {
    const parsed = v.safeParse(Wire, wire);
    const typed = parsed.success ? readNumber(parsed.output.text) : null;
    if (!parsed.success || !typed) return null;
    const { text } = parsed.output;
    const rest = foldText(typed.rest);
    const own = rest === '' || rest === foldText(unit);
    const factor = own ? 1 : units.find((one) => foldText(one.name) === rest)?.factor;
    if (factor === undefined) return null;
    const second = otherReading(text);
    const value = typed.value * factor;
    return second === null ? { value, text } : { value, text, other: second * factor };
  },
  mark(content, answer, among) {
    const { key, marking } = content;
    if (key === null) return null;
    const off = nearest(answer, key);
    if (off <= toleranceOf(content) + hairOf(key)) return 1;
    if (marking !== 'closest') return 0;
    // Alone it is the closest of one: whether that is close enough is for the host to say.
    if (among.length < 2) return null;
    return among.every((one) => off <= nearest(one, key) + hairOf(key)) ? 1 : 0;
  },
  show: (_content, _order, { text }) => ({ slots: [], text }),
  key: (content) => {
    if (content.key === null) return { slots: [], texts: [] };
    const tolerance = toleranceOf(content);
    const key = told(content.key, content.unit);
    return { slots: [], texts: tolerance > 0 ? [`${key} (± ${told(tolerance, content.unit)})`] : [key] };
  },
  texts: ({ key, unit }) => (key === null ? [] : [told(key, unit)]),
};
