import { build } from 'esbuild';
import type { Page, Request } from '@playwright/test';
import type { Complaint } from '../../web/gallery/measure.ts';

let measure: Promise<string> | undefined;
/** The measuring of the layout properties, for any page. */
async function measureScript(): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: ['web/gallery/measure.ts'],
    bundle: true,
    format: 'iife',
    globalName: 'measure',
    write: false,
  });
  return outputFiles[0]!.text;
}

/** The same request so often within so short a time is a loop, not a hand (times, ms). */
const LOOP = { times: 12, within: 3000 };
/** Refusals that an act may well earn; the interface says them in words. */
const refusals = /status of (400|401|403|404|409|410|413|422|429) /;
const counted: readonly Complaint['what'][] = ['overlaps', 'wide', 'outside', 'noWords'];

/** What must never happen to a page, whatever is done to it. */
export class Watch {
  readonly page: Page;
  readonly who: string;
  readonly #trouble: string[] = [];
  readonly #sent: { what: string; at: number }[] = [];
  readonly #underway = new Set<Request>();

  private constructor(page: Page, who: string) {
    this.page = page;
    this.who = who;
    page.on('pageerror', (error) => this.#trouble.push(`error: ${error.message}`));
    page.on('console', (message) => {
      if (message.type() === 'error' && !refusals.test(message.text()))
        this.#trouble.push(`console: ${message.text().slice(0, 300)}`);
    });
    page.on('response', (response) => {
      if (response.status() >= 500) this.#trouble.push(`${response.status()} ${response.url()}`);
    });
    page.on('request', (request) => this.#count(request));
    page.on('requestfinished', (request) => this.#underway.delete(request));
    page.on('requestfailed', (request) => this.#underway.delete(request));
    page.on('dialog', (dialog) => void dialog.accept().catch(() => undefined));
    page.on('popup', (popup) => void popup.close().catch(() => undefined));
  }

  static async over(page: Page, who: string): Promise<Watch> {
    measure ??= measureScript();
    // Unhandled rejections reach neither the console of a page nor its errors in every case.
    await page.addInitScript(() =>
      addEventListener('unhandledrejection', (event) => console.error('unhandled', String(event.reason))),
    );
    await page.addInitScript(`${await measure}; window.measure = measure;`);
    await page.emulateMedia({ reducedMotion: 'reduce' });
    return new Watch(page, who);
  }

  #count(request: Request): void {
    if (!request.url().includes('/api/')) return;
    const what = `${request.method()} ${request.url()}`;
    const at = Date.now();
    this.#underway.add(request);
    this.#sent.push({ what, at });
    const again = this.#sent.filter((one) => one.what === what && at - one.at < LOOP.within);
    if (again.length >= LOOP.times) this.#trouble.push(`${again.length} times in a row: ${what}`);
  }

  /** Requests to the server since this time (ms since the epoch). */
  sentSince(time: number): string[] {
    return this.#sent.filter(({ at }) => at > time).map(({ what }) => what);
  }

  /** Waits until the server has answered all that this page asked: the next act meets the same page each time. */
  async rest(): Promise<void> {
    for (let i = 0; i < 40 && this.#underway.size > 0; i++) await this.page.waitForTimeout(25);
  }

  /** Everything wrong with the page now; what is only on its way is looked at again. */
  async wrong(): Promise<string[]> {
    for (const wait of [0, 100, 300, 700, 1500]) {
      if (wait) await this.page.waitForTimeout(wait);
      const seen = await this.#look();
      if (seen.length === 0) return this.#told([]);
      if (wait === 1500) return this.#told(seen);
    }
    return [];
  }

  #told(seen: string[]): string[] {
    return [...new Set([...this.#trouble, ...seen])].map((one) => `${this.who}: ${one}`);
  }

  async #look(): Promise<string[]> {
    const found = await this.page
      .evaluate(() => {
        const shown = [...document.querySelectorAll<HTMLElement>('.v-overlay--active')].filter((one) =>
          one.querySelector(':scope > .v-overlay__content'),
        );
        const dialog = shown.findLast((one) => one.querySelector(':scope > .v-overlay__scrim'));
        const content = dialog?.querySelector(':scope > .v-overlay__content');
        // What lies over a page on purpose is measured by itself.
        const root = content ?? document.querySelector('#app') ?? document.body;
        const { measure } = window as unknown as { measure: { complaints(root: Element): Complaint[] } };
        const wrong = measure.complaints(root) as { what: string; text: string; more: string }[];
        const focus = document.activeElement as HTMLElement | null;
        const lost =
          focus && focus !== document.body && !focus.checkVisibility()
            ? `the focus is on something hidden: ${focus.outerHTML.slice(0, 120)}`
            : dialog && !shown.some((one) => one.contains(focus))
              ? `the focus is behind the dialog: ${focus?.outerHTML.slice(0, 120)}`
              : '';
        return { wrong, lost };
      })
      // It is on its way to another page.
      .catch(() => ({ wrong: [], lost: '' }));
    const told = found.wrong
      .filter(({ what }) => counted.includes(what as Complaint['what']))
      .map(({ what, text, more }) => `${what} “${text}” ${more}`);
    return found.lost ? [...told, found.lost] : told;
  }
}
