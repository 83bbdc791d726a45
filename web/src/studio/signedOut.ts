const KEY = 'distaff-signed-out';

/** Leads to the sign-in because the server knows nobody here any more; the page there says why. */
export function leadToSignIn(): void {
  sessionStorage.setItem(KEY, '1');
  location.reload();
}

/** Whether one was led there just now; asked once. */
export function wasSignedOut(): boolean {
  const was = sessionStorage.getItem(KEY) !== null;
  sessionStorage.removeItem(KEY);
  return was;
}
