import type { Account } from '@distaff/core/wire';
import type { Context } from 'koa';
import { accountByLogin, LOGIN_LASTS } from '../db/logins.ts';

/**
 * The cookie of a login session. Over https its name binds it to this host alone; plain http on a
 * classroom's own network has to do without.
 */
export class LoginCookie {
  readonly #secure: boolean;

  constructor(publicUrl: string | null) {
    this.#secure = publicUrl?.startsWith('https:') ?? false;
  }

  get name(): string {
    return this.#secure ? '__Host-distaff' : 'distaff';
  }

  set(ctx: Context, token: string | null): void {
    const parts = [
      `${this.name}=${token ?? ''}`,
      'Path=/',
      'HttpOnly',
      'SameSite=Lax',
      `Max-Age=${token === null ? 0 : LOGIN_LASTS / 1000}`,
      ...(this.#secure ? ['Secure'] : []),
    ];
    ctx.append('Set-Cookie', parts.join('; '));
  }

  read(header: string | undefined): string | null {
    for (const pair of (header ?? '').split(';')) {
      const [name, value] = pair.trim().split('=', 2);
      if (name === this.name && value) return value;
    }
    return null;
  }

  /** The account that a request's cookies belong to. */
  async account(header: string | undefined): Promise<Account | null> {
    const token = this.read(header);
    return token ? accountByLogin(token, Date.now()) : null;
  }
}
