import { Readable } from 'node:stream';
import { csvParts } from '@distaff/core/interchange';

/** A CSV file as a body that is sent while it is written. */
export const csvBody = (...sheet: Parameters<typeof csvParts>): Readable => Readable.from(csvParts(...sheet));

function* jsonParts(all: Iterable<unknown>): Generator<string> {
  let lead = '[\n';
  for (const one of all) {
    yield lead + JSON.stringify(one);
    lead = ',\n';
  }
  yield lead === '[\n' ? '[]\n' : '\n]\n';
}
/** A JSON array as a body that is sent while it is written, an item a line. */
export const jsonBody = (all: Iterable<unknown>): Readable => Readable.from(jsonParts(all));
