import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { makeVuetify } from '../design/vuetify.ts';
import { formats } from '../words/en/formats.ts';
import { handset } from '../words/en/handset.ts';
import { practice } from '../words/en/practice.ts';
import { stage } from '../words/en/stage.ts';
import { joining } from '../words/en/joining.ts';
import { refusals } from '../words/en/refusals.ts';
import { makeWords } from '../words/index.ts';
import Practice from './Practice.vue';

/** The page of whoever takes a practice. */
export const mountPractice = (code: string): void =>
  void createApp(Practice, { code })
    .use(createPinia())
    .use(makeVuetify('loft'))
    .use(
      makeWords({
        formats,
        handset,
        practice,
        stage: { key: stage.key },
        refusals: { ...joining, ...refusals },
      }),
    )
    .mount('#app');
