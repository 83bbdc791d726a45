import { seeded } from '../../random/seeded.ts';
import type { Report } from '../../report/report.ts';
import type { Results } from '../../report/results.ts';
import type { Statement } from './statement.ts';

/** Verbs and kinds of activities from ADL's own vocabulary. */
const VERB = 'http://adlnet.gov/expapi/verbs/';
const TYPE = 'http://adlnet.gov/expapi/activities/';

/** An id that is the same whenever the same is said: what is sent twice is one statement (form of RFC 4122, version 4). */
function uuidOf(text: string): string {
  const random = seeded(`xapi ${text}`);
  const hex = Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16));
  hex[12] = '4';
  hex[16] = '89ab'[Math.floor(random() * 4)]!;
  const all = hex.join('');
  return [all.slice(0, 8), all.slice(8, 12), all.slice(12, 16), all.slice(16, 20), all.slice(20)].join('-');
}
/** A duration to a tenth of a second. */
const duration = (seconds: number): string => `PT${Math.round(seconds * 10) / 10}S`;
/** “und”: nobody said in which language. */
const inAny = (text: string) => ({ und: text });

/**
 * What everybody answered in a game, and how they came out, as statements of the Experience API. Answers that have no
 * name, and questions without a correct answer, are none of it.
 * @param game where it stands: its id, the address of the server, and when it was over (ISO 8601).
 */
export function statementsOf(
  { results, report }: { results: Results; report: Report },
  game: { id: string; home: string; at: string },
): Statement[] {
  const activity = `${game.home}/results/${game.id}`;
  const whole = {
    objectType: 'Activity' as const,
    id: activity,
    definition: { name: inAny(results.title), type: `${TYPE}assessment` },
  };
  const agents = new Map(
    report.knowers.map(({ id, name }) => [
      id,
      {
        objectType: 'Agent' as const,
        ...(name === '' ? {} : { name }),
        account: { homePage: game.home, name: `${game.id}/${id}` },
      },
    ]),
  );
  const asked = new Set(report.items.map(({ number }) => number));
  const answers = results.responses.flatMap((row): Statement[] => {
    const actor = row.knower === null ? undefined : agents.get(row.knower);
    if (!actor || !asked.has(row.number) || row.answer === '') return [];
    const said = `${game.id} ${row.knower} ${row.play} ${row.answer} ${row.verdict} ${row.share}`;
    return [
      {
        id: uuidOf(said),
        actor,
        verb: { id: `${VERB}answered`, display: { en: 'answered' } },
        object: {
          objectType: 'Activity',
          id: `${activity}/questions/${row.number}`,
          definition: { name: inAny(row.prompt), type: `${TYPE}cmi.interaction` },
        },
        result: {
          ...(row.share === null ? {} : { score: { scaled: row.share }, success: row.share === 1 }),
          completion: true,
          response: row.answer,
          ...(row.seconds === null ? {} : { duration: duration(row.seconds) }),
        },
        context: { platform: 'Distaff', contextActivities: { parent: [whole] } },
        timestamp: game.at,
      },
    ];
  });
  const ends = report.knowers.flatMap(({ id, share, score }): Statement[] =>
    share === null
      ? []
      : [
          {
            id: uuidOf(`${game.id} ${id} end ${share} ${score}`),
            actor: agents.get(id)!,
            verb: { id: `${VERB}completed`, display: { en: 'completed' } },
            object: whole,
            result: { score: { scaled: share, raw: score }, completion: true },
            context: { platform: 'Distaff' },
            timestamp: game.at,
          },
        ],
  );
  return [...answers, ...ends];
}
