import type { SeatCommand } from '@distaff/core/sitting';
import type { MyPractice, MyRun, PracticeHead, RunKind, RunNow } from '@distaff/core/wire';
import { promiseTimeout } from '@vueuse/core';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { ApiError, answerOf, Unreachable } from '../api/client.ts';
import { forget, keep, kept } from './kept.ts';

type Command = SeatCommand | { type: 'finish' };
/** What was done on this phone and is not known to have arrived. */
interface Waiting {
  run: string;
  id: string;
  command: Command;
}

/** How long until the server is asked again that could not be reached (ms). */
const AGAIN_AFTER = 2000;

/** A practice on a phone: what it is, who one is, and the run that is on. What could not be sent is kept and sent later. */
export const usePractice = defineStore('practice', () => {
  const code = ref('');
  const head = ref<PracticeHead | null>(null);
  const me = ref<MyPractice | null>(null);
  const now = ref<RunNow | null>(null);
  /** Why nothing can be shown at all, and what was refused just now. */
  const missing = ref('');
  const notice = ref('');
  const offline = ref(false);
  const busy = ref(false);
  /** By how much the server's clock is ahead (ms). */
  const ahead = ref(0);
  let token = '';

  async function ask<T>(method: string, path: string, body?: unknown): Promise<T> {
    let response: Response;
    try {
      response = await fetch(`/api/practice/${encodeURIComponent(code.value)}${path}`, {
        method,
        headers: {
          authorization: `Bearer ${token}`,
          ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        },
        body: body === undefined ? null : JSON.stringify(body),
      });
    } catch {
      throw new Unreachable('The server cannot be reached.');
    }
    return answerOf<T>(response);
  }

  /** Asks until the server can be reached. @throws ApiError where it refuses. */
  async function insist<T>(method: string, path: string, body?: unknown): Promise<T> {
    for (;;) {
      try {
        const answer = await ask<T>(method, path, body);
        offline.value = false;
        return answer;
      } catch (error) {
        if (!(error instanceof Unreachable)) {
          offline.value = false;
          throw error;
        }
        offline.value = true;
        await promiseTimeout(AGAIN_AFTER);
      }
    }
  }

  /** One thing at a time; what the server refuses is said. @returns whether it was done. */
  async function doing(work: () => Promise<void>): Promise<boolean> {
    if (busy.value) return false;
    busy.value = true;
    notice.value = '';
    try {
      await work();
      return true;
    } catch (error) {
      notice.value = (error as Error).message;
      return false;
    } finally {
      busy.value = false;
    }
  }

  async function readAll(): Promise<void> {
    const all = await insist<{ head: PracticeHead; me: MyPractice | null }>('GET', '');
    head.value = all.head;
    me.value = all.me;
    ahead.value = all.head.now - Date.now();
  }

  /** Opens the practice with this code; what waited to be sent is sent, and the run that was on goes on. */
  async function open(wanted: string): Promise<void> {
    code.value = wanted;
    token = kept(`token-${wanted}`) ?? nanoid(32);
    keep(`token-${wanted}`, token);
    try {
      await readAll();
    } catch (error) {
      missing.value = (error as Error).message;
      return;
    }
    const waiting = JSON.parse(kept(`waiting-${wanted}`) ?? 'null') as Waiting | null;
    const on = me.value?.runs.find(({ id }) => id === waiting?.run) ?? runOn.value;
    if (!on) return;
    await doing(async () => {
      take(await insist<RunNow>('GET', `/runs/${on.id}`));
      if (waiting) await deliver(waiting);
    });
  }

  /** The attempt that is on, if any. */
  const runOn = computed<MyRun | null>(
    () =>
      me.value?.runs.find(
        ({ kind, overAt, until }) =>
          kind === 'counted' && overAt === null && (until === null || until > Date.now() + ahead.value),
      ) ?? null,
  );

  function take(answer: RunNow): void {
    ahead.value = answer.now - Date.now();
    now.value = answer;
    const own = me.value?.runs;
    if (!own) return;
    const at = own.findIndex(({ id }) => id === answer.run.id);
    if (at < 0) own.push(answer.run);
    else own[at] = answer.run;
  }

  const enter = (name: string) =>
    doing(async () => {
      me.value = await insist<MyPractice>('POST', '/me', { name });
    });
  /** This phone is nobody's again. */
  const leave = () =>
    doing(async () => {
      await insist('DELETE', '/me');
      now.value = null;
      forget(`waiting-${code.value}`);
      await readAll();
    });

  const begin = (kind: RunKind, of: string | null = null) =>
    doing(async () => {
      take(await insist<RunNow>('POST', '/runs', { id: nanoid(), kind, of }));
    });
  const goOnWith = (id: string) => doing(async () => take(await insist<RunNow>('GET', `/runs/${id}`)));

  const send = (command: Command) =>
    doing(async () => {
      const run = now.value?.run.id;
      if (run === undefined) return;
      await deliver({ run, id: nanoid(), command });
    });

  /** Sends a command until it has arrived; kept meanwhile, so that a page that is closed sends it when it is opened again. */
  async function deliver(waiting: Waiting): Promise<void> {
    const { run, id, command } = waiting;
    keep(`waiting-${code.value}`, JSON.stringify(waiting));
    try {
      take(await insist<RunNow>('POST', `/runs/${run}/commands`, { id, command }));
    } catch (error) {
      // What is refused was overtaken: the run stands otherwise than this phone shows.
      if (!(error instanceof ApiError)) throw error;
      if (error.code !== 'already' && error.code !== 'late') notice.value = error.message;
      take(await insist<RunNow>('GET', `/runs/${run}`));
    } finally {
      forget(`waiting-${code.value}`);
    }
    if (now.value?.view.waits === 'over') await readAll();
  }

  /** Looks again, as when a clock has run out. */
  const look = () =>
    doing(async () => {
      if (now.value) take(await insist<RunNow>('GET', `/runs/${now.value.run.id}`));
      if (now.value?.view.waits === 'over') await readAll();
    });
  const close = () => {
    now.value = null;
  };

  return {
    code,
    head,
    me,
    now,
    runOn,
    missing,
    notice,
    offline,
    busy,
    ahead,
    open,
    enter,
    leave,
    begin,
    goOnWith,
    send,
    look,
    close,
  };
});
