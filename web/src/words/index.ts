import { createI18n } from 'vue-i18n';
import { setWords, type Words } from './current.ts';
import { common } from './en/common.ts';

const create = (surfaces: Record<string, object>) =>
  createI18n({
    legacy: false,
    locale: 'en',
    fallbackLocale: 'en',
    missingWarn: import.meta.env.DEV,
    messages: { en: { common, ...surfaces } as never },
  });
let made: ReturnType<typeof create> | null = null;

/** The catalogue of a surface, with the words that all share. English first; other languages beside it. */
export function makeWords(surfaces: Record<string, object>): ReturnType<typeof create> {
  made = create(surfaces);
  setWords(made as unknown as Words);
  return made;
}

/** Further words, which are only needed once there is more to see. */
export const addWords = (surfaces: Record<string, object>): void =>
  made?.global.mergeLocaleMessage('en', surfaces as never);
