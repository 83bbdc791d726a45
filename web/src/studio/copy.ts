import { toRaw } from 'vue';

/** A plain copy, read past the watching of changes, which makes it many times faster. */
export const copy = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T;
