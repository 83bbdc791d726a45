import { swapCells } from '@distaff/core/formats';
import { ref } from 'vue';
import { server } from '../../../api/server.ts';
import { useEditor } from '../../../studio/editor.ts';

/** As what things are dragged to a cell: a question of the library, or what stands on another cell. */
export const QUESTION_DRAG = 'application/x-distaff-question';
const CELL = 'application/x-distaff-cell';

/** Dropping questions on the cells of a board. */
export function useCellDrop() {
  const editor = useEditor();
  /** Whether something is held over it that it would take. */
  const over = ref(false);
  const problem = ref('');

  const dragCell = (event: DragEvent, cell: string) => event.dataTransfer?.setData(CELL, cell);
  function mayDrop(event: DragEvent): void {
    const types = event.dataTransfer?.types ?? [];
    if (!types.includes(QUESTION_DRAG) && !types.includes(CELL)) return;
    event.preventDefault();
    over.value = true;
  }
  /** Puts a copy of a question of the library on a cell; what stood there can be brought back. */
  async function put(cell: string, id: string): Promise<boolean> {
    try {
      const { question, version } = await server.question(id);
      const write = () => editor.writeQuestion(cell, { ...question, origin: { id, version } });
      const replace = () => {
        editor.dropCells([cell]);
        write();
      };
      if (editor.questionAt(cell)) editor.remove('building.replaced', replace);
      else write();
      problem.value = '';
      return true;
    } catch (error) {
      problem.value = (error as Error).message;
      return false;
    }
  }
  /** @returns whether something was dropped there. */
  async function drop(event: DragEvent, cell: string): Promise<boolean> {
    event.preventDefault();
    over.value = false;
    const question = event.dataTransfer?.getData(QUESTION_DRAG);
    const from = event.dataTransfer?.getData(CELL);
    if (question) return put(cell, question);
    if (!from || from === cell) return false;
    swapCells(editor.board!.content, from, cell);
    return true;
  }
  return { over, problem, dragCell, mayDrop, drop, put };
}
