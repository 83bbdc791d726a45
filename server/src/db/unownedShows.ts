import type { Account } from '@distaff/core/wire';
import type { Show } from '@distaff/core/show';
import { nanoid } from 'nanoid';
import { QueryTypes } from 'sequelize';
import { Problem } from '../problem.ts';
import { createGuest } from './accounts.ts';
import { MemberRow, ShowRow } from './models.ts';
import { openLink } from './sharing.ts';
import { createShow } from './shows.ts';

/**
 * Begins a show that belongs to nobody yet: to whoever has its link and its passphrase.
 * @returns the show, its link, and the guest as whom it goes on being written here.
 */
export async function beginShow(
  name: string,
  show: Show,
  passphraseHash: string,
): Promise<{ id: string; token: string; guest: Account }> {
  const ref = { what: 'show', id: nanoid() } as const;
  const guest = await createGuest(name, ref);
  await createShow(guest.id, show, ref.id);
  return { id: ref.id, token: await openLink(ref, 'edit', passphraseHash), guest };
}

/**
 * Makes a show that belongs to nobody a host's own, with the files its guests sent. Its link stays
 * until the new owner closes it. @throws Problem 409 where it belongs to somebody already.
 */
export async function takeShow(id: string, accountId: string): Promise<void> {
  const db = ShowRow.sequelize!;
  await db.transaction(async (transaction) => {
    const [, taken] = await db.query(
      `UPDATE show_doc s JOIN account a ON a.id = s.account_id SET s.account_id = ?
        WHERE s.id = ? AND a.guest_of = s.id AND a.guest_what = 'show'`,
      { replacements: [accountId, id], type: QueryTypes.UPDATE, transaction },
    );
    if (taken === 0) throw new Problem(409, 'owned', 'owned');
    await db.query(
      `UPDATE media SET account_id = ? WHERE account_id IN
        (SELECT id FROM account WHERE guest_of = ? AND guest_what = 'show')`,
      { replacements: [accountId, id], type: QueryTypes.UPDATE, transaction },
    );
    await MemberRow.destroy({ where: { what: 'show', id: id, accountId }, transaction });
  });
}
