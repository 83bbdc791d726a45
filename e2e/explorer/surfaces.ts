import type { Page } from '@playwright/test';

/** What a surface tells: scores by team, and the text that each letter stands for. */
export interface Told {
  scores: Record<string, string>;
  letters: Record<string, string>;
}

/** Reads what stands in a page, wherever it stands. */
export function toldBy(page: Page): Promise<Told> {
  return page.evaluate(() => {
    const plain = (element: Element | null | undefined) =>
      (element?.textContent ?? '').replace(/\s+/g, ' ').trim();
    const scores: Record<string, string> = {};
    for (const row of document.querySelectorAll('.hem li, .teams li, .standings li, section.team')) {
      const score = row.querySelector('.score, b.mono');
      const name = row.querySelector('.clip');
      if (name && score) scores[plain(name)] = plain(score);
    }
    const letters: Record<string, string> = {};
    // Whoever is asked alone has letters of their own.
    const alone = document.querySelector('[data-alone]') !== null;
    for (const sign of document.querySelectorAll('.eyelet, .letter')) {
      const letter = plain(sign);
      const text = plain(sign.nextElementSibling);
      if (!alone && /^[A-H]$/.test(letter) && text !== '') letters[letter] = text;
    }
    return { scores, letters };
  });
}

/** Where two surfaces tell different things of the same team or letter. */
export function contradictions(told: readonly (Told & { who: string })[]): string[] {
  const found: string[] = [];
  for (const what of ['scores', 'letters'] as const) {
    const first = new Map<string, { who: string; says: string }>();
    for (const one of told)
      for (const [key, says] of Object.entries(one[what])) {
        const other = first.get(key);
        if (!other) first.set(key, { who: one.who, says });
        else if (other.says !== says)
          found.push(`${what}: ${key} is “${other.says}” (${other.who}), “${says}” (${one.who})`);
      }
  }
  return found;
}
