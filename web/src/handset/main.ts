import '../design/reset.css';
import '../design/fonts.ts';
import '../design/base.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { handset } from '../words/en/handset.ts';
import { stage } from '../words/en/stage.ts';
import { makeWords } from '../words/index.ts';
import Handset from './Handset.vue';

createApp(Handset)
  .use(createPinia())
  .use(makeWords({ handset, stage: { key: stage.key } }))
  .mount('#app');
