import type { SharedRef } from '@distaff/core/wire';
import type { Account } from '@distaff/core/wire';
import { Op, UniqueConstraintError } from 'sequelize';
import { nanoid } from 'nanoid';
import { hashToken, newToken } from '../auth/tokens.ts';
import { Problem } from '../problem.ts';
import { AccountRow, LoginRow } from './models.ts';

/** How long a sign-in lasts, in milliseconds. */
export const LOGIN_LASTS = 30 * 24 * 3_600_000;

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
    if (error instanceof UniqueConstraintError)
      throw new Problem(409, 'emailTaken', 'There is an account with this e-mail address. Sign in instead.');
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

/** Opens a login session. @returns the token for the cookie; only its hash is kept. */
export async function openLogin(accountId: string, now: number): Promise<string> {
  const token = newToken();
  await LoginRow.create({ tokenHash: hashToken(token), accountId, expiresAt: new Date(now + LOGIN_LASTS) });
  await LoginRow.destroy({ where: { expiresAt: { [Op.lt]: new Date(now) } } });
  return token;
}

export async function accountByLogin(token: string, now: number): Promise<Account | null> {
  const login = await LoginRow.findByPk(hashToken(token));
  if (!login || login.expiresAt.getTime() < now) return null;
  return accountById(login.accountId);
}

export async function closeLogin(token: string): Promise<void> {
  await LoginRow.destroy({ where: { tokenHash: hashToken(token) } });
}
