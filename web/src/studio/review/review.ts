import { hasRight } from '@distaff/core/library';
import {
  mend,
  reviewQuestion,
  reviewSet,
  spreadKeys,
  type MendName,
  type NearDuplicate,
  type Remark,
} from '@distaff/core/review';
import type { Question } from '@distaff/core/question';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, triggerRef } from 'vue';
import { ApiError } from '../../api/client.ts';
import { server, type QuestionLine, type StoredQuestion } from '../../api/server.ts';

const today = () => new Date().toISOString().slice(0, 10);
/** Mends that a host may make on many questions without looking at each. */
const SAFE_FOR_ALL: readonly MendName[] = ['dropEqual', 'moreTime'];

/** The check of one set: its questions, what is remarked on them, and the mends made. */
export const useReview = defineStore('review', () => {
  const title = ref('');
  const questions = shallowRef<StoredQuestion[] | null>(null);
  /** What measuring found, by question. */
  const measured = shallowRef(new Map<string, Remark>());
  const pairs = shallowRef<{ pairs: NearDuplicate[]; lines: QuestionLine[] } | null>(null);
  const problem = ref('');
  const said = ref('');
  /** Whether the set may be changed by whoever looks at it. */
  const mayEdit = ref(true);
  const busy = ref(false);
  /** States before the last mend, to go back to. */
  const before = shallowRef<StoredQuestion[]>([]);
  let asked = 0;

  async function load(set: string): Promise<void> {
    const own = ++asked;
    questions.value = null;
    measured.value = new Map();
    pairs.value = null;
    before.value = [];
    problem.value = '';
    try {
      const [info, all] = await Promise.all([server.set(set), server.questionsOfSet(set)]);
      if (own !== asked) return;
      title.value = info.set.title;
      mayEdit.value = hasRight(info.role, 'edit', info.mayCopy);
      questions.value = all.questions;
      const found = await server.duplicates(set);
      if (own === asked) pairs.value = found;
    } catch (error) {
      if (own === asked) problem.value = (error as Error).message;
    }
  }

  const remarks = computed(() => {
    const day = today();
    return (questions.value ?? [])
      .map((stored) => {
        const long = measured.value.get(stored.id);
        return { stored, remarks: [...reviewQuestion(stored.question, day), ...(long ? [long] : [])] };
      })
      .filter((one) => one.remarks.length > 0)
      .sort((a, b) => worst(a.remarks) - worst(b.remarks));
  });
  const set = computed(() => reviewSet((questions.value ?? []).map((one) => one.question)));
  const safe = computed(() =>
    remarks.value.filter((one) => one.remarks.some(({ mend: by }) => by && SAFE_FOR_ALL.includes(by))),
  );

  /** Saves changed questions one by one; one that somebody else changed meanwhile is read again instead. */
  async function save(changed: readonly { stored: StoredQuestion; question: Question }[]): Promise<number> {
    const undo: StoredQuestion[] = [];
    const list = [...(questions.value ?? [])];
    busy.value = true;
    problem.value = '';
    try {
      for (const { stored, question } of changed) {
        const at = list.findIndex((one) => one.id === stored.id);
        try {
          const saved = await server.saveQuestion(stored.id, stored.version, question);
          undo.push({ ...stored, version: saved.version });
          list[at] = saved;
        } catch (error) {
          if (!(error instanceof ApiError) || error.code !== 'stale') throw error;
          list[at] = error.details.current as StoredQuestion;
          said.value = 'review.again';
        }
        measured.value.delete(stored.id);
      }
    } catch (error) {
      problem.value = (error as Error).message;
    }
    questions.value = list;
    triggerRef(measured);
    before.value = undo;
    busy.value = false;
    return undo.length;
  }
  const mendOne = (stored: StoredQuestion, name: MendName) =>
    save([{ stored, question: mend(stored.question, name, today()) }]);
  const mendAll = () =>
    save(
      safe.value.map(({ stored, remarks: own }) => ({
        stored,
        question: own.reduce(
          (question, { mend: by }) =>
            by && SAFE_FOR_ALL.includes(by) ? mend(question, by, today()) : question,
          stored.question,
        ),
      })),
    );
  const spread = () => {
    const all = questions.value ?? [];
    const changed = spreadKeys(
      all.map((one) => one.question),
      Math.random,
    );
    return save(
      changed.map((question) => ({ stored: all.find((one) => one.id === question.id)!, question })),
    );
  };
  const undo = () => save(before.value.map((stored) => ({ stored, question: stored.question })));

  return {
    title,
    questions,
    measured,
    pairs,
    problem,
    said,
    mayEdit,
    busy,
    before,
    remarks,
    set,
    safe,
    load,
    mendOne,
    mendAll,
    spread,
    undo,
  };
});

const order = { must: 0, should: 1, may: 2 };
const worst = (remarks: readonly Remark[]) => Math.min(...remarks.map((one) => order[one.weight]));
