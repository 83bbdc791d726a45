import { defaultDoors, newRound, weaveAt, type Round, type RoundOf, type Show } from '@distaff/core/show';
import { harmlessBoosts, rulesWith } from '@distaff/core/formats';
import { blankQuestion, type Question } from '@distaff/core/question';
import type { ReadyMade } from '@distaff/server/readyMade.ts';

/** A show of several rounds, one of each format, out of the ready-made sets: a storm keeps everybody in. */
export function stormNight(sets: readonly ReadyMade[], newId: () => string): Show {
  const questions: Record<string, Question> = {};
  /** Copies of questions of a set under ids of their own: those that a handset answers, unless said otherwise. */
  const from = (name: string, count: number, kinds: readonly string[] = ['choice', 'truefalse', 'many']) => {
    const set = sets.find((one) => one.name === name)!;
    return set.questions
      .filter((question) => kinds.includes(question.answer.kind))
      .slice(0, count)
      .map((question) => {
        const id = newId();
        questions[id] = { ...question, id, origin: null };
        return { id, points: null };
      });
  };
  const interlude = (what: RoundOf<'interlude'>['content']['what'], title: string, text = ''): Round => ({
    ...(newRound('interlude', newId) as RoundOf<'interlude'>),
    title,
    content: { what, text, minutes: what === 'break' ? 10 : null },
  });
  const climb = newRound('climb', newId) as RoundOf<'climb'>;
  const onRungs = from('moon-and-tides', 20, ['choice']).concat(from('sea-birds', 20, ['choice']));
  const claim = newRound('claim', newId) as RoundOf<'claim'>;
  const trail = newRound('trail', newId) as RoundOf<'trail'>;
  const survey = newRound('survey', newId) as RoundOf<'survey'>;
  const options = (...texts: string[]) => texts.map((text) => ({ id: newId(), text }));
  const asked = (prompt: string, answer: Question['answer']) => {
    const id = newId();
    questions[id] = { ...blankQuestion(() => id), prompt, answer };
    return { id, points: null };
  };
  const topics: Record<string, string> = {};
  const squares = (
    [
      ['signal-flags', 'Flags'],
      ['weather', 'Weather'],
      ['tools-and-timber', 'Timber'],
      ['galley', 'Galley'],
      ['sea-birds', 'Sea birds'],
    ] as const
  ).flatMap(([set, topic]) =>
    from(set, 5, ['choice', 'truefalse']).map((item) => {
      topics[item.id] = topic;
      return item;
    }),
  );
  const rounds: Round[] = [
    interlude('title', 'Storm night', 'Nobody goes out tonight. *Nine rounds, one kettle.*'),
    {
      id: newId(),
      format: 'quiz',
      title: 'All hands',
      rules: rulesWith({ floor: 'everyone', afterWrong: 'close', speed: { keep: 50, grace: 2 } }),
      content: { items: from('moon-and-tides', 5), points: 100, shuffle: false },
    },
    {
      id: newId(),
      format: 'quiz',
      title: 'Quick on the bell',
      rules: rulesWith({ floor: 'buzz', afterWrong: 'buzz', passShare: 50, penalty: 'part' }),
      content: { items: from('buoys-and-marks', 4), points: 100, shuffle: false },
    },
    interlude('break', 'Tea'),
    {
      ...(newRound('knockout', newId) as RoundOf<'knockout'>),
      title: 'Last one afloat',
      content: { items: from('sea-birds', 6), points: 0, shuffle: false, lives: 2 },
    },
    {
      ...(newRound('counterweight', newId) as RoundOf<'counterweight'>),
      title: 'Trim the boat',
      rules: rulesWith({ scores: 'anew' }),
      content: {
        items: from('seamanship-words', 10),
        points: 0,
        shuffle: false,
        covers: 12,
        most: 9,
        seed: 'marram',
        values: null,
      },
    },
    {
      ...climb,
      title: 'Up the mast',
      rules: rulesWith({ clock: 60, steps: 'joined' }),
      content: {
        ...climb.content,
        items: onRungs,
        // As high as there are questions.
        rungs: climb.content.rungs.slice(0, onRungs.length),
        climbs: 2,
      },
    },
    {
      ...claim,
      title: 'Marram Point patchwork',
      content: { ...claim.content, items: squares, topics, shuffle: true },
    },
    {
      ...trail,
      title: 'Round the point',
      content: {
        ...trail.content,
        items: from('sea-birds', 12).concat(
          from('weather', 12),
          from('buoys-and-marks', 12),
          from('galley', 8),
        ),
        target: 500,
        specials: { 4: 'boost', 8: 'rest', 11: 'spin', 15: 'again', 19: 'boost', 22: 'spin' },
        pages: [
          {
            id: newId(),
            title: 'Joining two ropes',
            text: 'A **sheet bend** ties two ropes of different thickness. Make a loop in the thicker one, then pass the thinner one up through it, round the back, and under itself.',
            picture: null,
          },
          {
            id: newId(),
            title: 'How high is the tide?',
            text: 'By the rule of twelfths it rises $\\frac{1}{12}$ of its range in the first hour, $\\frac{2}{12}$ in the second, $\\frac{3}{12}$ in the third and the fourth, then $\\frac{2}{12}$ and $\\frac{1}{12}$ again.',
            picture: null,
          },
        ],
      },
    },
    {
      ...(newRound('ownPace', newId) as RoundOf<'ownPace'>),
      title: 'Bail together',
      rules: {
        ...newRound('ownPace', newId).rules,
        boosts: harmlessBoosts.map((one) => ({ ...one, price: one.price / 2 })),
      },
      content: {
        ...(newRound('ownPace', newId) as RoundOf<'ownPace'>).content,
        items: from('buoys-and-marks', 12).concat(from('seamanship-words', 12)),
        goal: 'together',
        amount: 1000,
        loss: 5,
      },
    },
    {
      ...survey,
      title: 'Before you go',
      content: {
        ...survey.content,
        // A phone a table: of four tables anybody could guess who said what.
        anonymous: false,
        shown: 'live',
        items: [
          asked('What should we do on the next stormy night?', {
            kind: 'opinion',
            pick: 'ranked',
            options: options('Another show', 'Mend nets', 'Bake bread', 'Sing'),
          }),
          asked('How sure are you that you could stand a night watch?', {
            kind: 'scale',
            steps: 7,
            from: 1,
            low: 'Not at all',
            high: 'Completely',
          }),
          asked('What was the best thing tonight?', { kind: 'words' }),
        ],
      },
    },
    interlude('standings', 'Who stands where'),
  ];
  const teams = ['Bowline', 'Fairlead', 'Leeward', 'Spindrift'].map((name, i) => ({
    id: name.toLowerCase(),
    name,
    weave: weaveAt(i),
  }));
  return {
    title: 'Storm night at Marram Point',
    group: 'Volunteers',
    plannedMinutes: 45,
    teams,
    doors: defaultDoors,
    devices: { mode: 'team', score: 'teams', combine: 'mean' },
    rounds,
    questions,
  };
}
