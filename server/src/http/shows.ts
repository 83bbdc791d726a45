import Router from '@koa/router';
import { Change, changesBetween } from '@distaff/core/document';
import { checkShow, filesOfShow, Show } from '@distaff/core/show';
import { Id, newJoinCode } from '@distaff/core/text';
import { openDoors } from '@distaff/core/sitting';
import { Room } from '@distaff/core/rehearsal';
import type { Random } from '@distaff/core/random';
import type { Right } from '@distaff/core/library';
import { nanoid } from 'nanoid';
import * as v from 'valibot';
import { newToken } from '../auth/tokens.ts';
import { reachOf, accessToShow } from '../db/access.ts';
import { accountById } from '../db/accounts.ts';
import { changedShow, createShow, listShows, newerThan, putAway, saveShow, storedShow } from '../db/shows.ts';
import { sharingOf } from '../db/sharing.ts';
import { keepVersion, listVersions, readVersion } from '../db/showVersions.ts';
import type { Selections } from '../db/selections.ts';
import type { Sittings } from '../db/sittings.ts';
import type { SittingHosts } from '../live/sittingHosts.ts';
import type { MediaFiles } from '../media/mediaFiles.ts';
import { Problem } from '../problem.ts';
import { pageOf, reach, read, signedIn, someone, type Ctx } from './context.ts';

const Save = v.object({ version: v.pipe(v.number(), v.integer(), v.minValue(1)), show: Show });
const Changes = v.object({
  version: Save.entries.version,
  changes: v.pipe(v.array(Change), v.maxLength(20_000)),
});
const Version = v.pipe(v.string(), v.regex(/^\d{1,9}$/), v.transform(Number));
const Create = v.object({ show: Show });
const Rehearse = v.object({ room: Room });
const Duplicate = v.object({ title: v.pipe(v.string(), v.minLength(1), v.maxLength(120)) });

type ShowCtx = Ctx & { params: Record<string, string> };

/** The show that is asked for, where whoever asks has this right in it. */
const allowed = (ctx: ShowCtx, right: Right, more?: { deleted: boolean }) =>
  accessToShow(someone(ctx), read(Id, ctx.params.id), right, more);

/** The library of shows, and opening the doors of one. @param fromGames puts into a show what earlier games tell. */
export function showRoutes(
  sittings: Sittings,
  selections: Selections,
  hosts: SittingHosts,
  media: MediaFiles,
  random: Random,
  fromGames: (owner: string, host: string, show: Show) => Promise<Show>,
): Router {
  const router = new Router({ prefix: '/api/shows' });

  router.get('/', async (ctx) => {
    ctx.body = await listShows(signedIn(ctx).id, { ...pageOf(ctx), deleted: ctx.query.deleted === '1' });
  });
  router.post('/', async (ctx) => {
    const account = signedIn(ctx);
    ctx.status = 201;
    ctx.body = await createShow(account.id, read(Create, ctx.request.body).show);
  });
  router.get('/:id', async (ctx) => {
    const { row, role, ownerId } = await allowed(ctx, 'read');
    const owner = await accountById(ownerId);
    const unowned = owner?.guestOf != null;
    ctx.body = {
      ...storedShow(row),
      role,
      unowned,
      owner: role === 'owner' || unowned ? null : (owner?.name ?? null),
      // Whoever writes in what belongs to nobody came by this link, and comes back by it alone.
      link: unowned ? (await sharingOf({ what: 'show', id: row.id })).editLink : null,
    };
  });
  // What the check before the doors cannot know from the show alone.
  router.get('/:id/facts', async (ctx) => {
    const { show } = storedShow((await allowed(ctx, 'read')).row);
    const files = filesOfShow(show);
    const bytes = await Promise.all(files.map((file) => media.bytesOf(file)));
    ctx.body = {
      newer: await newerThan(await reach(ctx), show),
      media: Object.fromEntries(files.map((file, i) => [file, bytes[i] ?? null])),
    };
  });
  router.put('/:id', async (ctx) => {
    const { row } = await allowed(ctx, 'edit');
    const { version, show } = read(Save, ctx.request.body);
    await keepVersion(row.id, { onlyAfterAWhile: true });
    ctx.body = await saveShow(row.id, version, show);
  });
  // What was changed alone: a show with hundreds of questions is written letter by letter.
  router.patch('/:id', async (ctx) => {
    const { row } = await allowed(ctx, 'edit');
    const { version, changes } = read(Changes, ctx.request.body);
    const sent = changedShow(storedShow(row), version, changes);
    const show = read(Show, sent);
    await keepVersion(row.id, { onlyAfterAWhile: true });
    const kept = await saveShow(row.id, version, show);
    ctx.body = { version: kept.version, otherwise: changesBetween(sent, kept.show) };
  });
  router.get('/:id/versions', async (ctx) => {
    ctx.body = { versions: await listVersions((await allowed(ctx, 'edit')).row.id) };
  });
  router.get('/:id/versions/:version', async (ctx) => {
    const { row } = await allowed(ctx, 'edit');
    ctx.body = { show: await readVersion(row.id, read(Version, ctx.params.version)) };
  });
  // Kept now, before something is brought back over it.
  router.post('/:id/versions', async (ctx) => {
    await keepVersion((await allowed(ctx, 'edit')).row.id);
    ctx.status = 204;
  });
  router.delete('/:id', async (ctx) => {
    await putAway((await allowed(ctx, 'own')).row, true);
    ctx.status = 204;
  });
  router.post('/:id/restore', async (ctx) => {
    ctx.body = await putAway((await allowed(ctx, 'own', { deleted: true })).row, false);
  });
  router.post('/:id/duplicate', async (ctx) => {
    const account = signedIn(ctx);
    const { row } = await allowed(ctx, 'copy');
    const { title } = read(Duplicate, ctx.request.body);
    ctx.status = 201;
    ctx.body = await createShow(account.id, { ...row.doc, title });
  });

  /** Opens the doors of a show, for people or for a rehearsal. */
  async function open(ctx: ShowCtx, rehearsal: boolean) {
    const account = signedIn(ctx);
    const { row, ownerId } = await allowed(ctx, 'host');
    const { id, show: written } = storedShow(row);
    if (!rehearsal) await keepVersion(id);
    // Rules take from the owner's library, whoever opens the doors.
    const owner = (await accountById(ownerId))!;
    const show = await fromGames(
      ownerId,
      account.id,
      await selections.takeAnew(await reachOf(owner), written),
    );
    const pace = await selections.pace(account.id);
    const mustMend = checkShow(show).filter((finding) => finding.mustMend);
    if (mustMend.length > 0) throw new Problem(409, 'unfinished', 'unfinished', { findings: mustMend });
    const compares = show.rounds.some(
      (round) => round.format === 'survey' && !round.off && round.content.compare === 'lastTime',
    );
    const earlier = compares ? await sittings.lastOutcomes(id) : [];
    const now = Date.now();
    for (let tries = 0; tries < 20; tries++) {
      const code = newJoinCode(random);
      const first = openDoors(show, code, nanoid(), now, { role: 'host', id: account.id }, pace, earlier);
      const sitting = await sittings.create(
        {
          id: nanoid(),
          accountId: account.id,
          showId: id,
          title: show.title,
          code,
          stageKey: newToken(),
          openedAt: new Date(now).toISOString(),
          rehearsal,
        },
        first,
      );
      if (sitting) return { sitting, show: (first as { show: Show }).show };
    }
    throw new Problem(503, 'noCode', 'noCode');
  }
  router.post('/:id/sittings', async (ctx) => {
    const { sitting } = await open(ctx, false);
    ctx.status = 201;
    ctx.body = sitting;
  });
  // A host has one rehearsal at a time: the one before goes, with all that was played in it.
  router.post('/:id/rehearsals', async (ctx) => {
    const account = signedIn(ctx);
    const { room } = read(Rehearse, ctx.request.body);
    for (const id of await sittings.dropRehearsals(account.id)) await hosts.drop(id);
    const { sitting, show } = await open(ctx, true);
    hosts.rehearse(sitting.id, show, room);
    ctx.status = 201;
    ctx.body = sitting;
  });

  return router;
}
