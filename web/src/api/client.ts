import { words } from '../words/current.ts';
import { told, type Said } from '../words/told.ts';

/** What the server refused, with its sentence for the person. */
export class ApiError extends Error {
  readonly status: number;
  readonly code: string;
  readonly details: Record<string, unknown>;

  constructor(status: number, code: string, sentence: string, details: Record<string, unknown>) {
    super(sentence);
    this.status = status;
    this.code = code;
    this.details = details;
  }
}

/** No answer at all: no network, or the server is away. */
export class Unreachable extends Error {}
const away = () => new Unreachable(words().global.t('common.serverAway'));

/**
 * One call of the server's JSON interface.
 * @throws ApiError where it refuses, Unreachable where it cannot be asked.
 */
export async function call<T>(method: string, path: string, body?: unknown, keepalive = false): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      keepalive,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? null : JSON.stringify(body),
    });
  } catch {
    throw away();
  }
  return answerOf<T>(response);
}

/** What an answer of the server says. @throws ApiError where it refuses, Unreachable where it is none of its own. */
export async function answerOf<T>(response: Response): Promise<T> {
  if (response.status === 204) return undefined as T;
  const answer = (await response.json().catch(() => null)) as Record<string, unknown> | null;
  if (response.ok && answer) return answer as T;
  if (!answer || response.status === 503)
    throw answer?.says ? new Unreachable(told(answer as unknown as Said)) : away();
  const { code, says, given, detail, ...details } = answer;
  const sentence = told({ says, given, detail } as Said);
  throw new ApiError(response.status, String(code), sentence, details);
}
