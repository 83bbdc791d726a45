<script setup lang="ts">
import QRCode from 'qrcode';
import { ref, watchEffect } from 'vue';
import { useI18n } from 'vue-i18n';

/** A QR code of a link, dark on light with its quiet zone, as readers need it. */
const { text } = defineProps<{ text: string }>();
const { t } = useI18n();
const picture = ref('');
watchEffect(async () => {
  const svg = await QRCode.toString(text, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
  picture.value = `data:image/svg+xml,${encodeURIComponent(svg)}`;
});
</script>

<template>
  <img v-if="picture" class="qr" :src="picture" :alt="t('common.qr', { text })" />
</template>

<style scoped>
.qr {
  display: block;
  border-radius: 4px;
}
</style>
