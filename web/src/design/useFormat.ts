import { useI18n } from 'vue-i18n';

/** Making one costs more than using it a thousand times: one a language for all that is on a page, when it is needed first. */
function onePerLanguage<T>(make: (locale: string) => T): (locale: string) => T {
  const kept = new Map<string, T>();
  return (locale) => {
    const own = kept.get(locale) ?? make(locale);
    kept.set(locale, own);
    return own;
  };
}
const wholeIn = onePerLanguage((locale) => new Intl.NumberFormat(locale, { maximumFractionDigits: 0 }));
const ordinalsIn = onePerLanguage((locale) => new Intl.PluralRules(locale, { type: 'ordinal' }));

/** Numbers, dates and places as people write them. */
export function useFormat() {
  const { t, locale } = useI18n();
  const minus = (text: string) => text.replace('-', '−');
  const whole = (n: number) => minus(wholeIn(locale.value).format(n));
  return {
    /** −1,200 with a real minus sign. */
    points: whole,
    /** +300 or −300. */
    change: (n: number) => `${n > 0 ? '+' : ''}${whole(n)}`,
    /** 4.8, always with so many digits behind the point. */
    decimal: (n: number, digits: number) =>
      minus(
        new Intl.NumberFormat(locale.value, {
          minimumFractionDigits: digits,
          maximumFractionDigits: digits,
        }).format(n),
      ),
    place: (n: number) => t(`common.place.${ordinalsIn(locale.value).select(n)}`, { n }),
    day: (iso: string) =>
      new Intl.DateTimeFormat(locale.value, { dateStyle: 'medium', timeStyle: 'short' }).format(
        new Date(iso),
      ),
    /** The time of day of a moment (ms since 1970). */
    clockTime: (ms: number) =>
      new Intl.DateTimeFormat(locale.value, { timeStyle: 'short' }).format(new Date(ms)),
    /** A day of the calendar, YYYY-MM-DD, without a time. */
    date: (iso: string) =>
      new Intl.DateTimeFormat(locale.value, { dateStyle: 'medium', timeZone: 'UTC' }).format(new Date(iso)),
    /** Names as a list: "A, B and C". */
    list: (names: string[]) => new Intl.ListFormat(locale.value).format(names),
  };
}
