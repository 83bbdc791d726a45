import vue from '@vitejs/plugin-vue';
import type { UserConfig } from 'vite';
import { noRings } from './noRings.ts';
import vuetify from 'vite-plugin-vuetify';

/** Settings that both applications share; each is built by itself, so that they share no chunk. */
export const shared = (page: 'index' | 'handset'): UserConfig => ({
  plugins: [vue(), vuetify({ autoImport: true }), noRings()],
  define: {
    __VUE_I18N_LEGACY_API__: false,
    __VUE_I18N_FULL_INSTALL__: false,
    __INTLIFY_PROD_DEVTOOLS__: false,
  },
  build: {
    emptyOutDir: false,
    copyPublicDir: page === 'index',
    target: 'es2022',
    assetsDir: `assets/${page}`,
    rolldownOptions: { input: `${page}.html` },
  },
});
