import { bodyParser } from '@koa/bodyparser';
import Koa from 'koa';
import helmet from 'koa-helmet';
import { isAway } from '../db/database.ts';
import type { Log } from '../log.ts';
import { Problem } from '../problem.ts';
import type { LoginCookie } from './login.ts';
import { ownOrigin } from './origin.ts';
import { servePages } from './pages.ts';
import { patience } from './patience.ts';
import type Router from '@koa/router';

/** How long a page waits for what it reads (ms). */
const PATIENCE = 15_000;

/** A join code is a key, though a short one: it is not logged. */
const withoutCode = (path: string) => path.replace(/^(\/(?:api\/)?(?:join|practice)\/).+/, '$1…');

/** One line a request: what, how it ended, how long it took (ms). */
const requestLog =
  (log: Log): Koa.Middleware =>
  async (ctx, next) => {
    const start = performance.now();
    await next();
    const ms = Math.round((performance.now() - start) * 10) / 10;
    log.info({ method: ctx.method, path: withoutCode(ctx.path), status: ctx.status, ms }, 'request');
  };

/** Turns whatever was thrown into a status and a sentence. */
const problems =
  (log: Log): Koa.Middleware =>
  async (ctx, next) => {
    try {
      await next();
      if (ctx.status === 404 && ctx.body == null) throw new Problem(404, 'notThere', 'nothingHere');
    } catch (error) {
      const problem = asProblem(error as Error & { status?: number }, log);
      ctx.status = problem.status;
      ctx.body = { code: problem.code, says: problem.says, given: problem.given, ...problem.details };
    }
  };

function asProblem(error: Error & { status?: number }, log: Log): Problem {
  if (error instanceof Problem) return error;
  if (isAway(error)) return new Problem(503, 'retry', 'databaseAway');
  if (error.status === 413) return new Problem(413, 'tooLarge', 'tooLargeToSave');
  if (error.status && error.status < 500) return new Problem(error.status, 'invalid', 'unreadableInput');
  log.error({ error: error.message, stack: error.stack }, 'unexpected');
  return new Problem(500, 'unexpected', 'unexpected');
}

/** The whole path of a request, in order. */
export function makeApp(parts: {
  log: Log;
  cookie: LoginCookie;
  publicUrl: string | null;
  webDir: string;
  routers: Router[];
}): Koa {
  const { log, cookie, publicUrl } = parts;
  // Of the addresses that a proxy tells only the last is its own word: see clientAddress.
  const app = new Koa({ proxy: publicUrl !== null, maxIpsCount: 1 });
  app.use(requestLog(log));
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          scriptSrcAttr: ["'none'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          // A video may lie elsewhere; its address is written by a host.
          mediaSrc: ["'self'", 'https:', 'blob:'],
          fontSrc: ["'self'", 'data:'],
          connectSrc: ["'self'", 'ws:', 'wss:'],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'self'"],
        },
      },
      // A classroom laptop serves phones over plain http: nothing may insist on https there.
      // Other names beside ours may still be plain: nothing is said for them.
      strictTransportSecurity: publicUrl?.startsWith('https:') ? { includeSubDomains: false } : false,
      crossOriginOpenerPolicy: false,
      originAgentCluster: false,
    }),
  );
  app.use(async (ctx, next) => {
    ctx.set('Permissions-Policy', 'camera=(), geolocation=(), microphone=(), payment=(), usb=()');
    await next();
  });
  app.use(problems(log));
  app.use(patience(PATIENCE));
  app.use(async (ctx, next) => {
    const reads = ['GET', 'HEAD', 'OPTIONS'].includes(ctx.method);
    const crossSite = ctx.get('sec-fetch-site') === 'cross-site';
    if (!reads && (crossSite || !ownOrigin(ctx.get('origin') || undefined, ctx.get('host'), publicUrl)))
      throw new Problem(403, 'origin', 'otherSite');
    await next();
  });
  // Only bringing in whole sheets needs large bodies, and only a host may send one.
  const small = bodyParser({ enableTypes: ['json'], jsonLimit: '2mb' });
  const large = bodyParser({ enableTypes: ['json'], jsonLimit: '40mb' });
  app.use(async (ctx, next) => {
    const api = ctx.path.startsWith('/api/');
    ctx.state.account = api ? await cookie.account(ctx.get('cookie')) : null;
    if (api) ctx.set('Cache-Control', 'no-store');
    await next();
  });
  app.use((ctx, next) => (ctx.state.account && ctx.path === '/api/imports' ? large : small)(ctx, next));
  for (const router of parts.routers) app.use(router.routes()).use(router.allowedMethods());
  servePages(app, parts.webDir);
  return app;
}
