import { createI18n } from 'vue-i18n';
import { common } from './en/common.ts';

const create = (surfaces: Record<string, object>) =>
  createI18n({
    legacy: false,
    locale: 'en',
    fallbackLocale: 'en',
    missingWarn: import.meta.env.DEV,
    messages: { en: { common, ...surfaces } as never },
  });
let words: ReturnType<typeof create> | null = null;

/** The catalogue of a surface, with the words that all share. English first; other languages beside it. */
export const makeWords = (surfaces: Record<string, object>) => (words = create(surfaces));

/** Further words, which are only needed once there is more to see. */
export const addWords = (surfaces: Record<string, object>): void =>
  words?.global.mergeLocaleMessage('en', surfaces as never);
