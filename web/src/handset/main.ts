import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { handset } from '../words/en/handset.ts';
import { stage } from '../words/en/stage.ts';
import { joining } from '../words/en/joining.ts';
import { makeWords } from '../words/index.ts';
import Handset from './Handset.vue';

/** The page of players. */
export const mountHandset = (): void =>
  void createApp(Handset)
    .use(createPinia())
    .use(makeWords({ handset, stage: { key: stage.key }, refusals: joining }))
    .mount('#app');
