import { defaultDevices } from '../show/devices.ts';
import { defaultDoors } from '../show/doors.ts';
import { NO_TEMPO } from '../show/length/tempo.ts';
import type { SittingState } from './state.ts';

/** The state of a sitting before anything happened. */
export function emptyState(): SittingState {
  return {
    seq: 0,
    muted: false,
    reactions: true,
    locked: false,
    phase: 'lobby',
    code: '',
    show: {
      title: '',
      teams: [],
      devices: defaultDevices,
      doors: defaultDoors,
      rounds: [],
      questions: {},
    },
    teams: [],
    seats: new Map(),
    taken: { all: 0, of: new Map() },
    begun: [],
    round: null,
    turn: '',
    wishes: new Map(),
    skips: new Set(),
    turnsTaken: new Map(),
    question: null,
    asked: new Map(),
    played: [],
    plays: new Map(),
    ledger: [],
    spinner: null,
    drawn: new Map(),
    boosts: new Map(),
    running: [],
    paid: new Map(),
    scores: new Map(),
    since: 0,
    standings: false,
    changes: new Map(),
    changesBefore: new Map(),
    steps: [],
    steppedAt: 0,
    steppedWith: 0,
    held: false,
    forward: [],
    commands: new Set(),
    earlier: new Map(),
    openedAt: 0,
    startedAt: null,
    closedAt: null,
    pace: NO_TEMPO,
  };
}
