import type { ToClient, Unread } from '@distaff/core/wire';
import type { Server, Socket } from 'socket.io';

/** The sockets with what goes over them: what we tell is typed, what we hear is read before it is believed. */
export type LiveServer = Server<Unread, ToClient>;
export type LiveSocket = Socket<Unread, ToClient>;
