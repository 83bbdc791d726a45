import '../design/reset.css';
import '../design/fonts.ts';
import '../design/base.css';
import { guardHandedOut } from '@distaff/core/document';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { handset } from '../words/en/handset.ts';
import { stage } from '../words/en/stage.ts';
import { makeWords } from '../words/index.ts';
import Handset from './Handset.vue';

// What a surface is shown belongs to the sitting: in development nobody changes it unnoticed.
if (import.meta.env.DEV) guardHandedOut(true);

createApp(Handset)
  .use(createPinia())
  .use(makeWords({ handset, stage: { key: stage.key } }))
  .mount('#app');
