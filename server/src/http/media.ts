import type { StoredMedia } from '@distaff/core/wire';
import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { readdir, readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import Router from '@koa/router';
import { Cut, Picture } from '@distaff/core/media';
import { Id } from '@distaff/core/text';
import { nanoid } from 'nanoid';
import send from 'send';
import * as v from 'valibot';
import {
  addMedia,
  describeMedia,
  hideMedia,
  listMedia,
  mediaById,
  ownMedia,
  roomFor,
  sameMedia,
} from '../db/media.ts';
import { fileKind, LARGEST, limits } from '../media/fileKind.ts';
import { receive, tooLarge, type MediaFiles } from '../media/mediaFiles.ts';
import { writePicture } from '../media/picture.ts';
import { withoutTags } from '../media/tags/index.ts';
import { Problem } from '../problem.ts';
import { pageOf, read, someone, type Ctx } from './context.ts';

const Name = v.object({ name: v.optional(v.string(), '') });
const List = v.object({
  kind: v.picklist(['picture', 'sound', 'video']),
  q: v.optional(v.pipe(v.string(), v.maxLength(100)), ''),
});
const Words = v.object({
  alt: Picture.entries.alt,
  credit: Picture.entries.credit,
  licence: Picture.entries.licence,
});
const Size = v.picklist(['large', 'small', 'file']);

const idOf = (ctx: Ctx & { params: Record<string, string> }) => read(Id, ctx.params.id);
/** Long enough that nobody finds a file by guessing. */
const newMediaId = () => nanoid(21);

async function sha256Of(file: string): Promise<string> {
  const hash = createHash('sha256');
  await pipeline(
    createReadStream(file),
    new Writable({ write: (chunk: Buffer, _encoding, done) => (hash.update(chunk), done()) }),
  );
  return hash.digest('hex');
}

/** A name as it may be shown: no path, no control characters. */
const plainName = (name: string) =>
  path
    .basename(name.replaceAll('\\', '/'))
    .replace(/\p{Cc}/gu, '')
    .slice(0, 200);

/** The media library of a host: sent, listed, described, cut. */
export function mediaRoutes(files: MediaFiles): Router {
  const router = new Router({ prefix: '/api/media' });

  router.get('/', async (ctx) => {
    const account = someone(ctx);
    ctx.body = await listMedia(account.id, { ...read(List, ctx.query), ...pageOf(ctx) });
  });

  router.post('/', async (ctx) => {
    const account = someone(ctx);
    const { name } = read(Name, ctx.query);
    if (Number(ctx.get('content-length')) > LARGEST) {
      // The rest is not waited for.
      ctx.set('Connection', 'close');
      throw tooLarge(LARGEST);
    }
    const work = await files.workFolder();
    try {
      const sent = path.join(work, 'sent');
      const bytes = await receive(ctx.req, sent, LARGEST);
      if (bytes === 0) throw new Problem(400, 'empty', 'fileEmpty');
      const { kind, type } = await fileKind(sent);
      if (bytes > limits[kind]) throw tooLarge(limits[kind]);
      await roomFor(account, bytes);
      const sha256 = await sha256Of(sent);
      const same = await sameMedia(account.id, sha256);
      if (same) {
        await files.drop(work);
        ctx.body = same;
        return;
      }
      const kept = await files.workFolder();
      try {
        const size =
          kind === 'picture' ? await writePicture(account.id, sent, kept) : { width: 0, height: 0 };
        if (kind !== 'picture')
          await writeFile(path.join(kept, 'file'), withoutTags(type, await readFile(sent)));
        const id = newMediaId();
        await files.keep(kept, id);
        const media: StoredMedia = {
          id,
          kind,
          type,
          name: plainName(name),
          bytes,
          ...size,
          alt: '',
          credit: '',
          licence: '',
        };
        ctx.status = 201;
        ctx.body = await addMedia(account.id, media, { sha256 });
      } finally {
        await files.drop(kept);
      }
    } finally {
      await files.drop(work);
    }
  });

  router.put('/:id', async (ctx) => {
    const account = someone(ctx);
    ctx.body = await describeMedia(account.id, idOf(ctx), read(Words, ctx.request.body));
  });
  router.delete('/:id', async (ctx) => {
    await hideMedia(someone(ctx).id, idOf(ctx));
    ctx.status = 204;
  });

  /** A part of a picture as a picture of its own: what was cut away is not sent to anybody. */
  router.post('/:id/cut', async (ctx) => {
    const account = someone(ctx);
    const cut = read(Cut, ctx.request.body);
    // Only what is one's own: its name and words tell what others are still to guess.
    const whole = await ownMedia(account.id, idOf(ctx));
    if (whole?.kind !== 'picture') throw new Problem(404, 'notThere', 'noPicture');
    const from = files.folderOf(whole.id);
    const source = (await readdir(from)).find((name) => /^large\.(?:png|jpg)$/.test(name))!;
    const work = await files.workFolder();
    try {
      const size = await writePicture(account.id, path.join(from, source), work, cut);
      const id = newMediaId();
      await files.keep(work, id);
      ctx.status = 201;
      ctx.body = await addMedia(account.id, { ...whole, id, ...size }, { cutOf: whole.id });
    } finally {
      await files.drop(work);
    }
  });
  return router;
}

/** The files themselves, on a path of their own where nothing can run. */
export function mediaFileRoutes(files: MediaFiles): Router {
  const router = new Router({ prefix: '/media' });
  router.get('/:id/:size', async (ctx) => {
    const size = read(Size, ctx.params.size);
    const media = await mediaById(idOf(ctx));
    if (!media || (media.kind === 'picture') === (size === 'file'))
      throw new Problem(404, 'notThere', 'noFile');
    const folder = files.folderOf(media.id);
    let name = 'file';
    if (media.kind === 'picture') {
      const ext = ctx.accepts('image/webp') ? 'webp' : /\.(?:png|jpg)$/;
      const found = (await readdir(folder)).find(
        (one) => one.startsWith(size) && (typeof ext === 'string' ? one.endsWith(ext) : ext.test(one)),
      );
      if (!found) throw new Problem(404, 'notThere', 'noFile');
      name = found;
      ctx.vary('Accept');
    }
    ctx.remove('Content-Security-Policy');
    ctx.set('Content-Security-Policy', "default-src 'none'; sandbox");
    ctx.set('X-Content-Type-Options', 'nosniff');
    ctx.set('Cross-Origin-Resource-Policy', 'same-origin');
    if (name === 'file') ctx.type = media.type;
    ctx.respond = false;
    await new Promise<void>((resolve) => {
      ctx.res.statusCode = 200;
      send(ctx.req, name, { root: folder, immutable: true, maxAge: '365d', index: false })
        .on('error', () => {
          ctx.res.statusCode = 404;
          ctx.res.end();
          resolve();
        })
        .on('end', resolve)
        .pipe(ctx.res);
      ctx.res.on('close', resolve);
    });
  });
  return router;
}
