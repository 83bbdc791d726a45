import * as v from 'valibot';
import { whole } from '../../text/schemas.ts';
import { sequenceEntries } from '../items.ts';

export const KnockoutContent = v.object({ ...sequenceEntries, lives: whole(1, 9) });
export type KnockoutContent = v.InferOutput<typeof KnockoutContent>;

export const blankKnockout = (): KnockoutContent => ({ items: [], points: 0, shuffle: false, lives: 1 });
