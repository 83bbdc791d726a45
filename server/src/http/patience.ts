import type Koa from 'koa';
import { Problem } from '../problem.ts';

/**
 * What is only read waits for so long (ms) and no longer: where a database hangs, pages are told so instead of
 * standing still without a word. What is written is waited for, since it may be written all the same.
 */
export const patience =
  (longest: number): Koa.Middleware =>
  async (ctx, next) => {
    if (ctx.method !== 'GET' || !ctx.path.startsWith('/api/')) return next();
    let timer: NodeJS.Timeout | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => reject(new Problem(503, 'retry', 'databaseAway')), longest);
    });
    try {
      await Promise.race([next(), late]);
    } finally {
      clearTimeout(timer);
    }
  };
