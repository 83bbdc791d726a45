import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import vue from '@vitejs/plugin-vue';
import { build, type Rolldown } from 'vite';
import vuetify from 'vite-plugin-vuetify';

const types: Record<string, string> = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.woff2': 'font/woff2',
  '.woff': 'font/woff',
};
/** A grey picture, whatever is asked for. */
const PICTURE = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);

/** Builds the page of single screens and serves it. @returns where it is, and the server to be closed. */
export async function serveGallery(): Promise<{ url: string; server: Server }> {
  // As it is shipped: a runner of tests may say otherwise.
  process.env.NODE_ENV = 'production';
  const built = (await build({
    configFile: false,
    root: path.resolve('web/gallery'),
    logLevel: 'error',
    plugins: [vue(), vuetify({ autoImport: true })],
    define: {
      __VUE_I18N_LEGACY_API__: false,
      __VUE_I18N_FULL_INSTALL__: false,
      __INTLIFY_PROD_DEVTOOLS__: false,
    },
    build: { write: false, minify: false, target: 'es2022', chunkSizeWarningLimit: 10_000 },
  })) as Rolldown.RolldownOutput;
  const files = new Map(
    built.output.map((file) => [`/${file.fileName}`, file.type === 'chunk' ? file.code : file.source]),
  );
  const server = createServer((request, response) => {
    const name = request.url === '/' ? '/index.html' : request.url!.split('?')[0]!;
    const file = files.get(name) ?? (name.startsWith('/media/') ? PICTURE : null);
    response.writeHead(file === null ? 404 : 200, {
      'content-type': types[path.extname(name)] ?? 'image/png',
    });
    response.end(file);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return { url: `http://127.0.0.1:${(server.address() as AddressInfo).port}/`, server };
}
