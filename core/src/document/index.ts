/** Documents compared and changes put together. */
export { Change, changesBetween, putAt, withChanges } from './changes.ts';
export { type Conflict, mergeChanges } from './merge.ts';
export { same } from './same.ts';
export { guardHandedOut, handedOut, settledForGood } from './handedOut.ts';
