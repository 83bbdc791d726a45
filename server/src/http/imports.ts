import Router from '@koa/router';
import { Id, Question } from '@distaff/core';
import { MAX_ROWS, sheetHeader, toCsv, writeRow, writeSetFile } from '@distaff/core/interchange';
import * as v from 'valibot';
import type { Imports } from '../db/imports.ts';
import { questionsOf } from '../db/questions.ts';
import { readSet } from '../db/sets.ts';
import { read, signedIn } from './context.ts';
import { fileName } from './fileName.ts';

const BringIn = v.object({
  set: Id,
  source: v.pipe(v.string(), v.maxLength(200)),
  questions: v.pipe(
    v.array(Question),
    v.minLength(1, 'No question was sent.'),
    v.maxLength(MAX_ROWS, `At most ${MAX_ROWS} questions at once.`),
  ),
});

/** Questions brought in from files and taken out as files. */
export function importRoutes(imports: Imports): Router {
  const router = new Router({ prefix: '/api' });

  router.get('/imports', async (ctx) => {
    ctx.body = { imports: await imports.list(signedIn(ctx).id) };
  });
  router.post('/imports', async (ctx) => {
    const account = signedIn(ctx);
    const { set, source, questions } = read(BringIn, ctx.request.body);
    ctx.status = 201;
    ctx.body = { id: await imports.bringIn(account.id, set, source, questions), count: questions.length };
  });
  router.delete('/imports/:id', async (ctx) => {
    const account = signedIn(ctx);
    ctx.body = { count: await imports.takeBack(account.id, read(Id, ctx.params.id)) };
  });

  router.get('/sets/:id/questions.csv', async (ctx) => {
    const account = signedIn(ctx);
    const { set, id } = await readSet(account.id, read(Id, ctx.params.id));
    const questions = await questionsOf(account.id, id);
    ctx.type = 'text/csv; charset=utf-8';
    ctx.set('Content-Disposition', `attachment; filename="${fileName(set.title, 'questions', 'csv')}"`);
    ctx.body = toCsv([...sheetHeader], questions.map(writeRow));
  });
  router.get('/sets/:id/questions.json', async (ctx) => {
    const account = signedIn(ctx);
    const { set, id } = await readSet(account.id, read(Id, ctx.params.id));
    ctx.type = 'application/json; charset=utf-8';
    ctx.set('Content-Disposition', `attachment; filename="${fileName(set.title, 'questions', 'json')}"`);
    ctx.body = writeSetFile(
      set,
      await questionsOf(account.id, id),
      `${ctx.origin}/schemas/question-set.json`,
    );
  });
  return router;
}
