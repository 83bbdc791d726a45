import { changesBetween } from '@distaff/core/document';
import { lacksOf, type Question } from '@distaff/core/question';
import { lastingRemarks } from '@distaff/core/review';
import { plainText } from '@distaff/core/text';
import { defineStore } from 'pinia';
import { ref, watch } from 'vue';
import { server, type StoredQuestion } from '../../api/server.ts';
import { savedDocument } from '../savedDocument.ts';
import { useBank } from './bank.ts';

const stored = ({ version, question }: StoredQuestion) => ({ version, doc: question });

/** The question of the library that is being written. */
export const useQuestionEditor = defineStore('questionEditor', () => {
  const bank = useBank();
  const setId = ref('');
  const { doc: question, ...saved } = savedDocument<Question>({
    name: 'question',
    read: async (id) => {
      const answer = await server.question(id);
      setId.value = answer.setId;
      return stored(answer);
    },
    write: async (id, { version, doc }, keepalive) => {
      const kept = await server.saveQuestion(id, version, doc, keepalive);
      return { version: kept.version, otherwise: changesBetween(doc, kept.question) };
    },
    current: (details) => stored(details.current as StoredQuestion),
  });
  // The list shows at once what is written here.
  watch(
    question,
    (own) => {
      if (!own) return;
      const today = new Date().toISOString().slice(0, 10);
      bank.patch(saved.id.value, {
        prompt: plainText(own.prompt).slice(0, 200),
        kind: own.answer.kind,
        unfinished: lacksOf(own).length > 0,
        remarks: lastingRemarks(own),
        stale: own.checkAgainBy !== null && own.checkAgainBy <= today,
        picture: own.picture?.file ?? null,
        tags: own.tags,
      });
    },
    { deep: true },
  );
  /** Takes over all that another question says; what it is and where it stays is its own. */
  function takeOver(from: Question): void {
    saved.remove('library.replaced', () => {
      question.value = { ...from, id: question.value!.id, origin: null };
    });
  }
  function close(): void {
    saved.flush();
    saved.id.value = '';
    question.value = null;
    // From here on the list says what the server says.
    bank.patch('', {});
  }
  return { ...saved, question, setId, takeOver, close };
});
