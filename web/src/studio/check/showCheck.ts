import { checkShow, type CheckFacts } from '@distaff/core/show';
import { lacksOf, type Question } from '@distaff/core/question';
import type { Remark } from '@distaff/core/review';
import { defineStore } from 'pinia';
import { computed, reactive, ref, shallowRef, toRaw, watch } from 'vue';
import { server } from '../../api/server.ts';
import { useEditor } from '../editor.ts';

/** A pause in writing after which is looked again (ms): a look at every question costs time. */
const PAUSE = 600;

/** The check before the doors: what the show itself tells, and what only server, screens and browser know. */
export const useShowCheck = defineStore('showCheck', () => {
  const editor = useEditor();
  const facts = reactive<Pick<CheckFacts, 'newer' | 'media' | 'reachable' | 'sound'>>({});
  const measured = shallowRef(new Map<string, Remark>());
  const long = shallowRef<string[]>([]);
  /** Questions measured so far, of how many; null while nothing is measured. */
  const measuring = ref<{ n: number; of: number } | null>(null);
  const findings = shallowRef(editor.show ? look() : []);
  let timer: ReturnType<typeof setTimeout> | undefined;

  function look() {
    const today = new Date().toISOString().slice(0, 10);
    return checkShow(toRaw(editor.show!), {
      ...facts,
      today,
      measured: measured.value,
      tooLongForHandset: long.value,
    });
  }
  function lookSoon(): void {
    clearTimeout(timer);
    timer = setTimeout(() => (findings.value = editor.show ? look() : []), PAUSE);
  }
  /** Looks at once, for what is about to be decided. @returns how many things there are to look at. */
  function lookNow(): number {
    clearTimeout(timer);
    findings.value = editor.show ? look() : [];
    return findings.value.length;
  }
  watch(() => [editor.show, editor.touched], lookSoon);
  watch(
    () => editor.id,
    () => {
      facts.newer = [];
      facts.media = {};
      measured.value = new Map();
      long.value = [];
      findings.value = editor.show ? look() : [];
    },
  );

  type Measure = (question: Question) => Promise<{ stage: Remark | null; handset: boolean }>;
  /** The last measuring: one that is begun later ends it, since what it measures may have been mended. */
  let latest = 0;
  let running: Promise<void> = Promise.resolve();

  /** Asks the server and the browser what they know; measures every question on the real screens. */
  async function ask(reachable: boolean, measure: Measure): Promise<void> {
    const id = editor.id;
    const own = ++latest;
    const overtaken = () => own !== latest || editor.id !== id;
    facts.reachable = reachable;
    facts.sound = 'AudioContext' in window;
    // The server tells of what is saved: what was mended a moment ago has to be.
    await editor.save();
    const found = await server.showFacts(id).catch(() => null);
    await running;
    if (overtaken()) return;
    if (found) Object.assign(facts, found);
    findings.value = look();
    running = measureAll(measure, overtaken).finally(() => (measuring.value = null));
    await running;
  }
  /** Breaks the measuring off: what is out of sight has no size. */
  const stop = () => void latest++;
  async function measureAll(measure: Measure, overtaken: () => boolean): Promise<void> {
    const finished = Object.values(editor.show!.questions).filter((one) => lacksOf(one).length === 0);
    const own = new Map<string, Remark>();
    const tooLong: string[] = [];
    measuring.value = { n: 0, of: finished.length };
    for (const [n, question] of finished.entries()) {
      const { stage, handset } = await measure(question);
      if (overtaken()) return;
      if (stage) own.set(question.id, stage);
      if (handset) tooLong.push(question.id);
      measuring.value = { n: n + 1, of: finished.length };
    }
    measured.value = own;
    long.value = tooLong;
    findings.value = look();
  }

  const blocked = computed(() => findings.value.some((finding) => finding.mustMend));
  return { findings, measuring, blocked, ask, stop, lookNow };
});
