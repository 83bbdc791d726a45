<script setup lang="ts">
import { matchText } from '@distaff/core/text';
import type { ContentOf } from '@distaff/core/question';
import { mdiCheckBold, mdiCloseThick } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../../design/useFormat.ts';

/** Tries an answer out: whether it would be accepted, for which spelling, and why. */
const { content } = defineProps<{ content: ContentOf<'text'> }>();
const { t } = useI18n();
const { list } = useFormat();
const typed = ref('');
const found = computed(() => matchText(typed.value, content.accepted, content.forgive));
const why = computed(() => {
  const { accepted, variant, forgiven, slips, allowed } = found.value;
  if (accepted) {
    const what = list(forgiven.map((one) => t(`form.forgave.${one}`, { n: slips })));
    return what ? t('form.tryForgiven', { variant, what }) : t('form.tryExact', { variant });
  }
  if (variant === null) return t('form.tryNoKey');
  return allowed > 0 ? t('form.tryTooFar', { variant, slips, allowed }) : t('form.tryOther', { variant });
});
</script>

<template>
  <div class="try">
    <v-text-field v-model="typed" density="compact" hide-details maxlength="120" :label="t('form.tryIt')" />
    <p v-if="typed.trim()" role="status" :class="{ yes: found.accepted }">
      <v-icon :icon="found.accepted ? mdiCheckBold : mdiCloseThick" size="18" />
      <b>{{ t(found.accepted ? 'form.tryYes' : 'form.tryNo') }}</b> {{ why }}
    </p>
  </div>
</template>

<style scoped>
.try {
  padding: 10px;
  border: 1px dashed var(--line);
  border-radius: 6px;
}
p {
  margin: 8px 0 0;
  color: var(--madder);
}
.yes {
  color: var(--moss);
}
</style>
