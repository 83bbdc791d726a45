<script setup lang="ts">
import { mdiCalendarClock, mdiLightbulbOutline, mdiRestore } from '@mdi/js';
import { foldText } from '@distaff/core/text';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePractice } from './practice.ts';
import { useDue } from './useDue.ts';

/** What this is, until when and how often; who one is; and off. */
const practice = usePractice();
const { t } = useI18n();
const { when, left } = useDue();
const head = computed(() => practice.head!);
const settings = computed(() => head.value.settings);
const name = ref('');
const tried = ref(false);
const counted = computed(() => practice.me?.runs.filter(({ kind }) => kind === 'counted').length ?? 0);
const attempt = computed(() => {
  const n = counted.value + 1;
  const of = settings.value.attempts;
  return of === null ? t('practice.attemptFree', { n }) : t('practice.attempt', { n, of });
});
const rule = computed(() => {
  const { attempts, counts } = settings.value;
  return t(`practice.counts.${attempts === 1 ? 'only' : counts}`);
});
const facts = computed(() => {
  const { minutes, clocks } = settings.value;
  const clock =
    minutes !== null
      ? t('practice.limit', minutes, { named: { n: minutes } })
      : t(clocks ? 'practice.clocks' : 'practice.noClock');
  return [t('practice.about', head.value.minutes, { named: { n: head.value.minutes } }), clock].join(' ');
});
const late = computed(() => {
  const { late: less } = settings.value;
  if (less === null) return '';
  return less === 0 ? t('practice.lateFull') : t('practice.late', { n: less });
});
const asksName = computed(() => practice.me === null && settings.value.names !== 'none');
const isMissing = computed(() => asksName.value && name.value.trim() === '');
/** Long lists are searched by what is typed. */
const matches = (given: string, typed: string) => foldText(given).includes(foldText(typed));

async function start(): Promise<void> {
  tried.value = true;
  if (isMissing.value) return;
  if (practice.me === null && !(await practice.enter(name.value?.trim() ?? ''))) return;
  // Whoever was here before is asked first.
  if (!practice.me?.elsewhere) await practice.begin('counted');
}
</script>

<template>
  <form class="start" @submit.prevent="start">
    <div class="warp">
      <p class="tag">{{ t('practice.label', head.of, { named: { n: head.of } }) }}</p>
    </div>
    <div class="body">
      <h1>{{ head.title }}</h1>
      <p class="dim">
        <template v-if="head.from">{{ t('practice.from', { name: head.from }) }}</template> {{ facts }}
      </p>
      <ul>
        <li v-if="settings.due">
          <v-icon :icon="mdiCalendarClock" />
          <p>
            <b>{{ t('practice.due', { when }) }}</b>
            <span>{{ t('practice.yourTime') }} {{ left || late }}</span>
          </p>
        </li>
        <li>
          <v-icon :icon="mdiRestore" />
          <p>
            <b>{{ attempt }}</b>
            <span>{{ rule }}</span>
          </p>
        </li>
        <li v-if="settings.hints">
          <v-icon :icon="mdiLightbulbOutline" />
          <p>
            <b>{{ t('practice.hint') }}</b>
            <span>{{ t('practice.hintText') }}</span>
          </p>
        </li>
      </ul>
      <div class="who">
        <v-autocomplete
          v-if="asksName && settings.names === 'list'"
          v-model="name"
          :items="settings.list"
          :label="t('practice.listName')"
          :no-data-text="t('practice.listNone')"
          :custom-filter="matches"
          :error-messages="tried && isMissing ? t('practice.nameNeeded') : ''"
          auto-select-first
        />
        <v-text-field
          v-else-if="asksName"
          v-model="name"
          :label="t('practice.name')"
          :hint="t('practice.nameHint', { name: head.from })"
          :error-messages="tried && isMissing ? t('practice.nameNeeded') : ''"
          persistent-hint
          maxlength="24"
          autocomplete="nickname"
        />
        <p v-if="practice.notice" role="alert" class="problem">{{ practice.notice }}</p>
        <v-btn type="submit" color="primary" size="x-large" block :aria-disabled="practice.busy">{{
          t('practice.start')
        }}</v-btn>
      </div>
    </div>
  </form>
</template>

<style scoped>
.start {
  flex: 1;
  display: flex;
  flex-direction: column;
}
.warp {
  flex: none;
  height: 176px;
  display: flex;
  align-items: flex-end;
  padding: 16px;
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--light) 22%, transparent) 0 1px,
    transparent 1px 6px
  );
}
.tag {
  margin: 0;
  padding: 10px 18px;
  background: var(--flax, #ede6d4);
  color: #14211d;
  font-weight: 700;
  outline: 1px dashed #14211d;
  outline-offset: -4px;
}
.body {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 16px;
}
h1 {
  font-size: 28px;
  overflow-wrap: anywhere;
}
p {
  margin: 0;
}
.dim,
li span {
  color: var(--dim);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  gap: 18px;
  padding: 12px 0;
  border-top: 1px solid var(--edge);
}
li p {
  display: flex;
  flex-direction: column;
}
.who {
  display: flex;
  flex-direction: column;
  gap: 12px;
  margin-top: auto;
}
.problem {
  color: #ff8a8a;
}
</style>
