import type {
  Book,
  BookRequest,
  DeskView,
  HostCommand,
  PublicView,
  SeatCommand,
  SeatView,
  StageCommand,
  StageView,
} from '@distaff/core/sitting';
import { clockOffset, type TimeSample } from '@distaff/core/time';
import type { Refusal } from '@distaff/core/refusal';
import { type RehearsalTold, type RehearsalWish, virtualAt } from '@distaff/core/rehearsal';
import type { Acknowledged, Hello, Keys, SeatClaim, ToClient, ToServer } from '@distaff/core/wire';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { io, type Socket } from 'socket.io-client';
import { computed, ref, shallowRef } from 'vue';

type LiveSocket = Socket<ToClient, ToServer>;

interface Waiting {
  event: 'command' | 'join' | 'claim';
  payload: object;
  settle: (answer: Acknowledged) => void;
}

const CONNECT_WITHIN = 6000;
const ANSWER_WITHIN = 4000;
const AGAIN_AFTER = 400;
const SAMPLES = 8;
const RESAMPLE_EVERY = 20_000;
/** What waited when the page was left is answered, so that nobody waits for it for ever. */
const LEFT: Refusal = { refused: 'notNow', sentence: '' };
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * The one client of a sitting, for all live surfaces. It comes back by itself after any loss of
 * connection; what was asked meanwhile waits and is sent with the same id, so that nothing is lost
 * and nothing done twice.
 */
export const useSitting = defineStore('sitting', () => {
  const view = shallowRef<PublicView | StageView | DeskView | null>(null);
  const seat = shallowRef<SeatView | null>(null);
  const present = shallowRef<ReadonlySet<string>>(new Set());
  const keys = shallowRef<Keys | null>(null);
  /** Who asks the host for a seat on another device. */
  const claims = shallowRef<readonly SeatClaim[]>([]);
  const connected = ref(false);
  /** Why this surface may not be here; a sentence from the server. */
  const turnedAway = ref<{ code: string; sentence: string } | null>(null);
  const waiting = ref(0);
  /** What the server says about why something is not done yet; it is asked again until it is. */
  const trouble = ref('');
  const offset = ref(0);
  /** How a rehearsal is run, where this is one. */
  const rehearsal = shallowRef<RehearsalTold | null>(null);
  /** The time of the sitting (ms), as far as this device knows it; in a rehearsal it may run faster. */
  function serverNow(): number {
    const real = Date.now() + offset.value;
    return rehearsal.value ? virtualAt(rehearsal.value.clock, real) : real;
  }

  let socket: LiveSocket | null = null;
  const queue: Waiting[] = [];
  let sending = false;
  let samples: TimeSample[] = [];
  let resample: ReturnType<typeof setInterval> | undefined;
  let seatKnown: () => void = () => {};
  let claimSettled: (yes: boolean) => void = () => {};

  function connect(hello: () => Hello): void {
    leave();
    const own: LiveSocket = io({
      auth: (give) => give(hello()),
      transports: ['websocket', 'polling'],
      // A phone that comes back must not sit out an attempt that was lost on the way.
      timeout: CONNECT_WITHIN,
      reconnectionDelay: 200,
      reconnectionDelayMax: 1500,
      randomizationFactor: 0.3,
    });
    socket = own;
    /** What an abandoned connection still hears is no concern of the one that followed. */
    const mine = () => socket === own;
    own.on('connect', () => {
      connected.value = true;
      turnedAway.value = null;
      samples = [];
      void sampleTime(own);
      void sendOn();
    });
    own.on('disconnect', (reason) => {
      connected.value = false;
      // The server only ends a connection that it could not serve: come again.
      if (reason === 'io server disconnect') setTimeout(() => mine() && own.connect(), AGAIN_AFTER);
    });
    own.on(
      'connect_error',
      (error: Error & { data?: { code: string; sentence: string; final: boolean } }) => {
        connected.value = false;
        if (error.data?.final) turnedAway.value = { code: error.data.code, sentence: error.data.sentence };
        else if (error.data) setTimeout(() => mine() && own.connect(), 1000);
      },
    );
    own.on('view', (next: PublicView) => {
      if (!view.value || next.seq >= view.value.seq) view.value = next;
    });
    own.on('seat', (next: SeatView | null) => {
      seat.value = next;
      seatKnown();
    });
    // The server measures by itself how long the way here is.
    own.on('echo', (reply: () => void) => reply());
    own.on('keys', (given) => (keys.value = { coHost: false, ...keys.value, ...given }));
    own.on('rehearsal', (told: RehearsalTold) => (rehearsal.value = told));
    own.on('present', (seats: string[]) => (present.value = new Set(seats)));
    own.on('claims', (waits) => (claims.value = waits));
    own.on('claimed', (yes: boolean) => claimSettled(yes));
    resample = setInterval(() => own.connected && void sampleTime(own, 1), RESAMPLE_EVERY);
  }

  function leave(): void {
    socket?.removeAllListeners();
    socket?.disconnect();
    socket = null;
    clearInterval(resample);
    for (const { settle } of queue.splice(0)) settle(LEFT);
    claims.value = [];
    waiting.value = 0;
    view.value = null;
    seat.value = null;
    rehearsal.value = null;
    connected.value = false;
    turnedAway.value = null;
  }

  async function sampleTime(own: LiveSocket, count = SAMPLES): Promise<void> {
    for (let i = 0; i < count && own.connected; i++) {
      const sent = Date.now();
      try {
        const server = (await own.timeout(2000).emitWithAck('time')) as number;
        samples = [...samples, { sent, server, received: Date.now() }].slice(-SAMPLES);
        offset.value = clockOffset(samples)?.offset ?? 0;
      } catch {
        return;
      }
      if (count > 1) await pause(60);
    }
  }

  function put(event: Waiting['event'], payload: object): Promise<Acknowledged> {
    return new Promise((settle) => {
      queue.push({ event, payload, settle });
      waiting.value = queue.length;
      void sendOn();
    });
  }

  /** Sends what waits, one after the other; stops where there is no connection. */
  async function sendOn(): Promise<void> {
    if (sending) return;
    sending = true;
    try {
      while (queue.length > 0 && socket?.connected) {
        const own = socket;
        const first = queue[0]!;
        const answer = await own
          .timeout(ANSWER_WITHIN)
          .emitWithAck(first.event, first.payload)
          .then(
            (one) => one as Acknowledged,
            () => null,
          );
        if (answer === null || ('refused' in answer && answer.refused === 'retry')) {
          trouble.value = answer?.sentence ?? '';
          if (socket?.connected) await pause(AGAIN_AFTER);
          continue;
        }
        // What it changed for this seat comes with the answer.
        if ('seat' in answer && answer.seat && seat.value) {
          seat.value = { ...seat.value, ...answer.seat };
          seatKnown();
        }
        trouble.value = '';
        queue.shift();
        waiting.value = queue.length;
        first.settle(answer);
      }
    } finally {
      sending = false;
    }
  }

  /** Asks for something; answers when it is done and stored, or refused. */
  const send = (command: HostCommand | StageCommand | SeatCommand) =>
    put('command', { id: nanoid(), command });

  /** Looks something up for the desk. @returns null where that did not work just now. */
  const lookUp = async (asked: BookRequest): Promise<Book | null> => {
    const answer: unknown = await socket
      ?.timeout(ANSWER_WITHIN)
      .emitWithAck('book', asked)
      .catch(() => null);
    return (answer as Book | null | undefined) ?? null;
  };

  /** Says how a rehearsal is to be run. */
  const runRehearsal = (wish: RehearsalWish) => void socket?.emit('rehearsal', wish);

  /** Takes a seat with a token that this device made and keeps. */
  const join = (token: string, name: string, team: string) =>
    put('join', { id: nanoid(), token, name, team });

  /** Asks for a seat of one's own on this device: by the code that the host reads out, or by name and nod. */
  const claimSeat = (token: string, by: { code: string } | { name: string }) =>
    put('claim', { id: nanoid(), token, by });
  const onClaimed = (callback: (yes: boolean) => void) => (claimSettled = callback);
  /** For the desk: a code that leads another device to a seat; and the nod to somebody who asks. */
  const seatCode = async (seatId: string): Promise<string | null> =>
    ((await socket
      ?.timeout(ANSWER_WITHIN)
      .emitWithAck('seatCode', { seat: seatId })
      .catch(() => null)) as string | null | undefined) ?? null;
  const nod = (claim: string, yes: boolean) => void socket?.emit('claim', { claim, yes });

  /** Calls back each time the server said which seat this device holds, or that it holds none. */
  const onSeat = (callback: () => void) => (seatKnown = callback);

  const desk = computed(() => view.value as DeskView | null);
  const stage = computed(() => view.value as StageView | null);
  return {
    view,
    desk,
    stage,
    seat,
    present,
    keys,
    connected,
    turnedAway,
    waiting,
    trouble,
    serverNow,
    rehearsal,
    runRehearsal,
    connect,
    leave,
    send,
    lookUp,
    join,
    onSeat,
    claims,
    claimSeat,
    onClaimed,
    seatCode,
    nod,
  };
});
