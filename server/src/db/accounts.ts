import type { SharedRef } from '@distaff/core/wire';
import type { Account } from '@distaff/core/wire';
import { UniqueConstraintError } from 'sequelize';
import { nanoid } from 'nanoid';
import { Problem } from '../problem.ts';
import { AccountRow } from './models.ts';

const plain = ({ id, email, name, guestOf, guestWhat }: AccountRow): Account => ({
  id,
  email,
  name,
  guestOf: guestOf ? { what: guestWhat!, id: guestOf } : null,
});

/** @throws Problem 409 where the address has an account already. */
export async function createAccount(email: string, name: string, passwordHash: string): Promise<Account> {
  try {
    return plain(await AccountRow.create({ id: nanoid(), email, name, passwordHash }));
  } catch (error) {
    if (error instanceof UniqueConstraintError) throw new Problem(409, 'emailTaken', 'emailTaken');
    throw error;
  }
}

/** A guest is nothing but a name under which something is written, and a cookie. */
export async function createGuest(name: string, { what, id }: SharedRef): Promise<Account> {
  const nobody = { email: null, passwordHash: '' };
  return plain(await AccountRow.create({ id: nanoid(), name, ...nobody, guestOf: id, guestWhat: what }));
}

export async function accountByEmail(email: string): Promise<(Account & { passwordHash: string }) | null> {
  const row = await AccountRow.findOne({ where: { email } });
  return row && { ...plain(row), passwordHash: row.passwordHash };
}

export async function accountById(id: string): Promise<Account | null> {
  const row = await AccountRow.findByPk(id);
  return row && plain(row);
}

export async function rename(id: string, name: string): Promise<void> {
  await AccountRow.update({ name }, { where: { id } });
}

export async function setPassword(id: string, passwordHash: string): Promise<void> {
  await AccountRow.update({ passwordHash }, { where: { id } });
}
