import type { GivenRole } from '@distaff/core';
import { QueryTypes, type Transaction } from 'sequelize';
import { newToken } from '../auth/tokens.ts';
import { Problem } from '../problem.ts';
import { LinkRow, MemberRow, SetRow } from './models.ts';

export interface Member {
  id: string;
  name: string;
  email: string;
  role: GivenRole;
}
/** With whom a set is shared. A token is null where there is no such link. */
export interface Sharing {
  mayCopy: boolean;
  members: Member[];
  readLink: string | null;
  editLink: string | null;
}

/** Hosts with whom one set is shared; beyond it something is wrong. */
const MOST_MEMBERS = 200;

const db = () => MemberRow.sequelize!;

export async function sharingOf(setId: string): Promise<Sharing> {
  const [set, links, members] = await Promise.all([
    SetRow.findByPk(setId),
    LinkRow.findAll({ where: { setId } }),
    db().query<Member>(
      `SELECT a.id, a.name, a.email, m.role FROM set_member m JOIN account a ON a.id = m.account_id
        WHERE m.set_id = ? ORDER BY a.name, a.id`,
      { replacements: [setId], type: QueryTypes.SELECT },
    ),
  ]);
  const token = (kind: 'read' | 'edit') => links.find((link) => link.kind === kind)?.token ?? null;
  return { mayCopy: set!.mayCopy, members, readLink: token('read'), editLink: token('edit') };
}

export async function allowCopies(setId: string, mayCopy: boolean): Promise<void> {
  await SetRow.update({ mayCopy }, { where: { id: setId }, silent: true });
}

/** Lets a host in, or gives them another role. @throws Problem 409 where there are too many. */
export async function addMember(setId: string, accountId: string, role: GivenRole): Promise<void> {
  if ((await MemberRow.count({ where: { setId } })) >= MOST_MEMBERS)
    throw new Problem(409, 'tooMany', `A set can be shared with at most ${MOST_MEMBERS} people.`);
  await MemberRow.upsert({ setId, accountId, role, since: new Date() });
}

export async function removeMember(setId: string, accountId: string): Promise<void> {
  await MemberRow.destroy({ where: { setId, accountId } });
}

/** Signs out all who came through the link with the passphrase. */
async function turnOutGuests(setId: string, transaction: Transaction): Promise<void> {
  await db().query(
    'DELETE FROM login_session WHERE account_id IN (SELECT id FROM account WHERE guest_of = ?)',
    { replacements: [setId], transaction },
  );
}

/**
 * Makes a link, or another one in its place: the earlier one leads nowhere from then on. One that
 * lets people write needs a passphrase.
 */
export function openLink(setId: string, kind: 'read' | 'edit', passphraseHash: string | null): Promise<void> {
  return db().transaction(async (transaction) => {
    await LinkRow.destroy({ where: { setId, kind }, transaction });
    if (kind === 'edit') await turnOutGuests(setId, transaction);
    await LinkRow.create(
      { setId, kind, token: newToken(), passphraseHash, since: new Date() },
      { transaction },
    );
  });
}

export function closeLink(setId: string, kind: 'read' | 'edit'): Promise<void> {
  return db().transaction(async (transaction) => {
    await LinkRow.destroy({ where: { setId, kind }, transaction });
    if (kind === 'edit') await turnOutGuests(setId, transaction);
  });
}

export interface SharedLink {
  setId: string;
  kind: 'read' | 'edit';
  passphraseHash: string | null;
  ownerId: string;
  /** Who shares it. */
  owner: string;
  title: string;
  mayCopy: boolean;
}

/** Where a link leads. @throws Problem 404 where it leads nowhere (any more). */
export async function linkByToken(token: string): Promise<SharedLink> {
  const [found] = await db().query<Omit<SharedLink, 'mayCopy'> & { mayCopy: number }>(
    `SELECT l.set_id AS setId, l.kind, l.passphrase_hash AS passphraseHash, s.account_id AS ownerId,
        a.name AS owner, s.title, s.may_copy AS mayCopy
      FROM set_link l JOIN question_set s ON s.id = l.set_id JOIN account a ON a.id = s.account_id
      WHERE l.token = ? AND s.deleted_at IS NULL`,
    { replacements: [token], type: QueryTypes.SELECT },
  );
  if (!found)
    throw new Problem(404, 'notThere', 'This link leads nowhere. Ask the host who sent it for a new one.');
  return { ...found, mayCopy: Boolean(found.mayCopy) };
}
