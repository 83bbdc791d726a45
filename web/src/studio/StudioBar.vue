<script setup lang="ts">
import { mdiLogout } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import PlainBar from '../design/PlainBar.vue';
import { useAccount } from './account.ts';

/** The top of every studio page. */
const { t } = useI18n();
const router = useRouter();
const route = useRoute();
const account = useAccount();
const inQuestions = computed(() => route.path.startsWith('/studio/questions'));
const inGroups = computed(() => /^\/studio\/(groups|leagues|compare|people)/.test(route.path));
const inPractice = computed(() => route.path.startsWith('/studio/practice'));
async function signOut(): Promise<void> {
  await account.signOut();
  await router.push('/studio/sign-in');
}
</script>

<template>
  <PlainBar>
    <div class="middle">
      <slot>
        <nav v-if="account.isHost" class="row" :aria-label="t('studio.places')">
          <router-link to="/studio" class="place" exact-active-class="here">{{
            t('studio.shows')
          }}</router-link>
          <router-link to="/studio/questions" class="place" :class="{ here: inQuestions }">{{
            t('library.title')
          }}</router-link>
          <router-link to="/studio/practice" class="place" :class="{ here: inPractice }">{{
            t('practices.title')
          }}</router-link>
          <router-link to="/studio/groups" class="place" :class="{ here: inGroups }">{{
            t('groups.title')
          }}</router-link>
        </nav>
      </slot>
    </div>
    <slot name="end" />
    <template v-if="!$slots.end">
      <router-link
        v-if="account.isHost"
        to="/studio/account"
        class="place who clip"
        active-class="here"
        :aria-label="t('account.open', { name: account.account?.name })"
        >{{ account.account?.name }}</router-link
      >
      <span v-else class="muted who clip">{{ t('share.guest', { name: account.account?.name }) }}</span>
      <v-btn variant="text" :prepend-icon="mdiLogout" @click="signOut">{{
        t(account.isHost ? 'studio.signOut' : 'share.leaveGuest')
      }}</v-btn>
    </template>
  </PlainBar>
</template>

<style scoped>
/* What does not fit beside it goes to the next line: nothing is ever laid over another. */
.middle {
  flex: 1 1 min(100%, 460px);
  min-width: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
}
.place {
  padding: 6px 12px;
  border-radius: 6px;
  font-weight: 700;
  color: var(--stone);
  text-decoration: none;
}
.place.here {
  color: var(--moss);
  background: #e6ede8;
}
nav {
  flex: 0 1 auto;
  flex-wrap: wrap;
}
.who {
  max-width: 30ch;
}
@media (max-width: 600px) {
  .middle {
    flex: 0 1 auto;
  }
  .place {
    padding: 6px 8px;
  }
  /* The way to the own account stays; whoever is a guest knows it. */
  .who.muted {
    display: none;
  }
  .who {
    max-width: 16ch;
  }
}
</style>
