import type { Account } from '@distaff/core/wire';
import Router from '@koa/router';
import * as v from 'valibot';
import { nameSchema } from '@distaff/core/text';
import { hashPassword, passwordFits } from '../auth/password.ts';
import { Throttle } from '../auth/throttle.ts';
import { hashToken } from '../auth/tokens.ts';
import { accountByEmail, createAccount } from '../db/accounts.ts';
import { closeLogin, openLogin } from '../db/logins.ts';
import { goOnAsMember } from '../db/sharing.ts';
import { Problem } from '../problem.ts';
import { read, someone, type Ctx } from './context.ts';
import type { LoginCookie } from './login.ts';
import { holdBack } from './slow.ts';

/** An e-mail address as it is compared: without blanks around it, in small letters. */
export const Email = v.pipe(
  v.string(),
  v.trim(),
  v.toLowerCase(),
  v.maxLength(254, 'That e-mail address is too long.'),
  v.email('That is no e-mail address.'),
);
/** A password as it may be chosen. */
export const NewPassword = v.pipe(
  v.string(),
  v.minLength(10, 'A password has at least 10 characters.'),
  v.maxLength(200, 'A password has at most 200 characters.'),
);
const SignUp = v.object({ email: Email, name: nameSchema(80), password: NewPassword });
const SignIn = v.object({ email: Email, password: v.pipe(v.string(), v.maxLength(200)) });

/** A school behind one address signs in at eight o'clock; more wrong passwords than these are no people. */
const GUESSES_OF_ACCOUNT = 10;
const GUESSES_OF_ADDRESS = 60;
/** Accounts that may be made from one address at once: a staff room on a training day. */
const SIGN_UPS = 60;

/** What the pages may know of an account. */
export const publicPart = ({ id, email, name, guestOf }: Account) => ({ id, email, name, guestOf });

/** Accounts and login sessions: sign up, sign in, sign out, who am I. */
export function accountRoutes(cookie: LoginCookie, ended: (logins: readonly string[]) => void): Router {
  const router = new Router({ prefix: '/api' });
  /** Wrong passwords of one account from one address, of one account from anywhere, and of one address for any account. */
  const guesses = new Throttle();
  const ofAccount = new Throttle(GUESSES_OF_ACCOUNT);
  const ofAddress = new Throttle(GUESSES_OF_ADDRESS);
  const signUps = new Throttle(SIGN_UPS);

  /** Lets somebody in; what they wrote as a guest they go on writing. */
  async function letIn(ctx: Ctx, account: Account): Promise<void> {
    const before = ctx.state.account as Account | null;
    if (before) await goOnAsMember(before, account.id);
    cookie.set(ctx, await openLogin(account.id, Date.now(), ctx.get('user-agent')));
    ctx.body = { account: publicPart(account) };
  }

  router.get('/me', (ctx) => {
    ctx.body = { account: ctx.state.account ? publicPart(ctx.state.account as Account) : null };
  });

  router.post('/accounts', async (ctx) => {
    const { email, name, password } = read(SignUp, ctx.request.body);
    await holdBack(ctx, [signUps, ctx.ip]);
    const account = await createAccount(email, name, await hashPassword(password));
    ctx.status = 201;
    await letIn(ctx, account);
  });

  router.post('/login', async (ctx) => {
    const { email, password } = read(SignIn, ctx.request.body);
    const key = `${email} ${ctx.ip}`;
    await holdBack(ctx, [guesses, key], [ofAccount, email], [ofAddress, ctx.ip]);
    const account = await accountByEmail(email);
    if (!(await passwordFits(account?.passwordHash ?? null, password)) || !account) {
      throw new Problem(401, 'wrong', 'wrongPassword');
    }
    await guesses.succeeded(key);
    await ofAccount.succeeded(email);
    await ofAddress.succeeded(ctx.ip);
    await letIn(ctx, account);
  });

  router.delete('/login', async (ctx) => {
    someone(ctx);
    const login = cookie.read(ctx.get('cookie'))!;
    await closeLogin(login);
    ended([hashToken(login)]);
    cookie.set(ctx, null);
    ctx.status = 204;
  });

  return router;
}
