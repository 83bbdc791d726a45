import Router from '@koa/router';
import { givenRoles, hasRight, Id, nameSchema } from '@distaff/core';
import * as v from 'valibot';
import { hashPassword, passwordFits } from '../auth/password.ts';
import type { Throttle } from '../auth/throttle.ts';
import { accessTo, reachOf, refusal } from '../db/access.ts';
import { accountByEmail, createGuest, openLogin, type Account } from '../db/accounts.ts';
import { copySet, readSet } from '../db/sets.ts';
import { questionsOf } from '../db/setQuestions.ts';
import {
  addMember,
  allowCopies,
  closeLink,
  linkByToken,
  openLink,
  removeMember,
  sharingOf,
} from '../db/sharing.ts';
import { Problem } from '../problem.ts';
import { Email, publicPart } from './accounts.ts';
import { reach, read, signedIn, type Ctx } from './context.ts';
import type { LoginCookie } from './login.ts';
import { holdBack } from './slow.ts';

const Token = v.pipe(v.string(), v.regex(/^[\w-]{8,40}$/, 'This link is not whole. Copy it again.'));
const Copies = v.object({ mayCopy: v.boolean() });
const Invite = v.object({ email: Email, role: v.picklist(givenRoles) });
const Kind = v.picklist(['read', 'edit']);
const Passphrase = v.object({
  passphrase: v.pipe(
    v.string(),
    v.trim(),
    v.minLength(8, 'A passphrase has at least 8 characters.'),
    v.maxLength(200, 'A passphrase has at most 200 characters.'),
  ),
});
const Look = v.object({ token: Token });
const Enter = v.object({
  token: Token,
  passphrase: v.pipe(v.string(), v.trim(), v.maxLength(200)),
  name: v.optional(v.string(), ''),
});
const Name = nameSchema(80);
const Copy = v.object({ token: Token, title: v.pipe(v.string(), v.minLength(1), v.maxLength(120)) });

/** Sharing of question sets: by the owner with other hosts or by a link, and what a link opens. */
export function sharingRoutes(cookie: LoginCookie, guesses: Throttle): Router {
  const router = new Router({ prefix: '/api' });

  const owned = async (ctx: Ctx & { params: Record<string, string> }): Promise<string> => {
    const id = read(Id, ctx.params.id);
    await accessTo(await reach(ctx), id, 'own');
    return id;
  };

  router.get('/sets/:id/sharing', async (ctx) => {
    ctx.body = await sharingOf(await owned(ctx));
  });
  router.put('/sets/:id/sharing', async (ctx) => {
    const id = await owned(ctx);
    await allowCopies(id, read(Copies, ctx.request.body).mayCopy);
    ctx.body = await sharingOf(id);
  });
  router.post('/sets/:id/members', async (ctx) => {
    const id = await owned(ctx);
    const { email, role } = read(Invite, ctx.request.body);
    const own = signedIn(ctx);
    holdBack(ctx, guesses, own.id);
    if (email === own.email) throw new Problem(409, 'self', 'This set is yours already.');
    const account = await accountByEmail(email);
    if (!account) {
      guesses.failed(own.id, Date.now());
      throw new Problem(
        404,
        'noAccount',
        'Nobody has an account with this e-mail address. Send a link instead.',
      );
    }
    await addMember(id, account.id, role);
    ctx.body = await sharingOf(id);
  });
  router.delete('/sets/:id/members/me', async (ctx) => {
    const id = read(Id, ctx.params.id);
    await removeMember(id, signedIn(ctx).id);
    ctx.status = 204;
  });
  router.delete('/sets/:id/members/:account', async (ctx) => {
    const id = await owned(ctx);
    await removeMember(id, read(Id, ctx.params.account));
    ctx.body = await sharingOf(id);
  });
  router.put('/sets/:id/links/:kind', async (ctx) => {
    const id = await owned(ctx);
    const kind = read(Kind, ctx.params.kind);
    const hash = kind === 'read' ? null : await hashPassword(read(Passphrase, ctx.request.body).passphrase);
    await openLink(id, kind, hash);
    ctx.body = await sharingOf(id);
  });
  router.delete('/sets/:id/links/:kind', async (ctx) => {
    const id = await owned(ctx);
    await closeLink(id, read(Kind, ctx.params.kind));
    ctx.body = await sharingOf(id);
  });

  // Tokens come in the body, never in an address: addresses end in logs and histories.
  router.post('/shared', async (ctx) => {
    const link = await linkByToken(read(Look, ctx.request.body).token);
    const account = ctx.state.account as Account | null;
    const own = account && (await reachOf(account));
    const known = own !== null && (own.accountId === link.ownerId || own.read.includes(link.setId));
    const mayWrite = own !== null && (own.accountId === link.ownerId || own.edit.includes(link.setId));
    const { kind, title, owner, mayCopy, setId } = link;
    if (kind === 'edit') {
      ctx.body = { kind, title, owner, set: mayWrite ? setId : null };
      return;
    }
    const { set } = await readSet(link.ownerId, setId);
    const { description, credit } = set;
    const questions = await questionsOf(link.ownerId, setId);
    ctx.body = { kind, title, owner, mayCopy, description, credit, questions, set: known ? setId : null };
  });
  router.post('/shared/copy', async (ctx) => {
    const account = signedIn(ctx);
    const { token, title } = read(Copy, ctx.request.body);
    const link = await linkByToken(token);
    // A link with a passphrase shows nothing before the passphrase is said.
    if (link.kind !== 'read' || !hasRight('viewer', 'copy', link.mayCopy)) throw refusal('copy');
    ctx.status = 201;
    ctx.body = await copySet(link.ownerId, link.setId, title, account.id);
  });
  router.post('/shared/enter', async (ctx) => {
    const { token, passphrase, name } = read(Enter, ctx.request.body);
    const key = `${token} ${ctx.ip}`;
    holdBack(ctx, guesses, key);
    const link = await linkByToken(token);
    if (link.kind !== 'edit') throw new Problem(409, 'noPassphrase', 'This link needs no passphrase.');
    if (!(await passwordFits(link.passphraseHash, passphrase))) {
      guesses.failed(key, Date.now());
      throw new Problem(401, 'wrong', 'That is not the passphrase.');
    }
    const account = ctx.state.account as Account | null;
    guesses.succeeded(key);
    if (account && account.guestOf === null) {
      if (account.id !== link.ownerId) await addMember(link.setId, account.id, 'editor');
      ctx.body = { set: link.setId, account: publicPart(account) };
      return;
    }
    const guest = await createGuest(read(Name, name), link.setId);
    cookie.set(ctx, await openLogin(guest.id, Date.now()));
    ctx.body = { set: link.setId, account: publicPart(guest) };
  });
  return router;
}
