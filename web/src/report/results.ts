import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { Moves, Results } from '@distaff/core/report';
import type { Correction } from '@distaff/core/sitting';
import { server, type SittingResults } from '../api/server.ts';

/** What is about to be put right: the command, in words, and what it would change; null until that is known. */
export interface Proposal {
  key: string;
  command: Correction;
  says: string;
  moves: Moves | null;
}

/** The results of one game, and what its host puts right afterwards. */
export const useResults = defineStore('results', () => {
  const id = ref('');
  /** What comes from the server is never changed here, and may be large: only whether it is another one is watched. */
  const data = shallowRef<SittingResults | null>(null);
  /** Every answer; null until somebody wants to see them. */
  const responses = shallowRef<Results['responses'] | null>(null);
  const problem = ref('');
  const proposal = ref<Proposal | null>(null);
  const isSending = ref(false);
  /** Goes up with every correction, for what is asked of the server apart. */
  const turn = ref(0);

  let wanted = '';
  async function wantResponses(): Promise<void> {
    const now = `${id.value} ${turn.value}`;
    if (wanted === now) return;
    wanted = now;
    try {
      const told = await server.responses(id.value);
      if (wanted === now) responses.value = told.responses;
    } catch (error) {
      wanted = '';
      problem.value = (error as Error).message;
    }
  }

  async function load(sitting: string): Promise<void> {
    id.value = sitting;
    [responses.value, wanted] = [null, ''];
    [data.value, proposal.value, problem.value, isDeleted.value] = [null, null, '', false];
    try {
      const loaded = await server.results(sitting);
      if (id.value === sitting) data.value = loaded;
    } catch (error) {
      problem.value = (error as Error).message;
    }
  }

  /** Something was changed: what was asked for apart is asked for again where it is looked at. */
  function again(): void {
    turn.value++;
    if (wanted !== '') void wantResponses();
  }

  /** Whether anything may be put right here: while a game is on, its desk does that. */
  const isClosed = computed(() => data.value?.sitting.closedAt != null);
  const corrections = computed(() => data.value?.report.corrections ?? []);

  /** Asks what a correction would change, and shows that before it is done. */
  async function propose(command: Correction, says: string): Promise<void> {
    const key = nanoid();
    problem.value = '';
    proposal.value = { key, command, says, moves: null };
    try {
      const moves = await server.previewCorrection(id.value, key, command);
      if (proposal.value?.key === key) proposal.value = { ...proposal.value, moves };
    } catch (error) {
      problem.value = (error as Error).message;
      if (proposal.value?.key === key) proposal.value = null;
    }
  }

  async function send(key: string, command: Correction): Promise<void> {
    if (isSending.value) return;
    isSending.value = true;
    problem.value = '';
    try {
      data.value = await server.correct(id.value, key, command);
      again();
    } catch (error) {
      problem.value = (error as Error).message;
    } finally {
      isSending.value = false;
      proposal.value = null;
    }
  }
  const apply = async () => {
    if (proposal.value) await send(proposal.value.key, proposal.value.command);
  };
  /** Undoes the last correction. */
  const undo = async () => {
    const to = corrections.value.at(-1);
    if (to !== undefined) await send(nanoid(), { type: 'takeBack', to });
  };

  /** Deleted just now: it can be had again from here, and for a while from the list. */
  const isDeleted = ref(false);
  async function guarded(work: () => Promise<void>): Promise<void> {
    problem.value = '';
    try {
      await work();
    } catch (error) {
      problem.value = (error as Error).message;
    }
  }
  const remove = () =>
    guarded(async () => {
      await server.deleteSitting(id.value);
      isDeleted.value = true;
    });
  const restore = () =>
    guarded(async () => {
      await server.restoreSitting(id.value);
      isDeleted.value = false;
    });
  const makeAnonymous = () =>
    guarded(async () => {
      await server.makeAnonymous(id.value);
      data.value = await server.results(id.value);
      again();
    });

  const clear = () =>
    guarded(async () => {
      await server.clearSitting(id.value);
      data.value = await server.results(id.value);
      again();
    });
  /** Whether players may still come back to their own answers. */
  const closeAnswers = (closed: boolean) =>
    guarded(async () => {
      await server.closeAnswers(id.value, closed);
      data.value = await server.results(id.value);
    });

  return {
    id,
    data,
    responses,
    wantResponses,
    problem,
    proposal,
    isSending,
    turn,
    isClosed,
    corrections,
    load,
    propose,
    apply,
    undo,
    isDeleted,
    remove,
    restore,
    makeAnonymous,
    clear,
    closeAnswers,
  };
});
