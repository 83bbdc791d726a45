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

/** A show without the people whom it names: who may come in, and who belongs to which team. */
function withoutPeople(show: Show): Show {
  return {
    ...show,
    teams: show.teams.map(({ members: _, ...team }) => team),
    doors: { ...show.doors, roster: [] },
  };
}

/**
 * A log in which nobody can be found any more: no names, no tokens by which a phone is known, nothing that was typed, nor
 * why the host gave points by hand – also in what was taken back. Everything else stays, so that all figures are what
 * they were; who wrote the same still did.
 */
export function anonymised(log: readonly LoggedEvent[]): LoggedEvent[] {
  const seat = numbered('#');
  const words = numbered('*');
  const group = numbered('*G');
  const typed = (answer: Record<string, unknown>): Record<string, unknown> =>
    typeof answer.text === 'string' ? { ...answer, text: words(foldText(answer.text)) } : answer;
  const tokens = new Set(
    log.flatMap((one) => (one.type === 'seatTaken' || one.type === 'seatGiven' ? [one.token] : [])),
  );
  const withoutToken = (event: LoggedEvent): LoggedEvent =>
    tokens.has(event.actor.id) ? { ...event, actor: { ...event.actor, id: '' } } : event;

  return log.map((event): LoggedEvent => {
    const one = withoutToken(event);
    switch (one.type) {
      case 'doorsOpened': {
        const { earlier: _, ...rest } = one;
        return { ...rest, show: withoutPeople(one.show) };
      }
      case 'seatTaken': {
        const { asked: _, ...rest } = one;
        return { ...rest, name: seat(one.seat), token: '' };
      }
      case 'seatRenamed':
        return { ...one, name: seat(one.seat) };
      case 'seatGiven':
        return { ...one, token: '' };
      case 'answered':
      case 'advised':
        return { ...one, answer: typed(one.answer) };
      case 'grouped':
        return {
          ...one,
          words: one.words.map((said) => foldText(words(said))),
          into: one.into === null ? null : group(one.into),
        };
      case 'scored':
        return one.cause.by === 'hand' ? { ...one, cause: { ...one.cause, reason: '…' } } : one;
      case 'spun':
        return one.reason === undefined ? one : { ...one, reason: '…' };
      default:
        return one;
    }
  });
}
