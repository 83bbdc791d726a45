import * as v from 'valibot';
import { sequenceEntries } from '../items.ts';

export const QuizContent = v.object(sequenceEntries);
export type QuizContent = v.InferOutput<typeof QuizContent>;

export const blankQuiz = (): QuizContent => ({ items: [], points: 100, shuffle: false });
