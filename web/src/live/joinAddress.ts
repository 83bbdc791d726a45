import { ref, type Ref } from 'vue';
import { joining } from '../api/joining.ts';

const known = ref(location.origin);
let asked = false;

/**
 * Where players come in, as a whole address. A host who sits at the server itself sees it as
 * "localhost", which no phone could reach: then the server's own name for itself is taken.
 */
export function useJoinAddress(): Ref<string> {
  if (!asked && /^(localhost|127\.|\[::1\])/.test(location.hostname)) {
    asked = true;
    joining.address().then(
      ({ players }) => (known.value = players ?? location.origin),
      () => (asked = false),
    );
  }
  return known;
}

/** An address as people read it aloud: without the scheme. */
export const spoken = (address: string): string => address.replace(/^https?:\/\//, '');
