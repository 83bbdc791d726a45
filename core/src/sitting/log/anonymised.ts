import type { Show } from '../../show/show.ts';
import { foldText } from '../../text/fold.ts';
import type { LoggedEvent } from '../events.ts';

/** A number for each thing, the same for the same, in the order in which they come up. */
function numbered(mark: string): (thing: string) => string {
  const known = new Map<string, string>();
  return (thing) => {
    const number = known.get(thing) ?? `${mark}${known.size + 1}`;
    known.set(thing, number);
    return number;
  };
}

/** A show without the people whom it names – who may come in, and who belongs to which team –, all or some of them. */
export function withoutPeople(show: Show, isGone: (name: string) => boolean): Show {
  const left = (names: readonly string[]) => names.filter((name) => !isGone(name));
  return {
    ...show,
    teams: show.teams.map(({ members, ...team }) =>
      members && left(members).length > 0 ? { ...team, members: left(members) } : team,
    ),
    doors: { ...show.doors, roster: left(show.doors.roster) },
  };
}

const typedIn = (answer: Record<string, unknown>): string | null =>
  typeof answer.text === 'string' ? foldText(answer.text) : null;

/**
 * A log in which nobody can be found any more: no names, no tokens by which a phone is known, nothing that was typed, nor
 * why the host gave points by hand – also in what was taken back. Everything else stays, so that all figures are what
 * they were; who wrote the same still did.
 * @param only the seats of those who go, where not everybody does: then what others wrote stays, but for reasons that
 * name somebody who goes. @param alias further names of theirs, as lists may have them.
 */
export function anonymised(
  log: readonly LoggedEvent[],
  only: ReadonlySet<string> | null = null,
  alias: readonly string[] = [],
): LoggedEvent[] {
  const seat = numbered('#');
  const words = numbered('*');
  const group = numbered('*G');
  const goes = (one: string | null) => only === null || (one !== null && only.has(one));
  const names = new Set(alias.map(foldText));
  const tokens = new Set<string>();
  const kept = new Set<string>();
  for (const one of log) {
    if ((one.type === 'seatTaken' || one.type === 'seatRenamed') && goes(one.seat))
      names.add(foldText(one.name));
    if ((one.type === 'seatTaken' || one.type === 'seatGiven') && goes(one.seat)) tokens.add(one.token);
    if ((one.type === 'answered' || one.type === 'advised') && !goes(one.seat)) {
      const said = typedIn(one.answer);
      if (said !== null) kept.add(said);
    }
  }
  const isGone = (name: string) => only === null || names.has(foldText(name));
  const namesOne = (reason: string) => {
    const folded = ` ${foldText(reason)} `;
    return only === null || [...names].some((name) => name !== '' && folded.includes(` ${name} `));
  };
  /** What others wrote as well tells nothing of whoever goes. */
  const told = (said: string) => (kept.has(said) ? said : words(said));
  const typed = (answer: Record<string, unknown>): Record<string, unknown> => {
    const said = typedIn(answer);
    return said === null || kept.has(said) ? answer : { ...answer, text: words(said) };
  };
  const withoutToken = (event: LoggedEvent): LoggedEvent =>
    tokens.has(event.actor.id) ? { ...event, actor: { ...event.actor, id: '' } } : event;
  const ofThose = new Set(
    log.flatMap((one) => (one.type === 'answered' && goes(one.seat) ? (typedIn(one.answer) ?? []) : [])),
  );

  return log.map((event): LoggedEvent => {
    const one = withoutToken(event);
    switch (one.type) {
      case 'doorsOpened': {
        const { earlier, ...rest } = one;
        const show = withoutPeople(one.show, isGone);
        return only !== null && earlier ? { ...rest, show, earlier } : { ...rest, show };
      }
      case 'seatTaken': {
        if (!goes(one.seat)) return one;
        const { asked: _, ...rest } = one;
        return { ...rest, name: seat(one.seat), token: '' };
      }
      case 'seatRenamed':
        return goes(one.seat) ? { ...one, name: seat(one.seat) } : one;
      case 'seatGiven':
        return goes(one.seat) ? { ...one, token: '' } : one;
      case 'answered':
      case 'advised':
        return goes(one.seat) ? { ...one, answer: typed(one.answer) } : one;
      case 'grouped':
        return {
          ...one,
          words: one.words.map((said) => (only === null || ofThose.has(said) ? foldText(told(said)) : said)),
          into: one.into === null || only !== null ? one.into : group(one.into),
        };
      case 'scored':
        return one.cause.by === 'hand' && namesOne(one.cause.reason)
          ? { ...one, cause: { ...one.cause, reason: '…' } }
          : one;
      case 'spun':
        return one.reason === undefined || !namesOne(one.reason) ? one : { ...one, reason: '…' };
      default:
        return one;
    }
  });
}
