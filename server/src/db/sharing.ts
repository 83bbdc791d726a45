import type { Account, SharedRef } from '@distaff/core/wire';
import type { Sharing } from '@distaff/core/wire';
import type { GivenRole } from '@distaff/core/library';
import { QueryTypes, type Transaction } from 'sequelize';
import { newToken } from '../auth/tokens.ts';
import { Problem } from '../problem.ts';
import { guestMayWrite } from './access.ts';
import { LinkRow, MemberRow, SetRow, ShowRow } from './models.ts';
import type { SharedKind } from './shared.ts';

export interface Member {
  id: string;
  name: string;
  email: string;
  role: GivenRole;
}
/** Hosts with whom one thing is shared; beyond it something is wrong. */
const MOST_MEMBERS = 200;

const db = () => MemberRow.sequelize!;

export async function sharingOf(shared: SharedRef): Promise<Sharing> {
  const [set, links, members] = await Promise.all([
    shared.what === 'set' ? SetRow.findByPk(shared.id) : null,
    LinkRow.findAll({ where: { ...shared } }),
    db().query<Member>(
      `SELECT a.id, a.name, a.email, m.role FROM shared_member m JOIN account a ON a.id = m.account_id
        WHERE m.what = ? AND m.id = ? ORDER BY a.name, a.id`,
      { replacements: [shared.what, shared.id], type: QueryTypes.SELECT },
    ),
  ]);
  const token = (kind: 'read' | 'edit') => links.find((link) => link.kind === kind)?.token ?? null;
  // A show may always be copied by who reads it.
  return { mayCopy: set?.mayCopy ?? true, members, readLink: token('read'), editLink: token('edit') };
}

export async function allowCopies(setId: string, mayCopy: boolean): Promise<void> {
  await SetRow.update({ mayCopy }, { where: { id: setId }, silent: true });
}

/** Lets a host in, or gives them another role. @throws Problem 409 where there are too many. */
export async function addMember(shared: SharedRef, accountId: string, role: GivenRole): Promise<void> {
  if ((await MemberRow.count({ where: { ...shared } })) >= MOST_MEMBERS)
    throw new Problem(409, 'tooMany', 'sharedMost', {}, { n: MOST_MEMBERS });
  await MemberRow.upsert({ ...shared, accountId, role, since: new Date() });
}

/**
 * A guest who signs in goes on writing in what they came for, as a member: the passphrase was said.
 * Nothing happens where the link was closed or the thing is the account's own.
 */
export async function goOnAsMember(guest: Account, accountId: string): Promise<void> {
  const shared = guest.guestOf;
  if (!shared || !(await guestMayWrite(guest))) return;
  const row = await (shared.what === 'set' ? SetRow.findByPk(shared.id) : ShowRow.findByPk(shared.id));
  if (row && row.accountId !== accountId) await addMember(shared, accountId, 'editor');
}

export async function removeMember(shared: SharedRef, accountId: string): Promise<void> {
  await MemberRow.destroy({ where: { ...shared, accountId } });
}

/** Signs out all who came through the link with the passphrase. */
async function turnOutGuests({ what, id }: SharedRef, transaction: Transaction): Promise<void> {
  await db().query(
    `DELETE FROM login_session WHERE account_id IN
      (SELECT id FROM account WHERE guest_of = ? AND guest_what = ?)`,
    { replacements: [id, what], transaction },
  );
}

/**
 * Makes a link, or another one in its place: the earlier one leads nowhere from then on. One that
 * lets people write needs a passphrase. @returns its token.
 */
export function openLink(
  shared: SharedRef,
  kind: 'read' | 'edit',
  passphraseHash: string | null,
): Promise<string> {
  return db().transaction(async (transaction) => {
    const token = newToken();
    await LinkRow.destroy({ where: { ...shared, kind }, transaction });
    if (kind === 'edit') await turnOutGuests(shared, transaction);
    await LinkRow.create({ ...shared, kind, token, passphraseHash, since: new Date() }, { transaction });
    return token;
  });
}

export function closeLink(shared: SharedRef, kind: 'read' | 'edit'): Promise<void> {
  return db().transaction(async (transaction) => {
    await LinkRow.destroy({ where: { ...shared, kind }, transaction });
    if (kind === 'edit') await turnOutGuests(shared, transaction);
  });
}

export interface SharedLink {
  what: SharedKind;
  id: string;
  kind: 'read' | 'edit';
  passphraseHash: string | null;
  ownerId: string;
  /** Who shares it; null where it was begun without an account and belongs to nobody yet. */
  owner: string | null;
  title: string;
  mayCopy: boolean;
}

/** Where a link leads. @throws Problem 404 where it leads nowhere (any more). */
export async function linkByToken(token: string): Promise<SharedLink> {
  const columns = 'l.what, l.id, l.kind, l.passphrase_hash AS passphraseHash, a.id AS ownerId';
  const owner = 'IF(a.guest_of IS NULL, a.name, NULL) AS owner';
  const [found] = await db().query<Omit<SharedLink, 'mayCopy'> & { mayCopy: number }>(
    `SELECT ${columns}, ${owner}, s.title, s.may_copy AS mayCopy FROM shared_link l
        JOIN question_set s ON l.what = 'set' AND s.id = l.id AND s.deleted_at IS NULL
        JOIN account a ON a.id = s.account_id WHERE l.token = ?
      UNION SELECT ${columns}, ${owner}, s.title, 1 AS mayCopy FROM shared_link l
        JOIN show_doc s ON l.what = 'show' AND s.id = l.id AND s.deleted_at IS NULL
        JOIN account a ON a.id = s.account_id WHERE l.token = ?`,
    { replacements: [token, token], type: QueryTypes.SELECT },
  );
  if (!found) throw new Problem(404, 'notThere', 'wrongLink');
  return { ...found, mayCopy: Boolean(found.mayCopy) };
}
