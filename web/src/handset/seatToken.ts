/**
 * The secret that holds a seat, kept on this device by join code. A tab keeps its own, so that a
 * shared tablet with two tabs can hold two seats.
 */
const keyOf = (code: string) => `distaff-seat-${code}`;

/** Storage may be shut (private windows of some browsers): then the seat lives as long as the page. */
function kept<T>(use: (storage: Storage) => T, storage: () => Storage): T | null {
  try {
    return use(storage());
  } catch {
    return null;
  }
}

export function readToken(code: string): string | null {
  const own = kept(
    (storage) => storage.getItem(keyOf(code)),
    () => sessionStorage,
  );
  return (
    own ??
    kept(
      (storage) => storage.getItem(keyOf(code)),
      () => localStorage,
    )
  );
}

export function keepToken(code: string, token: string): void {
  for (const storage of [() => sessionStorage, () => localStorage])
    kept((one) => one.setItem(keyOf(code), token), storage);
}

export function forgetToken(code: string): void {
  for (const storage of [() => sessionStorage, () => localStorage])
    kept((one) => one.removeItem(keyOf(code)), storage);
}
