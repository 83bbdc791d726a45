import { formatOf, layOut, type FormatName } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../studio/editor.ts';
import type { Slot } from './slot.ts';

interface Slots {
  /** @param place the id of a place. */
  at(place: string | null): Slot | null;
  /** Makes room for another question. @returns the id of its place. */
  next(place: string | null): string;
  /** What to do where no place is chosen. */
  hint: string;
}

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
      usual: formatOf(round.format).pays ? round.content.points : null,
      value: found.points,
      question: editor.show!.questions[found.id] ?? null,
      write: (from) => from && editor.replaceItem(found.id, from),
      setValue: (own) => (found.points = own),
      remove: () => editor.dropItem(found.id),
    };
  }
  /** The cell after one, with a new question where it has none. */
  function nextCell(ref: string | null): string {
    const refs = layOut(editor.board!.content)
      .flat()
      .map(({ id }) => id);
    const following = refs[(refs.indexOf(ref ?? '') + 1) % refs.length]!;
    if (!editor.questionAt(following)) editor.writeQuestion(following);
    return following;
  }
  const nextItem = () => editor.addItem();
  const inList = { at: item, next: nextItem, hint: 'studio.pickItemText' };
  /** How the places of each format are written, and which comes after one; null where there are none. */
  const slots: Record<FormatName, Slots | null> = {
    board: { at: cell, next: nextCell, hint: 'editors.board.pickPlace' },
    quiz: inList,
    knockout: inList,
    counterweight: inList,
    climb: inList,
    claim: inList,
    trail: inList,
    survey: inList,
    ownPace: inList,
    interlude: null,
  };
  return computed(() => slots[editor.round.format]);
}
