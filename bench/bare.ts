import type { AddressInfo } from 'node:net';
import { WebSocketServer } from 'ws';

/** The least that a server can do: acknowledge each message, pass an "open" on to all, store nothing. */
const server = new WebSocketServer({ port: 0, host: '127.0.0.1', perMessageDeflate: false });
/** As large as a view of the handset with an open question. */
const view = JSON.stringify({ step: 'open', filler: 'x'.repeat(1200) });

server.on('connection', (socket) => {
  socket.on('message', (data) => {
    const text = String(data);
    if (text === 'open') for (const client of server.clients) client.send(view);
    else socket.send(JSON.stringify({ ok: true, id: (JSON.parse(text) as { id: string }).id }));
  });
});
server.on('listening', () => process.send!((server.address() as AddressInfo).port));
