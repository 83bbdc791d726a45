import * as v from 'valibot';
import { Id, line, whole } from '../../text/schemas.ts';
import { sequenceEntries } from '../items.ts';

export const SMALLEST_GRID = 3;
export const LARGEST_GRID = 8;
export const MOST_GROUPS = 6;
/** What stands on a square: its topic, the first words of its question, or only its number. */
export const squareLabels = ['topic', 'question', 'number'] as const;
/** What a miss does: it costs the turn, or closes the square for that group as well. */
export const misses = ['turn', 'block'] as const;

const side = whole(SMALLEST_GRID, LARGEST_GRID);

export const ClaimContent = v.object({
  /** The first of them lie on the squares, the others wait in reserve. */
  ...sequenceEntries,
  rows: side,
  columns: side,
  /** So many squares in a row win. */
  inARow: side,
  /** Into so many groups the teams are dealt, where there are more teams than that. */
  groups: whole(2, MOST_GROUPS),
  shows: v.picklist(squareLabels),
  /** Topics by the ids of questions; where there is none its number stands on the square. */
  topics: v.record(Id, line(40)),
  /** All at once, each on a square of its own choice; else whoever is in turn chooses for all. */
  open: v.boolean(),
  miss: v.picklist(misses),
});
export type ClaimContent = v.InferOutput<typeof ClaimContent>;

/** 5 × 5 squares, three in a row, four groups (common practice). */
export const blankClaim = (): ClaimContent => ({
  items: [],
  points: 0,
  shuffle: false,
  rows: 5,
  columns: 5,
  inARow: 3,
  groups: 4,
  shows: 'topic',
  topics: {},
  open: false,
  miss: 'turn',
});
