import { formatOf } from '../../formats/index.ts';
import { filesOf } from '../../question/media.ts';
import { lacksOf } from '../../question/asPlayed.ts';
import type { Question } from '../../question/question.ts';
import { remarksBeside } from '../../review/reviewQuestion.ts';
import type { Round, Show } from '../show.ts';
import type { CheckFacts, ShowFinding } from './finding.ts';

/** More bytes than this for one question keep people on a poor network waiting. */
const HEAVY = 3_000_000;

/** What is to be said of the questions of a round, one by one. */
export function questionFindings(show: Show, round: Round, facts: CheckFacts): ShowFinding[] {
  const format = formatOf(round.format);
  const rules = { ...round.rules, ...format.prescribes };
  const newer = new Set(facts.newer);
  const long = new Set(facts.tooLongForHandset);
  return format.places(round.content).flatMap(({ id: place, question: id }): ShowFinding[] => {
    const question = id === null ? undefined : show.questions[id];
    if (id === null || !question) return [];
    const found: ShowFinding[] = [];
    const say = (
      code: ShowFinding['code'],
      params: ShowFinding['params'] = {},
      more: Partial<ShowFinding> = {},
    ) =>
      found.push({
        code,
        ref: place,
        question: id,
        params,
        mustMend: false,
        round: round.id,
        ...more,
      });
    if (facts.today !== undefined && lacksOf(question).length === 0) {
      // The clock of the round counts where a question has none of its own.
      const timed: Question = { ...question, clock: question.clock ?? rules.clock };
      for (const remark of remarksBeside(timed, facts.today))
        if (remark.weight === 'should') say('remark', remark.params, { remark });
    }
    const measured = facts.measured?.get(id);
    if (measured) say('remark', measured.params, { remark: measured });
    if (long.has(id)) say('tooLongForHandset');
    if (newer.has(id)) say('newer');
    if (facts.media) {
      const files = filesOf(question);
      const missing = files.filter((file) => facts.media![file] === null).length;
      if (missing > 0) say('mediaMissing', { n: missing });
      const bytes = files.reduce((sum, file) => sum + (facts.media![file] ?? 0), 0);
      if (bytes > HEAVY) say('mediaHeavy', { mb: Math.round(bytes / 100_000) / 10 });
    }
    return found;
  });
}
