/** What this phone keeps of a practice. Storage may be shut (private windows): then it lives as long as the page. */
const memory = new Map<string, string>();
const keyOf = (name: string) => `distaff-practice-${name}`;

export function kept(name: string): string | null {
  try {
    return localStorage.getItem(keyOf(name)) ?? memory.get(name) ?? null;
  } catch {
    return memory.get(name) ?? null;
  }
}
export function keep(name: string, value: string): void {
  memory.set(name, value);
  try {
    localStorage.setItem(keyOf(name), value);
  } catch {
    // Kept in memory.
  }
}
export function forget(name: string): void {
  memory.delete(name);
  try {
    localStorage.removeItem(keyOf(name));
  } catch {
    // It was not there.
  }
}
