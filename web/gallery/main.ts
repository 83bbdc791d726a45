import '../src/design/reset.css';
import '../src/design/fonts.ts';
import '../src/design/base.css';
import { createPinia } from 'pinia';
import { createApp, h, nextTick, shallowRef } from 'vue';
import { makeVuetify } from '../src/design/vuetify.ts';
import { extras } from '../src/words/en/extras.ts';
import { formats } from '../src/words/en/formats.ts';
import { handset } from '../src/words/en/handset.ts';
import { overlay } from '../src/words/en/overlay.ts';
import { stage } from '../src/words/en/stage.ts';
import { makeWords } from '../src/words/index.ts';
import HandsetScreen from '../src/screens/handset/HandsetScreen.vue';
import OverlayScreen from '../src/screens/overlay/OverlayScreen.vue';
import StageScreen from '../src/screens/stage/StageScreen.vue';
import { complaints } from './measure.ts';
import type { Shown } from './shown.ts';

const shown = shallowRef<Shown | null>(null);
const ADDRESS = 'http://192.168.178.20:4600';
const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));

function picture() {
  const one = shown.value;
  if (one?.on === 'stage')
    return h(StageScreen, { view: one.view, now: 0, address: ADDRESS, canChoose: true });
  if (one?.on === 'overlay')
    return h(OverlayScreen, { view: one.view, now: 0, address: ADDRESS, place: 'bottom' as const });
  if (one)
    return h(HandsetScreen, { view: one.view, seat: one.seat, now: 0, connected: true, sending: false });
  return null;
}

createApp({ render: () => h('div', { style: 'height:100dvh' }, [picture()]) })
  .use(createPinia())
  .use(makeVuetify('day'))
  .use(makeWords({ stage, overlay, handset, extras, formats }))
  .mount('#app');

window.show = async (next) => {
  shown.value = null;
  await nextTick();
  shown.value = next;
  await document.fonts.ready;
  // Formulas and pictures are fetched when they are needed first; what gives way then follows.
  for (let turn = 0; turn < 4; turn++) await frame();
  while ([...document.images].some((image) => !image.complete)) await frame();
  await frame();
  return complaints(document.querySelector('#app')!);
};
