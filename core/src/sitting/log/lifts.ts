/** An event or a show as it was stored: nothing is known of it but that it is an object. */
export type Stored = Record<string, unknown>;

/**
 * Brings one event from a version of logs to the next; `show` is the one that the doors opened for, as far as it
 * was lifted. Small and pure: it says what was meant then where today something has to be said.
 */
export type Lift = (event: Stored, show: Stored) => Stored;

/** The earliest logs left unsaid what has several answers today. */
const saysWhoAndHow: Lift = (event, show) => {
  switch (event.type) {
    case 'doorsOpened':
      return { pace: { factor: 1, sittings: 0 }, ...event };
    case 'picked':
      return { mode: 'turn', ...event };
    case 'answered': {
      const { mode } = { mode: 'none', ...(show.devices as { mode?: string } | undefined) };
      return { who: mode === 'each' && event.seat ? event.seat : event.team, ...event };
    }
    case 'ruled':
      return { who: event.team, ...event };
    case 'settled':
      return { results: null, ...event };
    default:
      return event;
  }
};

/** `lifts[n]` leads from version n + 1 to n + 2. A new version of events is a new lift at the end. */
export const lifts: readonly Lift[] = [saysWhoAndHow];

/** The version in which events are written today. */
export const LOG_VERSION = lifts.length + 1;
