import {
  blankQuestion,
  checkShow,
  type BoardCell,
  type Question,
  type Round,
  type Show,
} from '@distaff/core';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { server, type StoredShow } from '../api/server.ts';
import { savedDocument } from './savedDocument.ts';

const stored = ({ version, show }: StoredShow) => ({ version, doc: show });

/** The show that is being written. */
export const useEditor = defineStore('editor', () => {
  const { doc: show, ...saved } = savedDocument<Show>({
    name: 'draft',
    read: async (id) => stored(await server.show(id)),
    write: async (id, version, doc, keepalive) => stored(await server.saveShow(id, version, doc, keepalive)),
    current: (details) => stored(details.current as StoredShow),
  });

  const newId = () => nanoid(10);
  const round = computed<Round>(() => show.value!.rounds[0]!);
  /** Tags in use, to be offered again. */
  const tags = computed(() => [
    ...new Set(Object.values(show.value?.questions ?? {}).flatMap((question) => question.tags)),
  ]);
  const findings = computed(() => (show.value ? checkShow(show.value) : []));

  const cellAt = (ref: string): BoardCell =>
    round.value.content.cells[ref] ?? { question: null, value: null };
  const questionAt = (ref: string | null): Question | null => {
    const question = ref === null ? null : cellAt(ref).question;
    return question === null ? null : (show.value!.questions[question] ?? null);
  };
  /** Puts a question on a cell: a new, empty one, or a copy of one of the library. */
  function writeQuestion(ref: string, from: Question = blankQuestion(newId)): void {
    const question = { ...from, id: newId() };
    show.value!.questions[question.id] = question;
    round.value.content.cells[ref] = { ...cellAt(ref), question: question.id };
  }
  function dropCells(refs: string[]): void {
    for (const ref of refs) {
      const { question } = cellAt(ref);
      if (question !== null) delete show.value!.questions[question];
      delete round.value.content.cells[ref];
    }
  }

  return { ...saved, show, round, findings, tags, newId, cellAt, questionAt, writeQuestion, dropCells };
});
