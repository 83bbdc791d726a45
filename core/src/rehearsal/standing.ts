import type { LoggedEvent } from '../sitting/events.ts';

const PEOPLE = new Set(['doorsOpened', 'seatTaken', 'seatRenamed', 'seatMoved', 'seatRemoved', 'outage']);
const BACK = new Set(['undone', 'redone', 'answerUndone']);

/** Who alone had the question that an event is about; null where it was a matter of all. */
function ofOne(event: LoggedEvent): string | null {
  if (event.type === 'asked' || event.type === 'withdrawn') return event.to;
  if (event.type === 'answered') return event.play === undefined ? null : event.who;
  if (event.type === 'marked') return event.play === undefined ? null : event.marks[0]![0];
  return event.type === 'settled' || event.type === 'scored' ? (event.to ?? null) : null;
}

/** Events that people did not take back; seats stay where they are. */
export function standing(log: readonly LoggedEvent[]): LoggedEvent[] {
  const gone = new Map<number, Set<number>>();
  const dead = new Set<number>();
  const alive = (before: number) => log.filter((one) => one.seq < before && !dead.has(one.seq));
  for (const event of log) {
    if (event.type === 'redone') for (const seq of gone.get(event.of) ?? []) dead.delete(seq);
    const lost =
      event.type === 'undone'
        ? withStep(alive(event.seq), event.from)
        : event.type === 'answerUndone'
          ? withAnswer(alive(event.seq), event.to, event.play)
          : null;
    if (!lost) continue;
    gone.set(event.seq, new Set(lost));
    for (const seq of lost) dead.add(seq);
  }
  return log.filter((event) => !dead.has(event.seq));
}

/** What a step takes with it: all since, but not what people did alone meanwhile, where their round stays. */
function withStep(alive: readonly LoggedEvent[], from: number): number[] {
  const since = alive.filter(({ seq, type }) => seq >= from && !PEOPLE.has(type) && !BACK.has(type));
  const step = since.find(({ seq }) => seq === from);
  const begins = since.find(({ type }) => type === 'roundStarted' || type === 'roundBegan')?.seq ?? Infinity;
  const withRuling = since.filter(
    (one) => step?.type === 'ruled' && one.command === step.command && one.at === step.at,
  );
  const who = withRuling.flatMap((one) => (one.type === 'settled' ? (ofOne(one) ?? []) : []))[0];
  return since
    .filter((one) => {
      const own = ofOne(one);
      return own === null || one.seq > begins || own === who || withRuling.includes(one);
    })
    .map(({ seq }) => seq);
}

/** What the answer of one takes with it: all that they were asked since, and what was ruled on it. */
function withAnswer(alive: readonly LoggedEvent[], to: string, play: number): number[] {
  const plays = new Set(
    alive.filter((one) => one.type === 'asked' && one.to === to && one.seq >= play).map(({ seq }) => seq),
  );
  const about = (one: LoggedEvent) => {
    if (one.type === 'scored' && one.cause.by === 'ruling') return plays.has(one.cause.play ?? -1);
    return (one.type === 'ruled' || one.type === 'resettled') && plays.has(one.play ?? -1);
  };
  return alive.filter((one) => one.seq > play && (ofOne(one) === to || about(one))).map(({ seq }) => seq);
}
