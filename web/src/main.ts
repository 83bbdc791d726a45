import { returnFocus } from './design/returnFocus.ts';
import './design/reset.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { makeVuetify } from './design/vuetify.ts';
import { makeRouter } from './router.ts';
import { bring } from './words/en/bring.ts';
import { building } from './words/en/building.ts';
import { desk } from './words/en/desk.ts';
import { handset } from './words/en/handset.ts';
import { look } from './words/en/look.ts';
import { media } from './words/en/media.ts';
import { library } from './words/en/library.ts';
import { overlay } from './words/en/overlay.ts';
import { people } from './words/en/people.ts';
import { preview } from './words/en/preview.ts';
import { print } from './words/en/print.ts';
import { review } from './words/en/review.ts';
import { rehearsal } from './words/en/rehearsal.ts';
import { report } from './words/en/report.ts';
import { showFile } from './words/en/showFile.ts';
import { share } from './words/en/share.ts';
import { stage } from './words/en/stage.ts';
import { studio } from './words/en/studio.ts';
import { makeWords } from './words/index.ts';

createApp(App)
  .use(createPinia())
  .use(makeRouter())
  .use(makeVuetify('day'))
  .use(
    makeWords({
      studio,
      building,
      people,
      look,
      preview,
      rehearsal,
      library,
      media,
      bring,
      review,
      share,
      showFile,
      print,
      desk,
      overlay,
      stage,
      handset,
      report,
    }),
  )
  .mount('#app');
returnFocus();
