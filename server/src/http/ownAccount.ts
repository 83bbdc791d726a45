import Router from '@koa/router';
import * as v from 'valibot';
import { nameSchema } from '@distaff/core/text';
import { hashPassword, passwordFits } from '../auth/password.ts';
import { Throttle } from '../auth/throttle.ts';
import { accountByEmail, rename, setPassword } from '../db/accounts.ts';
import { endLogins, loginsOf } from '../db/logins.ts';
import { Problem } from '../problem.ts';
import { NewPassword } from './accounts.ts';
import { read, signedIn, type Ctx } from './context.ts';
import type { LoginCookie } from './login.ts';
import { holdBack } from './slow.ts';

const Rename = v.object({ name: nameSchema(80) });
const Change = v.object({ current: v.pipe(v.string(), v.maxLength(200)), next: NewPassword });
const LoginId = v.pipe(v.string(), v.regex(/^[0-9a-f]{16}$/));

/** What hosts see and change of their own account: the name, the password, and where they are signed in. */
export function ownAccountRoutes(cookie: LoginCookie, ended: (logins: readonly string[]) => void): Router {
  const router = new Router({ prefix: '/api/me' });
  const guesses = new Throttle();
  const login = (ctx: Ctx) => cookie.read(ctx.get('cookie'))!;
  const end = async (accountId: string, which: Parameters<typeof endLogins>[1]) =>
    ended(await endLogins(accountId, which));

  router.put('/name', async (ctx) => {
    const { id } = signedIn(ctx);
    await rename(id, read(Rename, ctx.request.body).name);
    ctx.status = 204;
  });

  // Whoever found an open laptop does not know the password; whoever changes it ends all that are signed in elsewhere.
  router.put('/password', async (ctx) => {
    const { id, email } = signedIn(ctx);
    const { current, next } = read(Change, ctx.request.body);
    await holdBack(ctx, [guesses, id]);
    const account = await accountByEmail(email!);
    if (!account || !(await passwordFits(account.passwordHash, current)))
      throw new Problem(403, 'wrong', 'wrongCurrentPassword');
    await guesses.succeeded(id);
    await setPassword(id, await hashPassword(next));
    await end(id, { but: login(ctx) });
    ctx.status = 204;
  });

  router.get('/logins', async (ctx) => {
    ctx.body = { logins: await loginsOf(signedIn(ctx).id, login(ctx), Date.now()) };
  });
  router.delete('/logins/:id', async (ctx) => {
    await end(signedIn(ctx).id, { id: read(LoginId, ctx.params.id) });
    ctx.status = 204;
  });
  router.delete('/logins', async (ctx) => {
    await end(signedIn(ctx).id, { but: login(ctx) });
    ctx.status = 204;
  });

  return router;
}
