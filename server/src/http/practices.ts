import Router from '@koa/router';
import { gradesCsv } from '@distaff/core/interchange';
import { asWritten } from '@distaff/core/learn';
import { asPractice, missedMost, PracticeSettings, sizeOf, standingOf } from '@distaff/core/practice';
import type { Random } from '@distaff/core/random';
import { quizOf, Show, weaveAt } from '@distaff/core/show';
import { foldText, Id } from '@distaff/core/text';
import type { PracticeDraft, PracticePage, PracticePerson } from '@distaff/core/wire';
import * as v from 'valibot';
import { accessTo, accessToShow } from '../db/access.ts';
import { practiceInfo, type Practice, type Practices } from '../db/practices.ts';
import type { LearntQuestions } from '../db/learnt.ts';
import type { PracticeRuns } from '../db/practiceRuns.ts';
import { readSet } from '../db/sets.ts';
import { questionsOf } from '../db/setQuestions.ts';
import { storedShow } from '../db/shows.ts';
import { Problem } from '../problem.ts';
import { pageOf, reach, read, signedIn, type Ctx } from './context.ts';
import { fileName } from './fileName.ts';

const Source = v.object({ what: v.picklist(['show', 'set']), id: Id });
const Offer = v.object({ of: Source, settings: PracticeSettings });

type Asked = Ctx & { params: Record<string, string> };

/** Practices as their hosts see them: offered, changed, and how everybody stands. */
export function practicesRoutes(
  practices: Practices,
  runs: PracticeRuns,
  learnt: LearntQuestions,
  random: Random,
): Router {
  const router = new Router({ prefix: '/api/practices' });

  const mine = (ctx: Asked): Promise<Practice> =>
    practices.ofAccount(signedIn(ctx).id, read(Id, ctx.params.id));

  /** The show, or the questions of a set as a quiz. */
  async function sourceOf(
    ctx: Asked,
    of: v.InferOutput<typeof Source>,
  ): Promise<{ show: Show; showId: string | null }> {
    const account = signedIn(ctx);
    if (of.what === 'show') {
      const { row } = await accessToShow(account, of.id, 'host');
      return { show: storedShow(row).show, showId: row.id };
    }
    const { ownerId } = await accessTo(await reach(ctx), of.id, 'copy');
    const { set } = await readSet(ownerId, of.id);
    return { show: quizOf(set.title, await questionsOf(ownerId, of.id)), showId: null };
  }

  router.get('/', async (ctx) => {
    const { limit, offset } = pageOf(ctx);
    const { practices: found, total } = await practices.list(signedIn(ctx).id, limit, offset);
    const listed = await Promise.all(
      found.map(async (practice) => {
        const people = await everybody(practice);
        const count = (state: PracticePerson['state']) => people.filter((one) => one.state === state).length;
        return {
          ...practiceInfo(practice),
          finished: count('finished'),
          onTheWay: count('onTheWay'),
          notBegun: count('notBegun'),
        };
      }),
    );
    ctx.body = { practices: listed, total };
  });

  // What would come of it, before it is offered.
  router.post('/draft', async (ctx) => {
    const { of, settings } = read(Offer, ctx.request.body);
    const { show: source } = await sourceOf(ctx, of);
    const { show, leftOut } = asPractice(source, settings);
    const draft: PracticeDraft = {
      ...sizeOf(show),
      leftOut: leftOut.map((one) => {
        const { title, format } = source.rounds[one.round]!;
        return { ...one, title, format };
      }),
    };
    ctx.body = draft;
  });
  router.post('/', async (ctx) => {
    const { of, settings } = read(Offer, ctx.request.body);
    const { show: source, showId } = await sourceOf(ctx, of);
    const known = await learnt.inShow(signedIn(ctx).id, source);
    const { show } = asPractice(known, settings);
    if (sizeOf(show).of === 0) throw new Problem(409, 'unfinished', 'nothingAlone');
    if (settings.names === 'list' && settings.list.length === 0)
      throw new Problem(400, 'invalid', 'listEmpty');
    const given = { accountId: signedIn(ctx).id, showId, title: show.title, show, settings };
    ctx.status = 201;
    ctx.body = practiceInfo(await practices.create(given, random, Date.now()));
  });

  /** Everybody on the list or who has come, with how they stand. */
  async function everybody(practice: Practice): Promise<PracticePerson[]> {
    const { settings } = practice;
    const [people, all] = [await runs.people(practice.id), await runs.counted(practice.id)];
    const now = Date.now();
    const here = people.map(({ id, name, number, phones }): PracticePerson => ({
      id,
      name,
      weave: weaveAt(number),
      phones: Number(phones),
      ...standingOf(
        all.filter((run) => run.personId === id),
        practice,
        now,
      ),
    }));
    const known = new Set(here.map(({ name }) => foldText(name)));
    const missing =
      settings.names === 'list' ? settings.list.filter((name) => !known.has(foldText(name))) : [];
    return [
      ...here,
      ...missing.map((name, i): PracticePerson => ({
        id: `list-${i}`,
        name,
        weave: weaveAt(here.length + i),
        phones: 0,
        ...standingOf([], practice, now),
      })),
    ];
  }

  async function pageFor(practice: Practice): Promise<PracticePage> {
    const first = (await runs.counted(practice.id)).filter(({ attempt }) => attempt === 1);
    return {
      practice: practiceInfo(practice),
      people: await everybody(practice),
      missed: missedMost(first).map((one) => ({
        ...one,
        prompt: practice.show.questions[one.question]?.prompt ?? '',
      })),
    };
  }

  router.get('/:id', async (ctx) => {
    ctx.body = await pageFor(await mine(ctx));
  });
  // The questions as they were asked, to be put into a new round.
  router.get('/:id/questions', async (ctx) => {
    ctx.body = { questions: Object.values((await mine(ctx)).show.questions).map(asWritten) };
  });
  router.put('/:id/settings', async (ctx) => {
    const practice = await mine(ctx);
    const wanted = read(PracticeSettings, ctx.request.body);
    // How it is asked is fixed with the first run: all are taken by the same show.
    const { shuffleQuestions, shuffleOptions, adaptive, clocks, hints, names } = practice.settings;
    await practices.change(practice.id, {
      ...wanted,
      shuffleQuestions,
      shuffleOptions,
      adaptive,
      clocks,
      hints,
      names,
    });
    ctx.body = await pageFor(await mine(ctx));
  });
  router.post('/:id/close', async (ctx) => {
    const { id } = await mine(ctx);
    await practices.close(id, Date.now());
    ctx.body = await pageFor(await mine(ctx));
  });
  router.post('/:id/reopen', async (ctx) => {
    const { id } = await mine(ctx);
    await practices.close(id, null);
    ctx.body = await pageFor(await mine(ctx));
  });
  router.delete('/:id/people/:person', async (ctx) => {
    const { id } = await mine(ctx);
    await runs.removePerson(id, read(Id, ctx.params.person));
    ctx.body = await pageFor(await mine(ctx));
  });
  router.delete('/:id', async (ctx) => {
    await practices.delete((await mine(ctx)).id, Date.now());
    ctx.status = 204;
  });
  router.post('/:id/restore', async (ctx) => {
    ctx.body = practiceInfo(await practices.restore(signedIn(ctx).id, read(Id, ctx.params.id)));
  });
  router.get('/:id/grades.csv', async (ctx) => {
    const practice = await mine(ctx);
    ctx.type = 'text/csv; charset=utf-8';
    ctx.set('Content-Disposition', `attachment; filename="${fileName(practice.title, 'grades', 'csv')}"`);
    ctx.body = gradesCsv(await everybody(practice), practiceInfo(practice).outOf, (ms) =>
      new Date(ms).toISOString(),
    );
  });

  return router;
}
