import { createPinia, setActivePinia } from 'pinia';
import { createApp, defineComponent, type App } from 'vue';
import { createI18n } from 'vue-i18n';
import { all } from '../words/all.ts';
import { setWords, type Words } from '../words/current.ts';
import { common } from '../words/en/common.ts';
import { formats } from '../words/en/formats.ts';

/** All words, as the pages have them; one that is missing is an error of the test. */
const testWords = () =>
  createI18n({
    legacy: false,
    locale: 'en',
    messages: { en: { common, formats, ...all } as never },
    missing: (_, key) => {
      throw new Error(`There are no words for ${key}.`);
    },
  });

/** They are the words of the page, for what is asked for outside of components. */
setWords(testWords() as unknown as Words);

interface Spoken {
  global: { t: (key: string, params: object) => string };
}

/** What stands under a key. */
export const say = (key: string, params: object = {}): string =>
  (testWords() as unknown as Spoken).global.t(key, params);

const open: App[] = [];

/** What `setup` makes within an application with stores and words, as a component would. Needs a page (jsdom). */
export function inApp<T>(setup: () => T): T {
  let made!: T;
  const pinia = createPinia();
  setActivePinia(pinia);
  const app = createApp(
    defineComponent(() => {
      made = setup();
      return () => null;
    }),
  );
  app
    .use(pinia)
    .use(testWords())
    .mount(document.body.appendChild(document.createElement('div')));
  open.push(app);
  return made;
}

/** Takes down what `inApp` made. */
export function endApps(): void {
  for (const app of open.splice(0)) app.unmount();
  document.body.innerHTML = '';
}
