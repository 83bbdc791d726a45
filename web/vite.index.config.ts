import { defineConfig } from 'vite';
import { shared } from './vite.shared.ts';

/*
 * Hundreds of small files cost a studio more than a few larger ones: what several pages share is put
 * together by where it comes from. What only one page or one dialog needs stays with it.
 */
const groups = [
  {
    name: 'vue',
    test: /node_modules[\\/](@vue|vue|vue-router|vue-i18n|pinia|@intlify|@vueuse|valibot)[\\/]/,
  },
  { name: 'vuetify', test: /node_modules[\\/](vuetify|@mdi)[\\/]/ },
  { name: 'core', test: /[\\/]core[\\/]src[\\/](?!interchange)/ },
  // Words are put together as soon as they are loaded: those of the formats must be there then.
  { name: 'words', test: /[\\/]web[\\/]src[\\/](formats[\\/]\w+[\\/])?words[\\/]/ },
  { name: 'screens', test: /[\\/]web[\\/]src[\\/](design|screens|live|api)[\\/](?!rich[\\/]render)/ },
  { name: 'packages', test: /node_modules[\\/](?!katex|exceljs)/, minShareCount: 2 },
  { name: 'studio', test: /[\\/]web[\\/]src[\\/]studio[\\/]/, minShareCount: 2 },
].map((group, i, all) => ({ ...group, priority: all.length - i }));

const config = shared('index');
export default defineConfig({
  ...config,
  build: {
    ...config.build,
    rolldownOptions: {
      ...config.build!.rolldownOptions,
      output: { codeSplitting: { groups } },
    },
  },
});
