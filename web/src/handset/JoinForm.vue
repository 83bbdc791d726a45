<script setup lang="ts">
import { foldText, makeName } from '@distaff/core/text';
import type { PublicView } from '@distaff/core/sitting';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import WeaveSwatch from '../design/WeaveSwatch.vue';
import BigButton from './BigButton.vue';
import TouchField from './TouchField.vue';

/** A name and a team. */
const { busy, view, claim } = defineProps<{
  view: PublicView;
  busy: boolean;
  problem: string;
  connected: boolean;
  /** What became of asking for a seat that was taken on another phone. */
  claim: 'none' | 'asked' | 'refused';
}>();
const emit = defineEmits<{
  join: [name: string, team: string];
  claim: [by: { code: string } | { name: string }];
}>();
const code = ref('');
const { t } = useI18n();
const name = ref('');
if (view.doors.madeNames) another();
const team = ref<string | null>(null);
const missing = ref({ name: false, team: false });
/** Where everybody plays for themselves, or the host or the lot decides, there is no team to choose. */
const alone = computed(() => view.devices.score === 'players' || view.doors.teams !== 'choose');

/** More teams than this are searched by name. */
const LISTED = 12;
const sought = ref('');
const found = computed(() => {
  const word = foldText(sought.value);
  return view.teams.filter((one) => one.id === team.value || foldText(one.name).includes(word));
});

/** Another made-up name. */
function another(): void {
  name.value = makeName(Math.random);
}

function join(): void {
  if (busy) return;
  missing.value = { name: name.value.trim() === '', team: !alone.value && team.value === null };
  if (!missing.value.name && !missing.value.team) emit('join', name.value.trim(), team.value ?? '');
}
</script>

<template>
  <form class="form" @submit.prevent="join">
    <h1>{{ t('handset.joining', { title: view.title }) }}</h1>
    <p v-if="!view.doors.open" class="problem" role="status">{{ t('handset.doorsClosed') }}</p>
    <TouchField
      v-model="name"
      :label="t('handset.name')"
      :hint="t('handset.nameHint')"
      :problem="missing.name && name.trim() === '' ? t('handset.nameNeeded') : problem"
      maxlength="24"
      autocomplete="nickname"
      :readonly="view.doors.madeNames"
    />
    <button type="button" class="maker" @click="another">
      {{ t(view.doors.madeNames ? 'handset.anotherName' : 'handset.makeName') }}
    </button>
    <fieldset v-if="!alone">
      <legend>{{ t('handset.team') }}</legend>
      <p v-if="missing.team && team === null" class="problem" role="alert">{{ t('handset.teamNeeded') }}</p>
      <TouchField
        v-if="view.teams.length > LISTED"
        v-model="sought"
        type="search"
        :label="t('handset.findTeam')"
        autocomplete="off"
        @keydown.enter.prevent
      />
      <p v-if="found.length === 0">{{ t('handset.noSuchTeam') }}</p>
      <label v-for="one in found" :key="one.id" class="team" :class="{ on: team === one.id }">
        <input v-model="team" type="radio" name="team" :value="one.id" />
        <WeaveSwatch class="weave" :weave="one.weave" />
        <b class="clip">{{ one.name }}</b>
        <small>{{ t('handset.players', one.players, { named: { n: one.players } }) }}</small>
      </label>
    </fieldset>
    <details v-if="view.phase !== 'closed'" class="mine">
      <summary>{{ t('handset.mySeat') }}</summary>
      <p>{{ t('handset.mySeatText') }}</p>
      <button
        type="button"
        class="maker"
        :disabled="name.trim() === '' || claim === 'asked'"
        @click="emit('claim', { name: name.trim() })"
      >
        {{ t('handset.askHost') }}
      </button>
      <p v-if="claim !== 'none'" role="status">
        {{ t(claim === 'asked' ? 'handset.askedHost' : 'handset.hostSaidNo') }}
      </p>
      <TouchField
        v-model="code"
        :label="t('handset.hostCode')"
        inputmode="numeric"
        maxlength="4"
        autocomplete="off"
        @keydown.enter.prevent="emit('claim', { code })"
      />
      <button type="button" class="maker" :disabled="!/^\d{4}$/.test(code)" @click="emit('claim', { code })">
        {{ t('handset.useCode') }}
      </button>
    </details>
    <div class="foot">
      <p v-if="!connected" role="status">{{ t('common.noConnection') }}</p>
      <BigButton type="submit" :busy="busy">{{ t('handset.enter') }}</BigButton>
    </div>
  </form>
</template>

<style scoped>
.form {
  max-width: 460px;
  margin: 0 auto;
  padding: 24px 20px 0;
  display: flex;
  flex-direction: column;
  gap: 18px;
  min-height: 100dvh;
}
h1 {
  font-size: 26px;
  overflow-wrap: anywhere;
}
.foot {
  flex: none;
}
/* One thing with the field above it. */
.maker {
  align-self: flex-start;
  min-height: 48px;
  margin-top: -10px;
  padding: 0 4px;
  color: #f2f5f1;
  background: none;
  border: 0;
  font: inherit;
  text-decoration: underline;
}
/* Seldom needed, so it is folded away. */
.mine {
  color: #b4c0ba;
}
.mine summary {
  min-height: 44px;
  padding: 10px 0;
  cursor: pointer;
}
.mine button:disabled {
  opacity: 0.6;
}
fieldset {
  border: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
legend {
  padding: 0;
  margin-bottom: 8px;
  color: #b4c0ba;
}
.team {
  display: grid;
  grid-template-columns: 40px 1fr auto;
  align-items: center;
  gap: 14px;
  min-height: 52px;
  padding: 0 14px 0 0;
  border: 2px solid #3b4f48;
  border-radius: 8px;
  background: #1b2925;
  overflow: hidden;
  cursor: pointer;
}
.team input {
  position: absolute;
  opacity: 0;
}
.team.on {
  border-color: #d9a400;
  background: #2a3c36;
}
.team:has(:focus-visible) {
  outline: 3px solid #f2f5f1;
  outline-offset: 2px;
}
.team small {
  color: #b4c0ba;
}
.weave {
  width: 40px;
  height: 100%;
  border: none;
  border-radius: 0;
}
.problem {
  margin: 0;
  color: #ff8a8a;
}
.foot {
  position: sticky;
  bottom: 0;
  margin-top: auto;
  padding: 12px 0 16px;
  background: #101a17;
}
</style>
