import type { SharedRef } from '@distaff/core/wire';
import Router from '@koa/router';
import { givenRoles, type GivenRole } from '@distaff/core/library';
import { Id } from '@distaff/core/text';
import * as v from 'valibot';
import { hashPassword } from '../auth/password.ts';
import type { Throttle } from '../auth/throttle.ts';
import { accessTo, accessToShow } from '../db/access.ts';
import { accountByEmail } from '../db/accounts.ts';
import type { SharedKind } from '../db/shared.ts';
import { addMember, allowCopies, closeLink, openLink, removeMember, sharingOf } from '../db/sharing.ts';
import { Problem } from '../problem.ts';
import { Email } from './accounts.ts';
import { reach, read, signedIn, type Ctx } from './context.ts';
import { Passphrase } from './passphrase.ts';
import { holdBack } from './slow.ts';

type ThingCtx = Ctx & { params: Record<string, string> };

const Copies = v.object({ mayCopy: v.boolean() });
const Invite = {
  set: v.object({ email: Email, role: v.picklist(givenRoles.set) }),
  show: v.object({ email: Email, role: v.picklist(givenRoles.show) }),
};
/** A show is not shown to whoever has a link and nothing else. */
const Kind = { set: v.picklist(['read', 'edit']), show: v.picklist(['edit']) };

/**
 * With whom a set or a show is shared, for its owner: with other hosts by name, or by a link.
 * `membersLose` hears of members who may do less from then on.
 */
export function sharingRoutes(
  what: SharedKind,
  guesses: Throttle,
  membersLose: (shared: SharedRef, account: string) => Promise<void> | void,
): Router {
  const router = new Router({ prefix: `/api/${what}s/:id` });

  /** What is asked for, where it belongs to whoever asks. */
  const owned = async (ctx: ThingCtx): Promise<SharedRef> => {
    const id = read(Id, ctx.params.id);
    if (what === 'set') await accessTo(await reach(ctx), id, 'own');
    else await accessToShow(signedIn(ctx), id, 'own');
    return { what, id };
  };
  const drop = async (shared: SharedRef, account: string) => {
    await removeMember(shared, account);
    await membersLose(shared, account);
  };

  router.get('/sharing', async (ctx) => {
    ctx.body = await sharingOf(await owned(ctx));
  });
  if (what === 'set')
    router.put('/sharing', async (ctx) => {
      const shared = await owned(ctx);
      await allowCopies(shared.id, read(Copies, ctx.request.body).mayCopy);
      ctx.body = await sharingOf(shared);
    });
  router.post('/members', async (ctx) => {
    const shared = await owned(ctx);
    const { email, role } = read<v.GenericSchema<unknown, { email: string; role: GivenRole }>>(
      Invite[what],
      ctx.request.body,
    );
    const own = signedIn(ctx);
    await holdBack(ctx, [guesses, own.id]);
    if (email === own.email) throw new Problem(409, 'self', 'ownAlready');
    const account = await accountByEmail(email);
    if (!account) {
      throw new Problem(404, 'noAccount', 'noAccount');
    }
    await guesses.succeeded(own.id);
    await addMember(shared, account.id, role);
    if (role === 'viewer') await membersLose(shared, account.id);
    ctx.body = await sharingOf(shared);
  });
  router.delete('/members/me', async (ctx) => {
    await drop({ what, id: read(Id, ctx.params.id) }, signedIn(ctx).id);
    ctx.status = 204;
  });
  router.delete('/members/:account', async (ctx) => {
    const shared = await owned(ctx);
    await drop(shared, read(Id, ctx.params.account));
    ctx.body = await sharingOf(shared);
  });
  router.put('/links/:kind', async (ctx) => {
    const shared = await owned(ctx);
    const kind = read<v.GenericSchema<unknown, 'read' | 'edit'>>(Kind[what], ctx.params.kind);
    const hash = kind === 'read' ? null : await hashPassword(read(Passphrase, ctx.request.body).passphrase);
    await openLink(shared, kind, hash);
    ctx.body = await sharingOf(shared);
  });
  router.delete('/links/:kind', async (ctx) => {
    const shared = await owned(ctx);
    await closeLink(shared, read<v.GenericSchema<unknown, 'read' | 'edit'>>(Kind[what], ctx.params.kind));
    ctx.body = await sharingOf(shared);
  });
  return router;
}
