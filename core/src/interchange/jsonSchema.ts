import { toJsonSchema } from '@valibot/to-json-schema';
import type { GenericSchema } from 'valibot';
import { SetFile } from './setFile.ts';
import { ShowFile } from './showFile.ts';

/**
 * The JSON Schema (2020-12) of a file. Rules that the schema language cannot say – that a day is in
 * the calendar, or a language tag is well formed – are told in words only.
 */
function schemaOf(
  file: GenericSchema,
  address: string,
  title: string,
  what: string,
): Record<string, unknown> {
  const schema = toJsonSchema(file, {
    target: 'draft-2020-12',
    typeMode: 'input',
    errorMode: 'ignore',
  }) as Record<string, unknown>;
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: address,
    title,
    description:
      `${what} Dates are ISO 8601 days, languages BCP 47 tags; ` +
      'media are named by the file they have in the package, or by a drawing that ships with Distaff (shelf.…).',
    ...schema,
  };
}

/** Of a question set as a file. */
export const setFileSchema = (address: string) =>
  schemaOf(SetFile, address, 'Distaff question set', 'A set of quiz questions with keys, media and credits.');

/** Of a whole show as a file. */
export const showFileSchema = (address: string) =>
  schemaOf(
    ShowFile,
    address,
    'Distaff show',
    'A show: its running order of rounds, questions, teams, rules, doors, look and sounds.',
  );
