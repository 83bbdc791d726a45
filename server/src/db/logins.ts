import type { Account, Login } from '@distaff/core/wire';
import { Op } from 'sequelize';
import { hashToken, newToken } from '../auth/tokens.ts';
import { accountById } from './accounts.ts';
import { LoginRow } from './models.ts';

/** How long a sign-in lasts, in milliseconds. */
export const LOGIN_LASTS = 30 * 24 * 3_600_000;
/** How exactly it is known when a sign-in was used last (ms): not every request writes. */
const SEEN_EVERY = 10 * 60_000;
/** So much of what a browser says of itself is kept. */
const AGENT = 200;
/** So much of a hash names a sign-in to its owner: enough to tell it from all others, and no door. */
const NAME = 16;

/** Opens a login session. @returns the token for the cookie; only its hash is kept. */
export async function openLogin(accountId: string, now: number, agent = ''): Promise<string> {
  const token = newToken();
  const at = new Date(now);
  await LoginRow.create({
    tokenHash: hashToken(token),
    accountId,
    expiresAt: new Date(now + LOGIN_LASTS),
    agent: agent.slice(0, AGENT),
    openedAt: at,
    seenAt: at,
  });
  await LoginRow.destroy({ where: { expiresAt: { [Op.lt]: at } } });
  return token;
}

export async function accountByLogin(token: string, now: number): Promise<Account | null> {
  const login = await LoginRow.findByPk(hashToken(token));
  if (!login || login.expiresAt.getTime() < now) return null;
  if (now - login.seenAt.getTime() > SEEN_EVERY)
    await LoginRow.update({ seenAt: new Date(now) }, { where: { tokenHash: login.tokenHash } });
  return accountById(login.accountId);
}

export async function closeLogin(token: string): Promise<void> {
  await LoginRow.destroy({ where: { tokenHash: hashToken(token) } });
}

/** Where an account is signed in: here first, then where it was used last. `token` is that of whoever asks. */
export async function loginsOf(accountId: string, token: string, now: number): Promise<Login[]> {
  const rows = await LoginRow.findAll({
    where: { accountId, expiresAt: { [Op.gte]: new Date(now) } },
    order: [['seenAt', 'DESC']],
  });
  const own = hashToken(token);
  const logins = rows.map((row) => ({
    id: row.tokenHash.slice(0, NAME),
    agent: row.agent,
    openedAt: row.openedAt.toISOString(),
    seenAt: row.seenAt.toISOString(),
    here: row.tokenHash === own,
  }));
  return logins.sort((a, b) => Number(b.here) - Number(a.here));
}

/** Ends one sign-in of an account, or all but that of whoever asks. @returns the hashes of those that ended. */
export async function endLogins(
  accountId: string,
  which: { id: string } | { but: string },
): Promise<string[]> {
  const rows = await LoginRow.findAll({ where: { accountId } });
  const ended = rows
    .map(({ tokenHash }) => tokenHash)
    .filter((hash) => ('id' in which ? hash.startsWith(which.id) : hash !== hashToken(which.but)));
  await LoginRow.destroy({ where: { tokenHash: ended } });
  return ended;
}
