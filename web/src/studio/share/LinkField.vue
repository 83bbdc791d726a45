<script setup lang="ts">
import { mdiContentCopy } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { copyText } from '../../design/copyText.ts';
import { useSharedLink } from './sharedLink.ts';

/** A link to what is shared, to be copied. */
const { token } = defineProps<{ token: string }>();
const { t } = useI18n();
const link = useSharedLink(() => token);
const field = ref<HTMLInputElement | null>(null);
const said = ref('');
async function copy(): Promise<void> {
  field.value?.select();
  said.value = (await copyText(link.value)) ? 'share.copied' : 'share.copyByHand';
}
</script>

<template>
  <div>
    <div class="row">
      <v-text-field
        ref="field"
        class="grow link"
        readonly
        :label="t('share.link')"
        :model-value="link"
        @focus="field?.select()"
      />
      <v-btn variant="outlined" :prepend-icon="mdiContentCopy" @click="copy">{{ t('share.copyLink') }}</v-btn>
    </div>
    <p class="said" role="status">{{ said && t(said) }}</p>
  </div>
</template>

<style scoped>
.link :deep(input) {
  font-family: var(--mono);
}
.said {
  min-height: 1.4em;
  margin: 2px 0 0;
  font-size: 14px;
  color: var(--stone);
}
</style>
