import type { Account, ProblemName } from '@distaff/core/wire';
import { hasRight, type Right, type Role } from '@distaff/core/library';
import { Op, QueryTypes, type WhereOptions } from 'sequelize';
import { Problem } from '../problem.ts';
import { LinkRow, MemberRow, SetRow, ShowRow } from './models.ts';

/** Which questions somebody comes at: those of their own sets, and of sets that others share with them. */
export interface Reach {
  accountId: string;
  /** Sets of others that may be changed. */
  edit: readonly string[];
  /** Sets of others that may be read, those that may be changed among them. */
  read: readonly string[];
}

/** Whether a guest of a link with a passphrase may still write: as long as it is open. */
export const guestMayWrite = async ({ guestOf }: Account): Promise<boolean> =>
  guestOf !== null && (await LinkRow.count({ where: { ...guestOf, kind: 'edit' } })) > 0;

/** Sets that are deleted or no longer shared are out of reach at once, for guests of a link, too. */
export async function reachOf(account: Account): Promise<Reach> {
  if (account.guestOf !== null) {
    const open = account.guestOf.what === 'set' && (await guestMayWrite(account));
    const set = open && (await SetRow.findOne({ where: { id: account.guestOf.id, deletedAt: null } }));
    const sets = set ? [set.id] : [];
    return { accountId: account.id, edit: sets, read: sets };
  }
  const rows = await MemberRow.sequelize!.query<{ id: string; role: Role }>(
    `SELECT m.id, m.role FROM shared_member m JOIN question_set s ON s.id = m.id
      WHERE m.what = 'set' AND m.account_id = ? AND s.deleted_at IS NULL`,
    { replacements: [account.id], type: QueryTypes.SELECT },
  );
  return {
    accountId: account.id,
    edit: rows.filter((row) => hasRight(row.role, 'edit')).map((row) => row.id),
    read: rows.map((row) => row.id),
  };
}

/** The condition on questions that they are within reach. */
export const within = (reach: Reach, right: 'read' | 'edit'): WhereOptions => ({
  [Op.or]: [{ accountId: reach.accountId }, { setId: { [Op.in]: [...reach[right]] } }],
});

const refusals = {
  read: 'mayNotRead',
  edit: 'mayNotEdit',
  copy: 'mayNotCopy',
  host: 'mayNotHost',
  own: 'ownerOnly',
} as const satisfies Record<Right, ProblemName>;
export const refusal = (right: Right) => new Problem(403, 'notAllowed', refusals[right]);

export interface Access {
  role: Role;
  ownerId: string;
  mayCopy: boolean;
}

/** What somebody is to a set. @throws Problem 404 where they are nothing to it, 403 where they may not do this. */
export async function accessTo(reach: Reach, setId: string, right: Right): Promise<Access> {
  const set = await SetRow.findByPk(setId);
  const role =
    set?.accountId === reach.accountId
      ? 'owner'
      : reach.edit.includes(setId)
        ? 'editor'
        : reach.read.includes(setId)
          ? 'viewer'
          : null;
  if (!set || !role) throw new Problem(404, 'notThere', 'noSet');
  if (!hasRight(role, right, set.mayCopy)) throw refusal(right);
  return { role, ownerId: set.accountId, mayCopy: set.mayCopy };
}

/** What somebody is to a show, or null where they are nothing to it. A guest is never its owner. */
export async function roleInShow(
  account: Account,
  show: { id: string; accountId: string },
): Promise<Role | null> {
  if (account.guestOf !== null)
    return account.guestOf.id === show.id && (await guestMayWrite(account)) ? 'editor' : null;
  if (show.accountId === account.id) return 'owner';
  const member = await MemberRow.findOne({ where: { what: 'show', id: show.id, accountId: account.id } });
  return member?.role ?? null;
}

/**
 * A show, for somebody who has this right in it; deleted ones are there for nobody but whoever asks
 * for them. @throws Problem 404 where they are nothing to it, 403 where they may not do this.
 */
export async function accessToShow(
  account: Account,
  id: string,
  right: Right,
  { deleted = false } = {},
): Promise<{ role: Role; row: ShowRow; ownerId: string }> {
  const row = await ShowRow.findByPk(id);
  const there = row !== null && ((row.deletedAt ?? null) !== null) === deleted;
  const role = there ? await roleInShow(account, row) : null;
  if (!there || !role) throw new Problem(404, 'notThere', 'noShow');
  if (!hasRight(role, right)) throw refusal(right);
  return { role, row, ownerId: row.accountId };
}
