<script setup lang="ts">
import { drawTeams, MAX_TEAMS, MIN_TEAMS, newTeam, type Draw, type Team } from '@distaff/core/show';
import { mdiDiceMultipleOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import { useFormat } from '../../design/useFormat.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import { server } from '../../api/server.ts';
import { useEditor } from '../editor.ts';
import NumberField from '../question/NumberField.vue';

/** Draws even teams from the list of names, some together, some apart. */
const { t } = useI18n();
const { list } = useFormat();
const editor = useEditor();
const open = ref(false);
const count = ref(Math.max(MIN_TEAMS, editor.show!.teams.length));
const seed = ref(editor.newId());
const together = ref('');
const apart = ref('');
const draw = ref<Draw | null>(null);
const names = computed(() => editor.show!.doors.roster.map((one) => one.trim()).filter(Boolean));
const groups = (text: string) =>
  text
    .split('\n')
    .map((line) =>
      line
        .split(/[,;]/)
        .map((one) => one.trim())
        .filter(Boolean),
    )
    .filter((group) => group.length > 1);

/** The teams of the show as far as there are any, else new ones. */
const teams = computed<Team[]>(() => {
  const own: Team[] = editor.show!.teams.slice(0, count.value).map((team) => ({ ...team }));
  while (own.length < count.value)
    own.push(newTeam(own, t('building.teamName', { n: own.length + 1 }), editor.newId));
  return own;
});
/** What people of the group knew so far, by their names; null while it is not asked for, or nothing is known. */
const strengths = ref<Map<string, number> | null>(null);
const evenly = ref(false);
const unknown = ref('');
async function makeEven(on: boolean | null): Promise<void> {
  evenly.value = on === true;
  unknown.value = '';
  if (on && !strengths.value) {
    try {
      const { people } = (await server.group(editor.show!.group ?? '')).term;
      strengths.value = new Map(
        people.flatMap(({ name, share }): [string, number][] => (share === null ? [] : [[name, share]])),
      );
    } catch (error) {
      unknown.value = (error as Error).message;
      evenly.value = false;
    }
  }
  if (draw.value) drawNow();
}
function drawNow(): void {
  const wishes = { together: groups(together.value), apart: groups(apart.value) };
  draw.value = drawTeams(names.value, count.value, seed.value, wishes, evenly.value ? strengths.value : null);
}
const percent = (share: number) => Math.round(share * 100);
const range = computed(() => {
  const means = draw.value && 'teams' in draw.value ? draw.value.means : null;
  return means && { low: percent(Math.min(...means)), high: percent(Math.max(...means)) };
});
function another(): void {
  seed.value = editor.newId();
  drawNow();
}
function takeOver(): void {
  if (!draw.value || !('teams' in draw.value)) return;
  const drawn = draw.value.teams;
  editor.remove('people.replaced', () => {
    editor.show!.teams = teams.value.map((team, i) => ({ ...team, members: drawn[i]! }));
    editor.show!.doors.teams = 'listed';
  });
  open.value = false;
}
</script>

<template>
  <v-btn variant="outlined" :prepend-icon="mdiDiceMultipleOutline" @click="open = true">{{
    t('people.draw')
  }}</v-btn>
  <DialogFrame v-model="open" :title="t('people.draw')" :width="760">
    <p class="muted">
      {{ t('people.drawIntro') }} {{ t('people.drawNames', names.length, { named: { n: names.length } }) }}.
    </p>
    <div class="fields">
      <NumberField v-model="count" :min="MIN_TEAMS" :max="MAX_TEAMS" :label="t('people.teams')" />
      <v-text-field v-model="seed" maxlength="40" :label="t('people.seed')" />
      <v-textarea
        v-model="together"
        rows="2"
        auto-grow
        :label="t('people.together')"
        :hint="t('people.wishHint')"
        persistent-hint
      />
      <v-textarea
        v-model="apart"
        rows="2"
        auto-grow
        :label="t('people.apart')"
        :hint="t('people.wishHint')"
        persistent-hint
      />
    </div>
    <v-switch
      v-if="editor.show!.group"
      :model-value="evenly"
      hide-details
      :label="t('people.evenly', { group: editor.show!.group })"
      @update:model-value="makeEven"
    />
    <p v-if="unknown" role="alert">{{ unknown }}</p>
    <div class="row">
      <v-btn color="primary" @click="drawNow">{{ t('people.drawNow') }}</v-btn>
      <v-btn variant="outlined" @click="another">{{ t('people.newSeed') }}</v-btn>
    </div>
    <p v-if="draw && 'impossible' in draw" class="complaint" role="alert">
      {{
        t(`people.impossible.${draw.impossible}`, draw.names.length, { named: { names: list(draw.names) } })
      }}
    </p>
    <p v-else-if="draw && evenly" role="status">
      {{ range ? t('people.evenRange', range) : t('people.evenUnknown', { group: editor.show!.group }) }}
    </p>
    <ol v-if="draw && 'teams' in draw" class="drawn">
      <li v-for="(team, i) in teams" :key="team.id">
        <WeaveSwatch :weave="team.weave" />
        <span
          ><b>{{ team.name }}</b> {{ draw.teams[i]?.join(', ') }}</span
        >
      </li>
    </ol>

    <template #actions>
      <v-btn variant="text" @click="open = false">{{ t('common.cancel') }}</v-btn>
      <v-btn color="primary" :disabled="!draw || 'impossible' in draw" @click="takeOver">{{
        t('people.drawTake')
      }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 12px;
}
.drawn {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
li {
  display: flex;
  gap: 10px;
}
</style>
