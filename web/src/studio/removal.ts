import { mergeChanges } from '@distaff/core/document';
import { shallowRef, type Ref } from 'vue';
import { copy } from './copy.ts';

/** What was removed last from a document, to be brought back with everything written since. */
export function removal<Doc extends object>(doc: Ref<Doc | null>) {
  const removed = shallowRef<{ n: number; word: string; before: Doc; after: Doc } | null>(null);
  /** So that each removal is offered for its full time, also right after another one. */
  let count = 0;

  /** Does something that removes. @param word the key of what is said of it */
  function remove(word: string, work: () => void): void {
    const before = copy(doc.value!);
    work();
    removed.value = { n: ++count, word, before, after: copy(doc.value!) };
  }
  function bringBack(): void {
    if (!removed.value) return;
    const { before, after } = removed.value;
    doc.value = copy(mergeChanges(after, copy(doc.value!), before).value);
    removed.value = null;
  }
  return { removed, remove, bringBack };
}
