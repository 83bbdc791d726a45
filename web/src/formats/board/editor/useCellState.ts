import { lacksOf } from '@distaff/core/question';
import { remarksBeside } from '@distaff/core/review';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../../design/useFormat.ts';
import { useEditor } from '../../../studio/editor.ts';
import { useLacks } from '../../../studio/useLacks.ts';

/** What is to be said of a cell of the board while it is written. */
export function useCellState() {
  const { t } = useI18n();
  const { points } = useFormat();
  const { lackWords } = useLacks();
  const editor = useEditor();

  const worth = (ref: string, own: number) => editor.cellAt(ref).value ?? own;
  const lacks = (ref: string) => {
    const question = editor.questionAt(ref);
    return question ? lacksOf(question) : [];
  };
  const today = new Date().toISOString().slice(0, 10);
  /** How many things a review would look at, beside what is missing. */
  const remarks = (ref: string) => {
    const question = editor.questionAt(ref);
    return question ? remarksBeside(question, today).length : 0;
  };
  function told(name: string, ref: string, own: number): string {
    const question = editor.questionAt(ref);
    const params = { category: name || '…', points: points(worth(ref, own)) };
    if (!question) return t('editors.board.cellNew', params);
    if (lacks(ref).length)
      return t('editors.board.cellUnfinished', { ...params, lacks: lackWords(lacks(ref)) });
    const done = t('editors.board.cellDone', { ...params, prompt: question.prompt });
    const n = remarks(ref);
    return n ? `${done} (${t('review.remarks', n, { named: { n } })})` : done;
  }
  return { worth, lacks, remarks, told, points };
}
