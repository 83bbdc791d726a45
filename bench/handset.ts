import WebSocket from 'ws';

/**
 * One handset on the wire: the Socket.IO protocol (revision 5 on Engine.IO 4) spoken on a bare
 * WebSocket, so that a thousand of them cost the load process about what its bare sockets cost.
 */
export class Handset {
  readonly #socket: WebSocket;
  #acks = new Map<number, (answer: unknown) => void>();
  #count = 0;
  /** Called with every event as it came, unread: reading a thousand views is not what is measured. */
  onEvent: (raw: string) => void = () => {};
  readonly joined: Promise<void>;

  constructor(url: string, auth: object) {
    this.#socket = new WebSocket(`${url.replace('http', 'ws')}/socket.io/?EIO=4&transport=websocket`, {
      perMessageDeflate: false,
    });
    this.joined = new Promise((resolve, reject) => {
      this.#socket.on('error', reject);
      this.#socket.on('message', (data) => {
        const raw = String(data);
        if (raw[0] === '0') this.#socket.send(`40${JSON.stringify(auth)}`);
        else if (raw[0] === '2') this.#socket.send('3');
        else if (raw.startsWith('44')) reject(new Error(raw));
        else if (raw.startsWith('43')) this.#acknowledged(raw);
        else if (raw.startsWith('42')) {
          if (raw.startsWith('42["seat"')) resolve();
          const echo = /^42(\d+)\["echo"/.exec(raw);
          if (echo) this.#socket.send(`43${echo[1]}[]`);
          else this.onEvent(raw);
        }
      });
    });
  }

  #acknowledged(raw: string): void {
    const at = raw.indexOf('[');
    const id = Number(raw.slice(2, at));
    this.#acks.get(id)?.((JSON.parse(raw.slice(at)) as unknown[])[0]);
    this.#acks.delete(id);
  }

  /** Sends an event. @returns what the server acknowledges it with. */
  ask<T>(event: string, payload: object): Promise<T> {
    const id = this.#count++;
    return new Promise((resolve) => {
      this.#acks.set(id, resolve as (answer: unknown) => void);
      this.#socket.send(`42${id}${JSON.stringify([event, payload])}`);
    });
  }

  leave(): void {
    this.#socket.close();
  }
}
