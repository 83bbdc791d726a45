import { board } from './board/board.ts';
import type { Format } from './format.ts';

export const formats = { board };
export type FormatName = keyof typeof formats;

/** The format by name, seen through the one interface that all formats share. */
export function formatOf(name: FormatName): Format<unknown, unknown, unknown> {
  return formats[name] as unknown as Format<unknown, unknown, unknown>;
}

export type { BoardView } from './board/board.ts';
export type { Finding } from './format.ts';
