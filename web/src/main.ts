import { returnFocus } from './design/returnFocus.ts';
import './design/reset.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { makeVuetify } from './design/vuetify.ts';
import { makeRouter } from './router.ts';
import { all } from './words/all.ts';
import { makeWords } from './words/index.ts';

createApp(App).use(createPinia()).use(makeRouter()).use(makeVuetify('day')).use(makeWords(all)).mount('#app');
returnFocus();
