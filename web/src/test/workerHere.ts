type Hears = (event: { data: unknown; ports: MessagePort[]; origin: string }) => void;

/**
 * Workers that run in this very thread: messages between page and worker are copied, with their ports, as they would
 * be. For `comlink` both sides need no more. Call it before the module of the worker is imported.
 */
export function workersHere(load: () => Promise<unknown>): { running: () => number; end: () => void } {
  let running = 0;
  const open: MessagePort[] = [];
  const inside = new Set<Hears>();
  const pages = new Set<Hears>();
  const deliver = (to: ReadonlySet<Hears>, data: unknown, transfer: MessagePort[] = []) => {
    const ports = transfer.filter((one) => one instanceof MessagePort);
    const sent = structuredClone({ data, ports }, { transfer: ports });
    open.push(...sent.ports);
    setTimeout(() => {
      for (const hears of to) hears({ ...sent, origin: '' });
    });
  };
  Object.assign(globalThis, {
    addEventListener: (_: string, hears: Hears) => inside.add(hears),
    removeEventListener: (_: string, hears: Hears) => inside.delete(hears),
    postMessage: (data: unknown, transfer?: MessagePort[]) => deliver(pages, data, transfer),
  });
  const loaded = load();
  globalThis.Worker = class {
    #own = new Set<Hears>();
    #ended = false;
    constructor() {
      running++;
    }
    addEventListener(_: string, hears: Hears) {
      this.#own.add(hears);
      pages.add(hears);
    }
    removeEventListener(_: string, hears: Hears) {
      this.#own.delete(hears);
      pages.delete(hears);
    }
    postMessage(data: unknown, transfer?: MessagePort[]) {
      void loaded.then(() => !this.#ended && deliver(inside, data, transfer));
    }
    terminate() {
      running--;
      this.#ended = true;
      for (const hears of this.#own) pages.delete(hears);
    }
  } as unknown as typeof Worker;
  // Ports that stay open would keep the process alive.
  return { running: () => running, end: () => open.forEach((port) => port.close()) };
}
