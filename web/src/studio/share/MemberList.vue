<script setup lang="ts">
import { givenRoles, type GivenRole } from '@distaff/core/library';
import { mdiClose } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SharedRef } from '../../api/server.ts';
import { useSharing } from './sharing.ts';

/** Hosts with whom a set or a show is shared, and a line to let one more in. */
const { what } = defineProps<{ what: SharedRef['what'] }>();
const { t } = useI18n();
const sharing = useSharing();
const email = ref('');
const role = ref<GivenRole>('editor');
const choices = computed(() =>
  givenRoles[what].map((value) => ({ value, title: t(`share.roles.${what}.${value}`) })),
);
async function add(): Promise<void> {
  if (email.value.trim() && (await sharing.add(email.value.trim(), role.value))) email.value = '';
}
</script>

<template>
  <section>
    <h3>{{ t('share.people') }}</h3>
    <v-form class="row line" @submit.prevent="add">
      <v-text-field
        v-model="email"
        class="grow"
        type="email"
        autocomplete="off"
        maxlength="254"
        :label="t('share.email')"
      />
      <v-select v-model="role" class="role" :label="t('share.role')" :items="choices" />
      <v-btn type="submit" color="primary" :disabled="!email.trim() || sharing.busy">{{
        t('share.add')
      }}</v-btn>
    </v-form>
    <p v-if="what === 'show'" class="muted none">{{ t('share.rulesText') }}</p>
    <p v-if="sharing.sharing?.members.length === 0" class="muted none">{{ t('share.nobody') }}</p>
    <ul v-else>
      <li v-for="member in sharing.sharing?.members" :key="member.id" class="row">
        <span class="grow clip"
          ><b>{{ member.name }}</b> <span class="muted">{{ member.email }}</span></span
        >
        <v-select
          class="role"
          :aria-label="t('share.roleOf', { name: member.name })"
          :items="choices"
          :model-value="member.role"
          @update:model-value="sharing.add(member.email, $event)"
        />
        <v-btn
          variant="text"
          size="small"
          :icon="mdiClose"
          :aria-label="t('share.removeOf', { name: member.name })"
          :title="t('share.removeOf', { name: member.name })"
          @click="sharing.remove(member.id)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.line {
  margin-top: 10px;
  flex-wrap: wrap;
}
.line > .grow {
  flex-basis: 220px;
}
.role {
  flex: 0 0 190px;
}
.none {
  margin: 8px 0 0;
}
ul {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
li {
  flex-wrap: wrap;
}
li > .grow {
  flex: 1 1 200px;
}
</style>
