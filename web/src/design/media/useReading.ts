import { plainText } from '@distaff/core/text';
import { wordsOfOption } from '@distaff/core/question';
import type { PublicQuestion } from '@distaff/core/sitting';
import { computed, onBeforeUnmount, ref, type Ref } from 'vue';

/** What there is to read out of a question: the prompt, and what may be chosen. */
export function spokenText(question: Pick<PublicQuestion, 'prompt' | 'options' | 'control'>): string[] {
  const left = question.control?.type === 'match' ? question.control.left : [];
  return [question.prompt ?? '', ...[...left, ...(question.options ?? [])].map((one) => wordsOfOption(one))]
    .map(plainText)
    .filter((text) => text.trim() !== '');
}

/** Reads texts out with the browser's own voice; `supported` tells whether it has one. */
export function useReading(language: Ref<string>) {
  const speech = typeof window === 'undefined' ? undefined : window.speechSynthesis;
  const reading = ref(false);
  let run = 0;
  function stop(): void {
    run++;
    reading.value = false;
    speech?.cancel();
  }
  function read(texts: readonly string[]): void {
    if (!speech) return;
    stop();
    const own = ++run;
    reading.value = true;
    texts.forEach((text, i) => {
      const utterance = new SpeechSynthesisUtterance(text);
      if (language.value) utterance.lang = language.value;
      const end = () => {
        if (own === run && i === texts.length - 1) reading.value = false;
      };
      utterance.onend = end;
      utterance.onerror = end;
      speech.speak(utterance);
    });
  }
  onBeforeUnmount(stop);
  return { supported: computed(() => speech !== undefined), reading, read, stop };
}
