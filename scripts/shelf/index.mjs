import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { clockDrawings } from './clocks.mjs';
import { flagDrawings } from './flags.mjs';
import { shareDrawings } from './fractions.mjs';
import { markDrawings } from './marks.mjs';
import { moonDrawings } from './moon.mjs';
import { shapeDrawings } from './shapes.mjs';
import { thingDrawings } from './things.mjs';

/** Writes the shelf of drawings – all our own – with the list that the studio reads. */
export function writeShelf(folder) {
  mkdirSync(folder, { recursive: true });
  const drawings = [
    ...flagDrawings(),
    ...markDrawings(),
    ...moonDrawings(),
    ...thingDrawings(),
    ...shapeDrawings(),
    ...clockDrawings(),
    ...shareDrawings(),
  ];
  for (const { name, svg: text } of drawings) writeFileSync(path.join(folder, `${name}.svg`), text);
  const list = drawings.map(({ name, group, words, alt, width, height }) => ({
    name,
    group,
    words,
    alt,
    width,
    height,
  }));
  writeFileSync(path.join(folder, 'index.json'), JSON.stringify(list));
  return list;
}
