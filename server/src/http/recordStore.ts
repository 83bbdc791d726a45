import { Statement, XAPI_VERSION } from '@distaff/core/interchange';
import * as v from 'valibot';

/** The answer of a store: its status, and what it says. */
export interface StoreAnswer {
  status: number;
  body: unknown;
}
const Batch = v.union([Statement, v.array(Statement)]);
/** The oldest go when there are more. */
const MOST = 5000;

/**
 * A stand-in for a learning record store, in memory: it takes statements of the Experience API 1.0.3, checks what it gets
 * as a real one would, and shows the last of them. Gone with the server.
 */
export class RecordStore {
  readonly #statements = new Map<string, Statement>();

  /** Takes statements (part three, 2.1.1): all of them, or none. */
  take(headers: { version: string; authorization: string }, body: unknown): StoreAnswer {
    if (!headers.authorization.startsWith('Basic ')) return { status: 401, body: 'Say who you are.' };
    // Part three, 3.3: requests without a version, or of another than 1.0, are refused.
    if (!/^1\.0(\.\d+)?$/.test(headers.version))
      return { status: 400, body: `Send X-Experience-API-Version: ${XAPI_VERSION}.` };
    const parsed = v.safeParse(Batch, body);
    if (!parsed.success) {
      const [issue] = parsed.issues;
      return { status: 400, body: `${v.getDotPath(issue) ?? 'statement'}: ${issue.message}` };
    }
    const batch = Array.isArray(parsed.output) ? parsed.output : [parsed.output];
    // Part three, 2.1.2: the same id with other words is a conflict, with the same words nothing new.
    const conflict = batch.find((one) => {
      const known = this.#statements.get(one.id);
      return known !== undefined && JSON.stringify(known) !== JSON.stringify(one);
    });
    if (conflict) return { status: 409, body: `There is another statement of the id ${conflict.id}.` };
    for (const one of batch) this.#statements.set(one.id, one);
    for (const id of this.#statements.keys()) {
      if (this.#statements.size <= MOST) break;
      this.#statements.delete(id);
    }
    return { status: 200, body: batch.map(({ id }) => id) };
  }

  get size(): number {
    return this.#statements.size;
  }
}
