import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import path from 'node:path';
import Koa from 'koa';
import serve from 'koa-static';

/** Pages of the handset: a small application of its own, for phones on a poor network. */
const isHandset = (url: string) =>
  url === '/' || url === '/join' || url === '/mine' || /^\/(join|practice)\//.test(url);

const YEAR = 365 * 24 * 3_600_000;

/** Serves the built files; every other address that a person may open leads to one of the two pages. */
export function servePages(app: Koa, webDir: string): void {
  app.use(
    serve(webDir, {
      index: false,
      maxage: YEAR,
      immutable: true,
      setHeaders: (res, file) => {
        if (!file.includes(`${path.sep}assets${path.sep}`)) res.setHeader('Cache-Control', 'no-cache');
      },
    }),
  );
  app.use(async (ctx, next) => {
    const wantsPage = ctx.method === 'GET' && !ctx.path.startsWith('/api/') && ctx.accepts('html');
    if (!wantsPage || /\.\w+$/.test(ctx.path)) return next();
    const file = path.join(webDir, isHandset(ctx.path) ? 'handset.html' : 'index.html');
    await stat(file);
    ctx.type = 'html';
    ctx.set('Cache-Control', 'no-cache');
    ctx.body = createReadStream(file);
  });
}
