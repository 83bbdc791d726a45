import { useI18n } from 'vue-i18n';

/** The key of what a format says in its own words, where it has some, or else of what is said of all. */
export function useOwnKey() {
  const { te } = useI18n();
  return (own: string, general: string): string => (te(own) ? own : general);
}
