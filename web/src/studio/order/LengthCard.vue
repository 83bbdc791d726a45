<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useEditor } from '../editor.ts';
import NumberField from '../question/NumberField.vue';
import { useLength } from './useLength.ts';
import { useRoundName } from './useRoundName.ts';

/** For whom the show is, how long it is to take, and how long it will. */
const { t } = useI18n();
const { list } = useFormat();
const editor = useEditor();
const { told, planned, verdict, cuts, fewer } = useLength();
const nameOf = useRoundName();
const group = computed({
  get: () => editor.show!.group ?? '',
  set: (name: string | null) => (editor.show!.group = name ?? ''),
});
const minutes = computed({
  get: () => editor.show!.plannedMinutes ?? null,
  set: (n: number | null) => (editor.show!.plannedMinutes = n),
});
/** Of less than this (s) no range is told. */
const SHORT = 60;
const span = computed(() => editor.length!.span);
const cutNames = computed(() =>
  list(
    editor.show!.rounds.filter((round) => cuts.value.includes(round.id)).map((round) => `“${nameOf(round)}”`),
  ),
);
function leaveOut(): void {
  for (const round of editor.show!.rounds) if (cuts.value.includes(round.id)) round.off = true;
}
</script>

<template>
  <section class="card">
    <div class="row fields">
      <v-text-field
        v-model="group"
        :label="t('building.group')"
        :hint="t('building.groupHint')"
        persistent-hint
        maxlength="40"
      />
      <NumberField
        v-model="minutes"
        empty
        :min="1"
        :max="1440"
        :label="t('building.planned')"
        :hint="t('building.plannedHint')"
      />
    </div>
    <div role="status" class="said">
      <p class="total">
        <b v-if="span.high < SHORT">{{ t('building.totalShort') }}</b>
        <template v-else>
          <b>{{ t('building.total', { likely: told(span.likely) }) }}</b>
          <span>{{ t('building.range', { low: told(span.low), high: told(span.high) }) }}</span>
        </template>
      </p>
      <p v-if="verdict" :class="verdict">
        {{ t(`building.${verdict}`, { planned: told(planned!), over: told(span.likely - planned!) }) }}
      </p>
      <p v-if="cuts.length" class="row">
        <span class="grow">{{ t('building.cut', { what: cutNames }) }}</span>
        <v-btn size="small" variant="outlined" @click="leaveOut">{{ t('building.switchOff') }}</v-btn>
      </p>
      <p v-if="fewer">
        {{
          t('building.fewer', fewer.count, {
            named: {
              n: fewer.count,
              what: `“${nameOf(editor.show!.rounds.find((one) => one.id === fewer!.round)!)}”`,
            },
          })
        }}
      </p>
      <p class="muted small">
        {{
          editor.pace.sittings > 0
            ? t('building.measured', editor.pace.sittings, { named: { n: editor.pace.sittings } })
            : t('building.unmeasured')
        }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 16px 28px;
  padding: 16px 20px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.fields {
  align-items: flex-start;
  flex-wrap: wrap;
  row-gap: 18px;
}
.fields > * {
  flex: 1 1 180px;
}
.said {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
p {
  margin: 0;
}
.total {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 10px;
}
.total b {
  font-size: 22px;
}
.over,
.tight {
  padding-left: 10px;
  border-left: 4px solid var(--weld);
}
.over {
  border-left-color: var(--madder);
}
.fits {
  padding-left: 10px;
  border-left: 4px solid var(--moss);
}
.small {
  font-size: 14px;
}
</style>
