import { toJsonSchema } from '@valibot/to-json-schema';
import { SetFile } from './setFile.ts';

/**
 * The JSON Schema (2020-12) of a question set as a file. Rules that the schema language cannot say –
 * that a day is in the calendar, or a language tag is well formed – are told in words only.
 */
export function setFileSchema(address: string): Record<string, unknown> {
  const schema = toJsonSchema(SetFile, {
    target: 'draft-2020-12',
    typeMode: 'input',
    errorMode: 'ignore',
  }) as Record<string, unknown>;
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: address,
    title: 'Distaff question set',
    description:
      'A set of quiz questions with keys, media and credits. Dates are ISO 8601 days, languages BCP 47 tags; ' +
      'media are named by the file they have in the package, or by a drawing that ships with Distaff (shelf.…).',
    ...schema,
  };
}
