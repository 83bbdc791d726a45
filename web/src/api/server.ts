import type { BoardView, Results, Show, Team } from '@distaff/core';
import { call } from './client.ts';

export interface Account {
  id: string;
  email: string;
  name: string;
}
export interface StoredShow {
  id: string;
  version: number;
  updatedAt: string;
  show: Show;
}
export interface ShowSummary {
  id: string;
  title: string;
  updatedAt: string;
  questions: number;
  teams: number;
}
export interface SittingInfo {
  id: string;
  showId: string | null;
  title: string;
  code: string;
  stageKey: string;
  openedAt: string;
  closedAt: string | null;
}
export interface SittingResults {
  sitting: SittingInfo;
  results: Results;
  board: BoardView | null;
  teams: Team[];
}

/** Every call that the pages make, by name. */
export const server = {
  me: () => call<{ account: Account | null }>('GET', '/api/me'),
  signUp: (email: string, name: string, password: string) =>
    call<{ account: Account }>('POST', '/api/accounts', { email, name, password }),
  signIn: (email: string, password: string) =>
    call<{ account: Account }>('POST', '/api/login', { email, password }),
  signOut: () => call<void>('DELETE', '/api/login'),

  shows: (deleted: boolean, offset: number, limit: number) =>
    call<{ shows: ShowSummary[]; total: number }>(
      'GET',
      `/api/shows?limit=${limit}&offset=${offset}${deleted ? '&deleted=1' : ''}`,
    ),
  createShow: (show: Show) => call<StoredShow>('POST', '/api/shows', { show }),
  show: (id: string) => call<StoredShow>('GET', `/api/shows/${id}`),
  saveShow: (id: string, version: number, show: Show, keepalive = false) =>
    call<StoredShow>('PUT', `/api/shows/${id}`, { version, show }, keepalive),
  duplicateShow: (id: string, title: string) =>
    call<StoredShow>('POST', `/api/shows/${id}/duplicate`, { title }),
  deleteShow: (id: string) => call<void>('DELETE', `/api/shows/${id}`),
  restoreShow: (id: string) => call<StoredShow>('POST', `/api/shows/${id}/restore`),
  openDoors: (id: string) => call<SittingInfo>('POST', `/api/shows/${id}/sittings`),

  address: () => call<{ players: string | null }>('GET', '/api/address'),
  sittings: (offset: number, limit: number) =>
    call<{ sittings: SittingInfo[]; total: number }>('GET', `/api/sittings?limit=${limit}&offset=${offset}`),
  sitting: (id: string) => call<SittingInfo>('GET', `/api/sittings/${id}`),
  results: (id: string) => call<SittingResults>('GET', `/api/sittings/${id}/results`),
  join: (code: string) =>
    call<{ code: string; title: string }>('GET', `/api/join/${encodeURIComponent(code)}`),
};
