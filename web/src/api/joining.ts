import { call } from './client.ts';

/** What a phone asks before it is in; the calls of the studio (`server.ts`) are not carried to it. */
export const joining = {
  find: (code: string) =>
    call<{ code: string; title: string; practice: boolean }>('GET', `/api/join/${encodeURIComponent(code)}`),
  /** Where players come in, if the server knows a name of its own for that. */
  address: () => call<{ players: string | null }>('GET', '/api/address'),
};
