/** What goes over the wire, for both sides: an entry of its own, with nothing but types. */
export type * from './http.ts';
export type * from './reactions.ts';
export type * from './socket.ts';
export type * from './practice.ts';
export type * from './problemNames.ts';
