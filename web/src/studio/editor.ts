import {
  blankQuestion,
  checkShow,
  newRound,
  type BoardCell,
  type FormatName,
  type Question,
  type Round,
  type RoundOf,
  type Show,
} from '@distaff/core';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { server, type StoredShow } from '../api/server.ts';
import { savedDocument } from './savedDocument.ts';

const stored = ({ version, show }: StoredShow) => ({ version, doc: show });
/** A round whose questions come one after the other. */
export type ListRound = RoundOf<'quiz' | 'knockout' | 'counterweight'>;

/** The show that is being written. */
export const useEditor = defineStore('editor', () => {
  const { doc: show, ...saved } = savedDocument<Show>({
    name: 'draft',
    read: async (id) => stored(await server.show(id)),
    write: async (id, version, doc, keepalive) => stored(await server.saveShow(id, version, doc, keepalive)),
    current: (details) => stored(details.current as StoredShow),
  });

  const newId = () => nanoid(10);
  /** The id of the round that is looked at; the first one where it names none. */
  const roundId = ref('');
  const index = computed(() =>
    Math.max(
      0,
      show.value!.rounds.findIndex((one) => one.id === roundId.value),
    ),
  );
  const round = computed<Round>(() => show.value!.rounds[index.value]!);
  const board = computed(() => (round.value.format === 'board' ? round.value : null));
  const list = computed<ListRound | null>(() =>
    round.value.format === 'board' || round.value.format === 'interlude' ? null : round.value,
  );
  /** Tags in use, to be offered again. */
  const tags = computed(() => [
    ...new Set(Object.values(show.value?.questions ?? {}).flatMap((question) => question.tags)),
  ]);
  const findings = computed(() => (show.value ? checkShow(show.value) : []));

  function addRound(format: FormatName): void {
    const made = newRound(format, newId);
    show.value!.rounds.splice(index.value + 1, 0, made);
    roundId.value = made.id;
  }
  /** Takes a round away with the questions that it alone holds. */
  function dropRound(id: string): void {
    const at = show.value!.rounds.findIndex((one) => one.id === id);
    const gone = show.value!.rounds[at];
    if (!gone || show.value!.rounds.length < 2) return;
    show.value!.rounds.splice(at, 1);
    for (const question of questionsIn(gone)) delete show.value!.questions[question];
    roundId.value = show.value!.rounds[Math.min(at, show.value!.rounds.length - 1)]!.id;
  }

  const cellAt = (ref: string): BoardCell =>
    board.value?.content.cells[ref] ?? { question: null, value: null };
  const questionAt = (ref: string | null): Question | null => {
    const question = ref === null ? null : cellAt(ref).question;
    return question === null ? null : (show.value!.questions[question] ?? null);
  };
  /** Puts a question on a cell: a new, empty one, or a copy of one of the library. */
  function writeQuestion(ref: string, from: Question = blankQuestion(newId)): void {
    const question = { ...from, id: newId() };
    show.value!.questions[question.id] = question;
    board.value!.content.cells[ref] = { ...cellAt(ref), question: question.id };
  }
  function dropCells(refs: string[]): void {
    for (const ref of refs) {
      const { question } = cellAt(ref);
      if (question !== null) delete show.value!.questions[question];
      delete board.value!.content.cells[ref];
    }
  }

  /** Adds a question at the end of a list. @returns its id. */
  function addItem(from: Question = blankQuestion(newId)): string {
    const question = { ...from, id: newId() };
    show.value!.questions[question.id] = question;
    list.value!.content.items.push({ id: question.id, points: null });
    return question.id;
  }
  /** Puts another question in the place of one of a list. */
  function replaceItem(id: string, from: Question): void {
    show.value!.questions[id] = { ...from, id };
  }
  function dropItem(id: string): void {
    const { content } = list.value!;
    content.items = content.items.filter((item) => item.id !== id);
    delete show.value!.questions[id];
  }

  return {
    ...saved,
    show,
    roundId,
    index,
    round,
    board,
    list,
    findings,
    tags,
    newId,
    addRound,
    dropRound,
    cellAt,
    questionAt,
    writeQuestion,
    dropCells,
    addItem,
    replaceItem,
    dropItem,
  };
});

function questionsIn(round: Round): string[] {
  if (round.format === 'interlude') return [];
  if (round.format === 'board')
    return Object.values(round.content.cells).flatMap((cell) => cell.question ?? []);
  return round.content.items.map((item) => item.id);
}
