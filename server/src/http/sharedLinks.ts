import type { Account } from '@distaff/core/wire';
import Router from '@koa/router';
import { hasRight } from '@distaff/core/library';
import { Id, nameSchema } from '@distaff/core/text';
import { Show } from '@distaff/core/show';
import * as v from 'valibot';
import { hashPassword, passwordFits } from '../auth/password.ts';
import { Throttle } from '../auth/throttle.ts';
import { reachOf, refusal, roleInShow, accessToShow } from '../db/access.ts';
import { createGuest } from '../db/accounts.ts';
import { openLogin } from '../db/logins.ts';
import { copySet, readSet } from '../db/sets.ts';
import { questionsOf } from '../db/setQuestions.ts';
import { addMember, linkByToken, type SharedLink } from '../db/sharing.ts';
import { beginShow, takeShow } from '../db/unownedShows.ts';
import { Problem } from '../problem.ts';
import { publicPart } from './accounts.ts';
import { read, signedIn, type Ctx } from './context.ts';
import type { LoginCookie } from './login.ts';
import { Passphrase } from './passphrase.ts';
import { holdBack } from './slow.ts';

const Token = v.pipe(v.string(), v.regex(/^[\w-]{8,40}$/, 'This link is not whole. Copy it again.'));
const Look = v.object({ token: Token });
const Enter = v.object({
  token: Token,
  passphrase: v.pipe(v.string(), v.trim(), v.maxLength(200)),
  name: v.optional(v.string(), ''),
});
const Name = nameSchema(80);
const Copy = v.object({ token: Token, title: v.pipe(v.string(), v.minLength(1), v.maxLength(120)) });
const Begin = v.object({ name: Name, show: Show, ...Passphrase.entries });

/** Shows that may be begun from one address at once: a whole class with a board each. */
const BEGINNINGS = 60;

/** What a link to a set or a show opens, and shows that are begun with nothing but a passphrase. */
export function sharedLinkRoutes(cookie: LoginCookie, guesses: Throttle): Router {
  const router = new Router({ prefix: '/api' });
  /** Wrong passphrases for one link, from wherever they come. */
  const ofLink = new Throttle(BEGINNINGS);
  const beginnings = new Throttle(BEGINNINGS);

  const enterAs = async (ctx: Ctx, guest: Account) => {
    cookie.set(ctx, await openLogin(guest.id, Date.now()));
    return publicPart(guest);
  };
  /** Whether somebody comes at what a link leads to without it, to read or to write. */
  async function known(account: Account | null, link: SharedLink, right: 'read' | 'edit'): Promise<boolean> {
    if (!account) return false;
    if (link.what === 'show') {
      const role = await roleInShow(account, { id: link.id, accountId: link.ownerId });
      return role !== null && hasRight(role, right);
    }
    return account.id === link.ownerId || (await reachOf(account))[right].includes(link.id);
  }

  // Tokens come in the body, never in an address: addresses end in logs and histories.
  router.post('/shared', async (ctx) => {
    const link = await linkByToken(read(Look, ctx.request.body).token);
    const account = ctx.state.account as Account | null;
    const { what, kind, title, owner, mayCopy } = link;
    const id = (await known(account, link, kind)) ? link.id : null;
    if (kind === 'edit') {
      ctx.body = { what, kind, title, owner, id };
      return;
    }
    const { set } = await readSet(link.ownerId, link.id);
    const { description, credit } = set;
    const questions = await questionsOf(link.ownerId, link.id);
    ctx.body = { what, kind, title, owner, mayCopy, description, credit, questions, id };
  });
  router.post('/shared/copy', async (ctx) => {
    const account = signedIn(ctx);
    const { token, title } = read(Copy, ctx.request.body);
    const link = await linkByToken(token);
    // A link with a passphrase shows nothing before the passphrase is said.
    if (link.kind !== 'read' || !hasRight('viewer', 'copy', link.mayCopy)) throw refusal('copy');
    ctx.status = 201;
    ctx.body = await copySet(link.ownerId, link.id, title, account.id);
  });
  router.post('/shared/enter', async (ctx) => {
    const { token, passphrase, name } = read(Enter, ctx.request.body);
    const key = `${token} ${ctx.ip}`;
    await holdBack(ctx, [guesses, key], [ofLink, token]);
    const { kind, what, id, ownerId, passphraseHash } = await linkByToken(token);
    if (kind !== 'edit') throw new Problem(409, 'noPassphrase', 'noPassphrase');
    if (!(await passwordFits(passphraseHash, passphrase))) {
      throw new Problem(401, 'wrong', 'wrongPassphrase');
    }
    const account = ctx.state.account as Account | null;
    await guesses.succeeded(key);
    await ofLink.succeeded(token);
    if (account && account.guestOf === null) {
      if (account.id !== ownerId) await addMember({ what, id }, account.id, 'editor');
      ctx.body = { what, id, account: publicPart(account) };
      return;
    }
    const guest = await createGuest(read(Name, name), { what, id });
    ctx.body = { what, id, account: await enterAs(ctx, guest) };
  });

  // Somebody without an account begins at once; with the link and the passphrase they come back.
  router.post('/shows/begin', async (ctx) => {
    const { name, show, passphrase } = read(Begin, ctx.request.body);
    await holdBack(ctx, [beginnings, ctx.ip]);
    const { id, token, guest } = await beginShow(name, show, await hashPassword(passphrase));
    ctx.status = 201;
    ctx.body = { id, token, account: await enterAs(ctx, guest) };
  });
  router.post('/shows/:id/take', async (ctx) => {
    const account = signedIn(ctx);
    const { row } = await accessToShow(account, read(Id, ctx.params.id), 'edit');
    await takeShow(row.id, account.id);
    ctx.status = 204;
  });
  return router;
}
