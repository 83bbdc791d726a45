import type { Refusal } from '@distaff/core/refusal';
import type { Acknowledged } from '@distaff/core/wire';
import { promiseTimeout } from '@vueuse/core';
import { ref } from 'vue';
import { NOTHING, told } from '../words/told.ts';

export type Asked = 'command' | 'join' | 'claim';

/** The way to the server: whether it is open, and a message with its answer; null where none came in time. */
export interface Way {
  isOpen: () => boolean;
  send: (asked: Asked, payload: object) => Promise<Acknowledged | null>;
}

/** How long until what was not done is asked again (ms). */
const AGAIN_AFTER = 400;
/** What waited when the page was left is answered, so that nobody waits for it for ever; there is nobody to be told. */
const LEFT = { refused: 'notNow', says: NOTHING } as unknown as Refusal;

/**
 * What is asked of the server, one after the other and each until it is answered: it waits where the way is closed,
 * and is sent with the same id when it opens again. `answered` hears of every answer before whoever asked.
 */
export function sendQueue(way: Way, answered: (answer: Acknowledged) => void) {
  const queue: { asked: Asked; payload: object; settle: (answer: Acknowledged) => void }[] = [];
  const waiting = ref(0);
  /** What the server says about why something is not done yet. */
  const trouble = ref('');
  let sending = false;

  function put(asked: Asked, payload: object): Promise<Acknowledged> {
    return new Promise((settle) => {
      queue.push({ asked, payload, settle });
      waiting.value = queue.length;
      void sendOn();
    });
  }

  /** Sends what waits; stops where the way is closed. */
  async function sendOn(): Promise<void> {
    if (sending) return;
    sending = true;
    try {
      for (let first = queue[0]; first && way.isOpen(); first = queue[0]) {
        const answer = await way.send(first.asked, first.payload);
        // It was given up meanwhile.
        if (queue[0] !== first) continue;
        if (answer === null || ('refused' in answer && answer.refused === 'retry')) {
          trouble.value = answer ? told(answer) : '';
          if (way.isOpen()) await promiseTimeout(AGAIN_AFTER);
          continue;
        }
        trouble.value = '';
        queue.shift();
        waiting.value = queue.length;
        answered(answer);
        first.settle(answer);
      }
    } finally {
      sending = false;
    }
  }

  /** Gives up everything that waits. */
  function clear(): void {
    for (const { settle } of queue.splice(0)) settle(LEFT);
    waiting.value = 0;
    trouble.value = '';
  }

  return { waiting, trouble, put, sendOn, clear };
}
