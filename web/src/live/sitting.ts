import { told, type Said } from '../words/told.ts';
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
import { type RehearsalTold, type RehearsalWish, virtualAt } from '@distaff/core/rehearsal';
import type { SoundName } from '@distaff/core/show';
import { settledForGood } from '@distaff/core/document';
import type {
  Acknowledged,
  Hello,
  Keys,
  Reaction,
  ReactionCounts,
  SeatClaim,
  ToClient,
  ToServer,
} from '@distaff/core/wire';
import { useIntervalFn } from '@vueuse/core';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { io, type Socket } from 'socket.io-client';
import { computed, ref, shallowRef } from 'vue';
import { sendQueue } from './sendQueue.ts';
import { serverClock } from './serverClock.ts';

type LiveSocket = Socket<ToClient, ToServer>;
/** Why a connection was refused; what is not final is tried again. */
type Refused = Error & { data?: Said & { code: string; final: boolean } };

/** How long is waited (ms): for a connection, for an answer, for the time, until the next attempt. */
const WITHIN = { connect: 6000, answer: 4000, time: 2000 };
const AGAIN_AFTER = { end: 400, refusal: 1000 };
const RESAMPLE_EVERY = 20_000;

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
  /** What people have shown since it was told last. */
  const reacted = shallowRef<ReactionCounts | null>(null);
  /** The sound that the host wants to be heard, told anew each time. */
  const cued = shallowRef<{ name: SoundName | null } | null>(null);
  const connected = ref(false);
  /** Why this surface may not be here; a sentence from the server. */
  const turnedAway = ref<{ code: string; sentence: string } | null>(null);
  /** How a rehearsal is run, where this is one. */
  const rehearsal = shallowRef<RehearsalTold | null>(null);

  let socket: LiveSocket | null = null;
  let seatKnown: () => void = () => {};
  let claimSettled: (yes: boolean) => void = () => {};

  const clock = serverClock(async () => (await socket!.timeout(WITHIN.time).emitWithAck('time')) as number);
  useIntervalFn(() => socket?.connected && void clock.sample(1), RESAMPLE_EVERY);
  /** The time of the sitting (ms), as far as this device knows it; in a rehearsal it may run faster. */
  const serverNow = (): number =>
    rehearsal.value ? virtualAt(rehearsal.value.clock, clock.now()) : clock.now();

  const queue = sendQueue(
    {
      isOpen: () => socket?.connected ?? false,
      send: (asked, payload) =>
        socket!
          .timeout(WITHIN.answer)
          .emitWithAck(asked, payload)
          .then(
            (answer) => answer as Acknowledged,
            () => null,
          ),
    },
    (answer) => {
      // What it changed for this seat comes with the answer.
      if (!('seat' in answer) || !answer.seat || !seat.value) return;
      seat.value = { ...seat.value, ...answer.seat };
      seatKnown();
    },
  );

  function connect(hello: () => Hello): void {
    leave();
    const own: LiveSocket = io({
      auth: (give) => give(hello()),
      transports: ['websocket', 'polling'],
      // A phone that comes back must not sit out an attempt that was lost on the way.
      timeout: WITHIN.connect,
      reconnectionDelay: 200,
      reconnectionDelayMax: 1500,
      randomizationFactor: 0.3,
    });
    socket = own;
    // An abandoned connection is no concern of the one that followed.
    const again = (ms: number) => setTimeout(() => socket === own && own.connect(), ms);
    own.on('connect', () => {
      connected.value = true;
      turnedAway.value = null;
      clock.begin();
      void clock.sample();
      void queue.sendOn();
    });
    own.on('disconnect', (reason) => {
      connected.value = false;
      // The server only ends a connection that it could not serve: come again.
      if (reason === 'io server disconnect') again(AGAIN_AFTER.end);
    });
    own.on('connect_error', ({ data }: Refused) => {
      connected.value = false;
      if (data?.final) turnedAway.value = { code: data.code, sentence: told(data) };
      else if (data) again(AGAIN_AFTER.refusal);
    });
    listen(own);
  }

  function listen(own: LiveSocket): void {
    own.on('view', (next) => {
      if (!view.value || next.seq >= view.value.seq) view.value = settledForGood(next);
    });
    own.on('seat', (next) => {
      seat.value = settledForGood(next);
      seatKnown();
    });
    // The server measures by itself how long the way here is.
    own.on('echo', (reply) => reply());
    own.on('keys', (given) => (keys.value = { coHost: false, ...keys.value, ...given }));
    own.on('rehearsal', (told) => (rehearsal.value = told));
    own.on('present', (seats) => (present.value = new Set(seats)));
    own.on('claims', (waits) => (claims.value = waits));
    own.on('reacted', (counts) => (reacted.value = counts));
    own.on('cued', (name) => (cued.value = { name }));
    own.on('claimed', (yes) => claimSettled(yes));
  }

  function leave(): void {
    socket?.removeAllListeners();
    socket?.disconnect();
    socket = null;
    queue.clear();
    claims.value = [];
    view.value = null;
    seat.value = null;
    rehearsal.value = null;
    connected.value = false;
    turnedAway.value = null;
  }

  /** Asks for something; answers when it is done and stored, or refused. */
  const send = (command: HostCommand | StageCommand | SeatCommand) =>
    queue.put('command', { id: nanoid(), command });
  /** Takes a seat with a token that this device made and keeps. */
  const join = (token: string, name: string, team: string) =>
    queue.put('join', { id: nanoid(), token, name, team });
  /** Asks for a seat of one's own on this device: by the code that the host reads out, or by name and nod. */
  const claimSeat = (token: string, by: { code: string } | { name: string }) =>
    queue.put('claim', { id: nanoid(), token, by });

  /** What is only asked: null where there is no connection, or no answer in time. */
  const lookedUp = <T>(answer: Promise<unknown> | undefined): Promise<T | null> =>
    (answer ?? Promise.resolve(null)).then(
      (one) => one as T,
      () => null,
    );
  const answering = () => socket?.timeout(WITHIN.answer);
  /** Looks something up for the desk. */
  const lookUp = (asked: BookRequest) => lookedUp<Book>(answering()?.emitWithAck('book', asked));
  /** For the desk: a code that leads another device to a seat; and the nod to somebody who asks. */
  const seatCode = (id: string) => lookedUp<string>(answering()?.emitWithAck('seatCode', { seat: id }));
  const nod = (claim: string, yes: boolean) => void socket?.emit('claim', { claim, yes });
  /** Shows the stage what one feels: where it does not arrive, nothing is lost. */
  const react = (what: Reaction) => void socket?.volatile.emit('react', what);
  /** Lets a sound be heard on the stage, or ends it. */
  const cue = (name: SoundName | null) => void socket?.volatile.emit('cue', name);
  /** Says how a rehearsal is to be run. */
  const runRehearsal = (wish: RehearsalWish) => void socket?.emit('rehearsal', wish);

  /** Calls back each time the server said which seat this device holds, or that it holds none. */
  const onSeat = (callback: () => void) => (seatKnown = callback);
  const onClaimed = (callback: (yes: boolean) => void) => (claimSettled = callback);

  const { waiting, trouble } = queue;
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
    reacted,
    cued,
    cue,
    react,
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
