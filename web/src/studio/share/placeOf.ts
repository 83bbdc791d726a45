import type { SharedRef } from '../../api/server.ts';

/** Where a set or a show is written. */
export const placeOf = ({ what, id }: SharedRef): { path: string; query?: { set: string } } =>
  what === 'set' ? { path: '/studio/questions', query: { set: id } } : { path: `/studio/shows/${id}` };
