import type { Selection } from '@distaff/core/library';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useBank } from '../questions/bank.ts';
import { useEditor } from '../editor.ts';

/** A rule by which questions are taken, in words: "12 from Tides, medium, not again for 7B". */
export function useRuleWords() {
  const { t } = useI18n();
  const { list } = useFormat();
  const bank = useBank();
  const editor = useEditor();
  const group = () => editor.show?.group || t('building.thisGroup');
  function ruleWords(rule: Selection): string {
    const titles = rule.sets.flatMap((id) => bank.setOf(id)?.title ?? []);
    const sets = titles.length > 0 ? list(titles) : t('building.anySet');
    const parts = [t('building.rule', { count: rule.count, sets })];
    if (rule.tags.length > 0) parts.push(rule.tags.join(' / '));
    if (rule.kinds.length > 0) parts.push(rule.kinds.map((kind) => t(`common.kinds.${kind}`)).join(' / '));
    if (rule.difficulty) parts.push(t(`form.difficulties.${rule.difficulty}`));
    if (rule.repeat !== 'always') parts.push(t(`building.repeats.${rule.repeat}`, { group: group() }));
    return parts.join(', ');
  }
  return { ruleWords, group };
}
