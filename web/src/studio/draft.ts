import { toRaw } from 'vue';

/** What a tab has not saved, and what that was written on. */
interface Draft<Doc> {
  base: Doc;
  doc: Doc;
}

/** Keeps what is not saved in this tab, so that a reload or a server that is away loses nothing. */
export function draft<Doc extends object>(key: () => string) {
  return {
    keep(base: Doc | null, doc: Doc | null): void {
      try {
        sessionStorage.setItem(key(), JSON.stringify({ base, doc: toRaw(doc) }));
      } catch {
        // No room for it in this browser: what is written is still saved on the server.
      }
    },
    drop(): void {
      sessionStorage.removeItem(key());
    },
    kept(): Draft<Doc> | null {
      const text = sessionStorage.getItem(key());
      return text === null ? null : (JSON.parse(text) as Draft<Doc>);
    },
  };
}
