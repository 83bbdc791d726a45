import type { App } from 'vue';
import { makeVuetify } from '../design/vuetify.ts';
import { extras } from '../words/en/extras.ts';
import { formats } from '../words/en/formats.ts';
import { refusals } from '../words/en/refusals.ts';
import { addWords } from '../words/index.ts';
import Play from './Play.vue';

let ready = false;

/** Everything that playing needs beyond joining. @returns the screen to play on. */
export function makeReady(app: App): typeof Play {
  if (!ready) {
    addWords({ formats, extras, refusals });
    app.use(makeVuetify('loft'));
  }
  ready = true;
  return Play;
}
