import type { Account } from '@distaff/core/wire';
import type { StoredMedia } from '@distaff/core/wire';
import { Op } from 'sequelize';
import { Problem } from '../problem.ts';
import { MediaRow } from './models.ts';

export type MediaWords = Pick<StoredMedia, 'alt' | 'credit' | 'licence'>;

const stored = (row: MediaRow): StoredMedia => ({
  id: row.id,
  kind: row.kind,
  type: row.type,
  name: row.name,
  bytes: Number(row.bytes),
  width: row.width,
  height: row.height,
  alt: row.alt,
  credit: row.credit,
  licence: row.licence,
});

export async function addMedia(
  accountId: string,
  media: StoredMedia,
  made: { sha256: string } | { cutOf: string },
): Promise<StoredMedia> {
  return stored(await MediaRow.create({ ...media, accountId, ...made }));
}

/** The same file where the account has it already; it is seen again if it was hidden. */
export async function sameMedia(accountId: string, sha256: string): Promise<StoredMedia | null> {
  const row = await MediaRow.findOne({ where: { accountId, sha256 } });
  await row?.update({ hiddenAt: null });
  return row && stored(row);
}

/** By its id alone: whoever knows the id may see the file, as the players of a show do. */
export async function mediaById(id: string): Promise<StoredMedia | null> {
  const row = await MediaRow.findByPk(id);
  return row && stored(row);
}

/** A file of this account's own library, or one of a show or set that it writes in; null for any other. */
export async function ownMedia(accountId: string, id: string): Promise<StoredMedia | null> {
  const row = await MediaRow.findOne({ where: { id, accountId } });
  return row && stored(row);
}

/** What an account may keep in all, and somebody without one (bytes). */
const QUOTA = 2 * 1024 ** 3;
const GUEST_QUOTA = 100 * 1024 ** 2;

/** @throws Problem 413 where an account has no room for so many more bytes. */
export async function roomFor(
  { id, guestOf }: Pick<Account, 'id' | 'guestOf'>,
  bytes: number,
): Promise<void> {
  const used = Number((await MediaRow.sum('bytes', { where: { accountId: id } })) || 0);
  const quota = guestOf === null ? QUOTA : GUEST_QUOTA;
  if (used + bytes > quota)
    throw new Problem(413, 'quota', 'quota', {}, { mb: Math.round(quota / 1024 ** 2) });
}

async function ownRow(accountId: string, id: string): Promise<MediaRow> {
  const row = await MediaRow.findOne({ where: { id, accountId } });
  if (!row) throw new Problem(404, 'notThere', 'noOwnFile');
  return row;
}

/** The latest first, found by any part of name or alternative text. */
export async function listMedia(
  accountId: string,
  { kind, q, limit, offset }: { kind: StoredMedia['kind']; q: string; limit: number; offset: number },
): Promise<{ media: StoredMedia[]; total: number }> {
  const like = { [Op.like]: `%${q.replace(/[\\%_]/g, '\\$&')}%` };
  const { rows, count } = await MediaRow.findAndCountAll({
    where: {
      accountId,
      kind,
      hiddenAt: null,
      ...(q ? { [Op.or]: [{ name: like }, { alt: like }, { credit: like }] } : {}),
    },
    order: [
      ['createdAt', 'DESC'],
      ['id', 'ASC'],
    ],
    limit,
    offset,
  });
  return { media: rows.map(stored), total: count };
}

/** Keeps what was said of a file, to be offered when it is used again. */
export async function describeMedia(accountId: string, id: string, words: MediaWords): Promise<StoredMedia> {
  return stored(await (await ownRow(accountId, id)).update(words));
}

/** Takes a file out of the list. The file itself stays: questions and shows may hold it. */
export async function hideMedia(accountId: string, id: string): Promise<void> {
  await (await ownRow(accountId, id)).update({ hiddenAt: new Date() });
}
