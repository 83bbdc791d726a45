import * as v from 'valibot';

/** Reads a JSON file of our own. @returns what it holds, or a sentence that says what is wrong and where. */
export function readJson<T extends v.GenericSchema>(
  schema: T,
  text: string,
): { file: v.InferOutput<T> } | { wrong: string } {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return { wrong: `This is no JSON: ${(error as Error).message}.` };
  }
  const parsed = v.safeParse(schema, json);
  if (parsed.success) return { file: parsed.output };
  const issue = parsed.issues[0];
  const path = v.getDotPath(issue);
  return { wrong: path ? `${issue.message} (${path})` : issue.message };
}
