import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';
import type { Slot } from './slot.ts';

/** The places of the round that is written, each as its editor needs it. */
export function useSlots() {
  const { t } = useI18n();
  const editor = useEditor();

  function cell(ref: string | null): Slot | null {
    const content = editor.board?.content;
    if (!content || ref === null) return null;
    const [categoryId, valueId] = ref.split(':');
    const category = content.categories.find((one) => one.id === categoryId);
    const value = content.values.find((one) => one.id === valueId);
    if (!category || !value) return null;
    return {
      title: category.name,
      usual: value.points,
      value: editor.cellAt(ref).value,
      question: editor.questionAt(ref),
      write: (from) => editor.writeQuestion(ref, from),
      setValue: (own) => (content.cells[ref] = { ...editor.cellAt(ref), value: own }),
      remove: () => editor.dropCells([ref]),
    };
  }

  function item(id: string | null): Slot | null {
    const round = editor.list;
    const at = round?.content.items.findIndex((one) => one.id === id) ?? -1;
    const found = round?.content.items[at];
    if (!round || !found) return null;
    return {
      title: t('common.questionNumber', { n: at + 1 }),
      usual: round.format === 'counterweight' ? null : round.content.points,
      value: found.points,
      question: editor.show!.questions[found.id] ?? null,
      write: (from) => from && editor.replaceItem(found.id, from),
      setValue: (own) => (found.points = own),
      remove: () => editor.dropItem(found.id),
    };
  }
  return { cell, item };
}
