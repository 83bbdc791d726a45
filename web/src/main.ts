import { returnFocus } from './design/returnFocus.ts';
import './design/reset.css';
import { guardHandedOut } from '@distaff/core/document';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { makeVuetify } from './design/vuetify.ts';
import { makeRouter } from './router.ts';
import { all } from './words/all.ts';
import { formats } from './words/en/formats.ts';
import { makeWords } from './words/index.ts';

// What a surface is shown belongs to the sitting: in development nobody changes it unnoticed.
if (import.meta.env.DEV) guardHandedOut(true);

createApp(App)
  .use(createPinia())
  .use(makeRouter())
  .use(makeVuetify('day'))
  .use(makeWords({ ...all, formats }))
  .mount('#app');
returnFocus();
