import type { Lack } from '@distaff/core/question';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../design/useFormat.ts';

/** What a question lacks, as words. */
export function useLacks() {
  const { t } = useI18n();
  const { list } = useFormat();
  return { lackWords: (lacks: readonly Lack[]) => list(lacks.map((lack) => t(`form.lacks.${lack}`))) };
}
