import { defineAsyncComponent, type Component } from 'vue';

/** How long is waited before a part that did not come is asked for once more (ms). */
const AGAIN_AFTER = 1000;

/** A part of a page that is sent for when it is first shown; on a poor network it is asked for until it comes. */
export const whenNeeded = <T extends Component>(loader: () => Promise<{ default: T }>) =>
  defineAsyncComponent({
    loader,
    delay: 0,
    onError: (_error, retry) => setTimeout(retry, AGAIN_AFTER),
  });
