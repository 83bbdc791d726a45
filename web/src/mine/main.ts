import { createApp } from 'vue';
import { makeVuetify } from '../design/vuetify.ts';
import { practice } from '../words/en/practice.ts';
import { joining } from '../words/en/joining.ts';
import { refusals } from '../words/en/refusals.ts';
import { makeWords } from '../words/index.ts';
import Mine from './Mine.vue';

/** The page of a player's own answers. The token stands behind the #, so that no server and no log ever reads it in an address. */
export const mountMine = (): void =>
  void createApp(Mine, { token: location.hash.slice(1) })
    .use(makeVuetify('loft'))
    .use(makeWords({ practice, refusals: { ...joining, ...refusals } }))
    .mount('#app');
