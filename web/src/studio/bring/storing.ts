import { filesOf, placeFiles, withoutFiles, type Question } from '@distaff/core/question';
import { promiseTimeout } from '@vueuse/core';
import { nanoid } from 'nanoid';
import { ref } from 'vue';
import { ApiError } from '../../api/client.ts';
import { server, type StoredMedia } from '../../api/server.ts';
import { localFiles } from '../../design/media/mediaUrl.ts';
import type { Problem } from './reading.ts';

/** How often it is asked how far the storing is (ms). */
const ASKED_EVERY = 250;
/** Whether the server cannot take a file whoever sends it, and however often. */
const isUnfit = (error: unknown): boolean =>
  error instanceof ApiError && ([413, 415].includes(error.status) || error.code === 'empty');

/** Questions with their files on their way into a set: all or none, to be broken off and taken back. */
export function storing(
  fileOf: (file: string) => Promise<Uint8Array>,
  told: (problem: Problem | null) => void,
) {
  const saving = ref(false);
  /** Pictures and sounds sent so far, of how many. */
  const sent = ref<{ n: number; of: number } | null>(null);
  /** Questions stored so far, of how many. */
  const stored = ref<{ n: number; of: number } | null>(null);
  /** Files that the server could not take: their questions come in without them. */
  const refused = ref<string[]>([]);
  const result = ref<{ id: string; set: string; count: number; takenBack: boolean } | null>(null);
  /** The import that is being stored. */
  let underWay = '';

  /** Sends the files that these questions need. @returns where they are now; null where that was broken off. */
  async function sendFiles(questions: readonly Question[]): Promise<Map<string, StoredMedia> | null> {
    const files = [...new Set(questions.flatMap(filesOf))].filter((file) => localFiles.has(file));
    const placed = new Map<string, StoredMedia>();
    for (const [n, file] of files.entries()) {
      if (!saving.value) return null;
      sent.value = { n, of: files.length };
      try {
        placed.set(file, await server.sendMedia(file, await fileOf(file)));
      } catch (error) {
        // One damaged picture is no reason to lose all questions; anything else is.
        if (!isUnfit(error)) throw error;
        refused.value = [...refused.value, file];
      }
    }
    return saving.value ? placed : null;
  }

  /** Breaks off what is being sent or stored: nothing of it stays. */
  async function breakOff(): Promise<void> {
    saving.value = false;
    sent.value = null;
    // Where that does not reach the server in time, what was stored is taken back afterwards.
    if (underWay) await server.takeBackImport(underWay).catch(() => undefined);
  }

  /** Follows how far the storing is. */
  async function follow(id: string, of: number): Promise<void> {
    stored.value = { n: 0, of };
    while (underWay === id) {
      const { progress } = await server.importProgress(id).catch(() => ({ progress: null }));
      if (progress && underWay === id) stored.value = { n: progress.stored, of };
      await promiseTimeout(ASKED_EVERY);
    }
  }

  /** Brings questions in, all or none; their pictures and sounds before them. @returns whether they are in. */
  async function bringIn(set: string, name: string, chosen: readonly Question[]): Promise<boolean> {
    if (saving.value || underWay) return false;
    saving.value = true;
    told(null);
    refused.value = [];
    try {
      const placed = await sendFiles(chosen);
      if (!placed) return false;
      sent.value = null;
      const lost = new Set(refused.value);
      const questions = chosen.map((question) => placeFiles(withoutFiles(question, lost), placed));
      const id = (underWay = nanoid());
      void follow(id, questions.length);
      const { count } = await server.bringIn(id, set, name, questions);
      // Broken off too late to be kept from being stored: it is taken back then.
      const kept = saving.value || (await server.takeBackImport(id).then(() => false));
      if (!kept) return false;
      result.value = { id, set, count, takenBack: false };
      return true;
    } catch (error) {
      if (saving.value) told({ code: 'server', text: (error as Error).message });
      return false;
    } finally {
      underWay = '';
      saving.value = false;
      sent.value = stored.value = null;
    }
  }

  async function takeBack(): Promise<void> {
    try {
      await server.takeBackImport(result.value!.id);
      result.value!.takenBack = true;
    } catch (error) {
      told({ code: 'server', text: (error as Error).message });
    }
  }

  return { saving, sent, stored, refused, result, breakOff, bringIn, takeBack };
}
