import Router from '@koa/router';
import { Id } from '@distaff/core/text';
import { Question } from '@distaff/core/question';
import { MAX_ROWS, sheetHeader, writeRow, writeSetFile } from '@distaff/core/interchange';
import * as v from 'valibot';
import type { Imports } from '../db/imports.ts';
import { accessTo } from '../db/access.ts';
import { readSet } from '../db/sets.ts';
import { questionsOf } from '../db/setQuestions.ts';
import { addressOf, pageOf, reach, read, someone, type Ctx } from './context.ts';
import { fileName } from './fileName.ts';
import { csvBody } from './streamed.ts';

const BringIn = v.object({
  id: v.optional(Id),
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
    const { limit, offset } = pageOf(ctx);
    ctx.body = await imports.list(someone(ctx).id, limit, offset);
  });
  router.post('/imports', async (ctx) => {
    const own = await reach(ctx);
    const { id, set, source, questions } = read(BringIn, ctx.request.body);
    ctx.status = 201;
    ctx.body = { id: await imports.bringIn(own, set, source, questions, id), count: questions.length };
  });
  router.get('/imports/:id/progress', (ctx) => {
    ctx.body = { progress: imports.progress(someone(ctx).id, read(Id, ctx.params.id)) };
  });
  router.delete('/imports/:id', async (ctx) => {
    ctx.body = { count: await imports.takeBack(await reach(ctx), read(Id, ctx.params.id)) };
  });

  router.get('/sets/:id/questions.csv', async (ctx) => {
    const { set, questions } = await copied(ctx);
    ctx.type = 'text/csv; charset=utf-8';
    ctx.set('Content-Disposition', `attachment; filename="${fileName(set.title, 'questions', 'csv')}"`);
    ctx.body = csvBody([...sheetHeader], questions.map(writeRow));
  });
  router.get('/sets/:id/questions.json', async (ctx) => {
    const { set, questions } = await copied(ctx);
    ctx.type = 'application/json; charset=utf-8';
    ctx.set('Content-Disposition', `attachment; filename="${fileName(set.title, 'questions', 'json')}"`);
    ctx.body = writeSetFile(set, questions, `${addressOf(ctx)}/schemas/question-set.json`);
  });
  return router;
}

/** A set with all its questions, for whoever may have a copy of it. */
async function copied(ctx: Ctx & { params: Record<string, string> }) {
  const id = read(Id, ctx.params.id);
  const { ownerId } = await accessTo(await reach(ctx), id, 'copy');
  const { set } = await readSet(ownerId, id);
  return { set, questions: await questionsOf(ownerId, id) };
}
