import { hasRight, type Right, type Role } from '@distaff/core';
import { Op, QueryTypes, type WhereOptions } from 'sequelize';
import { Problem } from '../problem.ts';
import type { Account } from './accounts.ts';
import { LinkRow, MemberRow, SetRow } from './models.ts';

/** Which questions somebody comes at: those of their own sets, and of sets that others share with them. */
export interface Reach {
  accountId: string;
  /** Sets of others that may be changed. */
  edit: readonly string[];
  /** Sets of others that may be read, those that may be changed among them. */
  read: readonly string[];
}

/** Sets that are deleted or no longer shared are out of reach at once, for guests of a link, too. */
export async function reachOf(account: Account): Promise<Reach> {
  if (account.guestOf !== null) {
    const open = await LinkRow.findOne({ where: { setId: account.guestOf, kind: 'edit' } });
    const set = open && (await SetRow.findOne({ where: { id: account.guestOf, deletedAt: null } }));
    const sets = set ? [set.id] : [];
    return { accountId: account.id, edit: sets, read: sets };
  }
  const rows = await MemberRow.sequelize!.query<{ set_id: string; role: Role }>(
    `SELECT m.set_id, m.role FROM set_member m JOIN question_set s ON s.id = m.set_id
      WHERE m.account_id = ? AND s.deleted_at IS NULL`,
    { replacements: [account.id], type: QueryTypes.SELECT },
  );
  return {
    accountId: account.id,
    edit: rows.filter((row) => row.role === 'editor').map((row) => row.set_id),
    read: rows.map((row) => row.set_id),
  };
}

/** The condition on questions that they are within reach. */
export const within = (reach: Reach, right: 'read' | 'edit'): WhereOptions => ({
  [Op.or]: [{ accountId: reach.accountId }, { setId: { [Op.in]: [...reach[right]] } }],
});

const refusals: Record<Right, string> = {
  read: '',
  edit: 'You may read this set, not change it.',
  copy: 'The owner of this set does not let it be copied.',
  own: 'Only the owner of this set can do that.',
};
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
  if (!set || !role) throw new Problem(404, 'notThere', 'There is no such question set, or it was deleted.');
  if (!hasRight(role, right, set.mayCopy)) throw refusal(right);
  return { role, ownerId: set.accountId, mayCopy: set.mayCopy };
}
