import { computed } from 'vue';
import { useJoinAddress } from '../../live/joinAddress.ts';

/** The address of a link to what is shared, as it is sent to somebody. */
export function useSharedLink(token: () => string) {
  const address = useJoinAddress();
  // After the "#" a browser keeps it to itself: no server on the way writes it into a log.
  return computed(() => `${address.value}/studio/shared#${token()}`);
}
