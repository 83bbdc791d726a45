import type { Book, BookRequest } from '@distaff/core/sitting';
import { onScopeDispose, shallowRef, watch, type ShallowRef } from 'vue';
import { useSitting } from '../live/sitting.ts';
import { useDesk } from './useDesk.ts';

/** While much happens at once it is looked up no more often than this (ms). */
const PAUSE = 400;

/**
 * What the host looks up while `asked` says so (null: nothing is open), kept true to what happens
 * meanwhile; null until it has come.
 */
export function useBook(asked: () => BookRequest | null): ShallowRef<Book | null> {
  const desk = useDesk();
  const sitting = useSitting();
  const book = shallowRef<Book | null>(null);
  let timer: ReturnType<typeof setTimeout> | undefined;
  let busy = false;

  async function load(): Promise<void> {
    const request = asked();
    if (busy || !request) return;
    busy = true;
    const found = await sitting.lookUp(request);
    busy = false;
    if (found) book.value = found;
    if (!found || JSON.stringify(request) !== JSON.stringify(asked()) || found.seq < desk.view.seq) again();
  }
  function again(): void {
    clearTimeout(timer);
    timer = setTimeout(() => void load(), PAUSE);
  }
  watch(
    () => JSON.stringify(asked()),
    () => void load(),
  );
  watch(
    () => sitting.desk?.seq,
    () => asked() && again(),
  );
  onScopeDispose(() => clearTimeout(timer));
  return book;
}
