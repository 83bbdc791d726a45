import { lacksOf } from '../../question/asPlayed.ts';
import type { Question } from '../../question/question.ts';
import { finding } from '../finding.ts';
import type { Finding, Format } from '../format.ts';
import { isKeyed } from '../keyed.ts';
import {
  beginSequence,
  dealSequence,
  placesInList,
  sequenceFindings,
  sequenceHarm,
  usualInTurn,
  type DealtSequence,
  type SequenceState,
} from '../sequence.ts';
import { blankSurvey, type SurveyContent } from './content.ts';

export interface SurveyView {
  format: 'survey';
  played: number;
  of: number;
  anonymous: boolean;
  shown: SurveyContent['shown'];
}
type SurveyState = SequenceState & Pick<SurveyContent, 'anonymous' | 'shown'>;

/** A question of a survey has no key: one that has could not be asked without telling it. */
const isAsked = (question: Question | undefined): boolean => question !== undefined && !isKeyed(question);

const findingsOf = (content: SurveyContent, questions: Record<string, Question>): Finding[] => {
  const keyed = content.items.flatMap(({ id }, i) => {
    const question = questions[id];
    const whole = question && lacksOf(question).length === 0;
    return whole && !isAsked(question)
      ? [finding('surveyKeyed', { number: i + 1 }, { ref: id, question: id })]
      : [];
  });
  const found = sequenceFindings(content, questions);
  const asked = content.items.some(
    ({ id }) => isAsked(questions[id]) && lacksOf(questions[id]!).length === 0,
  );
  const none = found.some(({ code }) => code === 'noQuestions');
  if (!asked && !none) keyed.push(finding('noQuestions', {}, { mustMend: true }));
  return [...found, ...keyed];
};

const unkeyed = (content: SurveyContent, questions: Record<string, Question>): SurveyContent => ({
  ...content,
  items: content.items.filter(({ id }) => isAsked(questions[id])),
});

/** Survey: questions without a key, asked of everybody. No side can win, and it brings nothing. */
export const survey: Format<SurveyContent, SurveyState, SurveyView, DealtSequence> = {
  ...usualInTurn,
  draws: ({ keyed, given }) => !keyed && given === 'handset',
  pays: false,
  suits: { anew: { floor: 'everyone', clock: 60 }, aloud: {}, always: {} },
  prescribes: {
    floor: 'everyone',
    afterWrong: 'close',
    penalty: 'none',
    lowest: null,
    onRight: '',
    onWrong: '',
    picks: 'before',
    speed: null,
    brings: 'nothing',
    named: 'counts',
    turnsEach: null,
    shuffleOptions: false,
    shuffleBySeat: false,
    scores: 'carry',
  },
  harm: { ...sequenceHarm, surveyKeyed: 14 },
  blank: blankSurvey,
  places: (content) => placesInList(content, false),
  findings: findingsOf,
  deal: (content, questions, random) => dealSequence(unkeyed(content, questions), questions, random),
  begin: (content, _questions, dealt) => ({
    ...beginSequence({ ...content, points: 0 }, dealt ?? { order: [] }),
    anonymous: content.anonymous,
    shown: content.shown,
  }),
  evolve(state, event) {
    if (event.type === 'settled') state.played++;
  },
  polls: ({ anonymous, shown, compare }) => ({ anonymous, shown, compare }),
  cloth: () => [],
  sort: ({ anonymous }) => (anonymous ? 'anonymous' : 'named'),
  facts: ({ items }) => ({ count: items.length }),
  view: ({ order, played, anonymous, shown }) => ({
    format: 'survey',
    played,
    of: order.length,
    anonymous,
    shown,
  }),
};
