import { createI18n } from 'vue-i18n';
import { common } from './en/common.ts';
import { formats } from './en/formats.ts';

/** The catalogue of a surface, with the words that all share. English first; other languages beside it. */
export const makeWords = (surfaces: Record<string, object>) =>
  createI18n({
    legacy: false,
    locale: 'en',
    fallbackLocale: 'en',
    missingWarn: import.meta.env.DEV,
    messages: { en: { common, formats, ...surfaces } as never },
  });
