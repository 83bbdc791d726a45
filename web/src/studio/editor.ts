import { blankQuestion, type Question } from '@distaff/core/question';
import {
  duplicateRound,
  fillRound,
  hasList,
  ruleOf,
  newQuestionIn,
  newRoundIn,
  NO_TEMPO,
  originsBeside,
  questionsIn,
  showLength,
  type Tempo,
  type Round,
  type Show,
} from '@distaff/core/show';
import type { BoardCell, FormatName } from '@distaff/core/formats';
import { withLearnt } from '@distaff/core/learn';
import { refDebounced } from '@vueuse/core';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, toRaw } from 'vue';
import { server, type ShowAccess, type StoredShow, type TakenQuestions } from '../api/server.ts';
import { useAccount } from './account.ts';
import { usualIn } from './usual.ts';
import { savedDocument } from './savedDocument.ts';

/** A pause in writing after which what follows from the show is worked out (ms). */
const AT_REST = 300;

const stored = ({ version, show }: StoredShow) => ({ version, doc: show });
/** A part of the show that is written on a page of its own. */
export type EditorTab = 'order' | 'board' | 'teams' | 'rules' | 'look';

/** The show that is being written. */
export const useEditor = defineStore('editor', () => {
  /** What one is to the show oneself. */
  const access = shallowRef<ShowAccess>({ role: 'owner', owner: null, unowned: false, link: null });
  const { doc: show, ...saved } = savedDocument<Show>({
    name: 'draft',
    read: async (id) => stored((access.value = await server.show(id))),
    write: (id, { version, changes }, keepalive) => server.changeShow(id, version, changes, keepalive),
    current: (details) => stored(details.current as StoredShow),
  });

  /** Makes a show that is nobody's one's own. */
  async function take(): Promise<void> {
    await saved.save();
    await server.takeShow(saved.id.value);
    access.value = { role: 'owner', owner: null, unowned: false, link: null };
  }

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
  const list = computed(() => (hasList(round.value) ? round.value : null));
  /** Tags in use, to be offered again. */
  const tags = computed(() => [
    ...new Set(Object.values(show.value?.questions ?? {}).flatMap((question) => question.tags)),
  ]);
  /** How fast the shows of this host go; unknown until the server said. */
  const pace = ref<Tempo>(NO_TEMPO);
  /** Follows `touched` once the writing rests: what takes long over the whole show is worked out then. */
  const rested = refDebounced(saved.touched, AT_REST);
  const usual = usualIn(show, rested);
  const length = computed(() => {
    void rested.value;
    return show.value ? showLength(withLearnt(toRaw(show.value), usual.value), pace.value) : null;
  });
  async function load(id: string): Promise<void> {
    await Promise.all([
      saved.load(id),
      // Without it the estimate is only wider. A guest has played nothing.
      useAccount().isHost &&
        server.pace().then(
          (found) => (pace.value = found),
          () => undefined,
        ),
    ]);
  }

  function addRound(format: FormatName): void {
    const made = newRoundIn(show.value!, format, newId);
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

  function copyRound(id: string, title: string): void {
    roundId.value = duplicateRound(show.value!, id, title, newId) ?? roundId.value;
  }
  /** Takes the questions of the round from the library by its rule. @returns what it led to. */
  async function takeByRule(): Promise<Omit<TakenQuestions, 'questions'> | null> {
    const own = list.value;
    const rule = own ? ruleOf(own) : null;
    if (!own || !rule) return null;
    const taken = [...originsBeside(show.value!, own.id)];
    const { questions, ...told } = await server.take(saved.id.value, rule, show.value!.group ?? '', taken);
    const fill = () => fillRound(show.value!, list.value!, questions, newId);
    if (own.content.items.length > 0) saved.remove('building.replaced', fill);
    else fill();
    return told;
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
  function addItem(from: Question = newQuestionIn(list.value!, newId)): string {
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
    access,
    take,
    load,
    pace,
    length,
    show,
    roundId,
    index,
    round,
    board,
    list,
    tags,
    newId,
    addRound,
    dropRound,
    copyRound,
    takeByRule,
    cellAt,
    questionAt,
    writeQuestion,
    dropCells,
    addItem,
    replaceItem,
    dropItem,
  };
});
