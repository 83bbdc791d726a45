import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Question } from '@distaff/core/question';
import { demoShow, question, World, type Host } from './world.ts';

const world = new World();
let host: Host;
beforeAll(async () => {
  await world.open();
  host = await world.host();
});
afterAll(() => world.close());

const makeSet = (title: string, questions: Question[], who = host) => who.makeSet(title, questions);
const find = async (query: string, who = host) => {
  const { json } = await who.call('GET', `/api/questions?${query}`);
  return { ...json, prompts: json.questions.map((one: { prompt: string }) => one.prompt) as string[] };
};

describe('searching', () => {
  let set: { id: string; ids: string[] };
  beforeAll(async () => {
    set = await makeSet('Coast', [
      question('What is a **neap** tide?', { tags: ['tides'], difficulty: 'easy', language: 'en-GB' }),
      question('Où est le café?', { tags: ['galley'], language: 'fr' }),
      question('Which bird is this?', {
        answer: {
          kind: 'choice',
          options: [
            { id: 'a', text: 'Kittiwake' },
            { id: 'b', text: 'Guillemot' },
          ],
          key: 'a',
        },
        tags: ['birds', 'tides'],
        checkAgainBy: '2020-01-31',
      }),
      question('港の名前は何ですか'),
      question('What does C++ mean to whom?', { answer: { kind: 'aloud', key: '' } }),
      question('100% of _it_'),
    ]);
    await makeSet('Other', [question('Spring tides in other sets')]);
  });

  test.each([
    ['q=neap', ['What is a neap tide?']],
    ['q=NEÁP%20tid', ['What is a neap tide?']],
    ['q=tid%20nea', ['What is a neap tide?']],
    ['q=cafe', ['Où est le café?']],
    ['q=guille', ['Which bird is this?']],
    ['q=galley', ['Où est le café?']],
    ['q=key%20of', expect.arrayContaining(['100% of it'])],
    ['q=the', []],
    ['q=ne', ['What is a neap tide?']],
    ['q=c%2B%2B', ['What does C++ mean to whom?']],
    ['q=100%25', ['100% of it']],
    ['q=名前', ['港の名前は何ですか']],
    ['q=%2B-%22%3E(', []],
    ['tag=Tides&sort=prompt', ['What is a neap tide?', 'Which bird is this?']],
    ['language=en', ['What is a neap tide?']],
    ['difficulty=easy', ['What is a neap tide?']],
    ['kind=choice', ['Which bird is this?']],
    ['state=stale', ['Which bird is this?']],
    ['state=unfinished', ['What does C++ mean to whom?']],
  ])('%s', async (query, expected) => {
    expect((await find(query)).prompts).toEqual(expected);
  });

  test('a misspelt word finds what a near one finds, and says so; nonsense finds nothing', async () => {
    expect(await find('q=kittywake')).toMatchObject({
      instead: 'kittiwake',
      prompts: ['Which bird is this?'],
    });
    expect(await find('q=xyzzyqqq')).toMatchObject({ instead: null, total: 0 });
  });

  test('the list of a set stands in its order, which can be changed, and is paged', async () => {
    const reversed = [...set.ids].reverse();
    expect((await host.call('PUT', `/api/sets/${set.id}/order`, { ids: reversed })).status).toBe(204);
    const page = await find(`set=${set.id}&sort=place&limit=2&offset=1`);
    expect(page).toMatchObject({ total: 6, questions: [{ id: reversed[1] }, { id: reversed[2] }] });
  });

  test('an archived set is out of the way until it is looked into; a deleted one is gone and comes back', async () => {
    const { id } = await makeSet('Old', [question('Archived lighthouse keeper')]);
    await host.call('POST', `/api/sets/${id}/archive`);
    expect((await find('q=lighthouse')).total).toBe(0);
    expect((await find(`q=lighthouse&set=${id}`)).total).toBe(1);
    await host.call('POST', `/api/sets/${id}/unarchive`);
    expect((await find('q=lighthouse')).total).toBe(1);
    await host.call('DELETE', `/api/sets/${id}`);
    expect((await find('q=lighthouse')).total).toBe(0);
    expect((await host.call('GET', `/api/sets/${id}`)).status).toBe(404);
    await host.call('POST', `/api/sets/${id}/restore`);
    expect((await find('q=lighthouse')).total).toBe(1);
  });

  test('unused means that no show holds a copy', async () => {
    const { id, ids } = await makeSet('Used', [question('Used one'), question('Unused one')]);
    const show = demoShow();
    Object.values(show.questions)[0]!.origin = { id: ids[0]!, version: 1 };
    const made = await host.call('POST', '/api/shows', { show });
    expect((await find(`set=${id}&state=unused`)).prompts).toEqual(['Unused one']);
    Object.values(show.questions)[0]!.origin = null;
    await host.call('PUT', `/api/shows/${made.json.id}`, { version: 1, show });
    expect((await find(`set=${id}&state=unused`)).total).toBe(2);
  });

  test('what was written before is offered while the same is typed again', async () => {
    const alike = await host.call('POST', '/api/questions/similar', { prompt: 'What is a neap tid' });
    expect(alike.json.questions).toMatchObject([{ prompt: 'What is a neap tide?' }]);
    const own = { prompt: 'What is a neap tide?', but: alike.json.questions[0].id };
    expect((await host.call('POST', '/api/questions/similar', own)).json.questions).toEqual([]);
    const other = { prompt: 'How many wheels has a barrow of wood?' };
    expect((await host.call('POST', '/api/questions/similar', other)).json.questions).toEqual([]);
  });
});

describe('writing', () => {
  test('a stale save is told with the newer question; the index follows the text', async () => {
    const { ids } = await makeSet('Mine', [question('Before zanzibarish')]);
    const path = `/api/questions/${ids[0]}`;
    const first = (await host.call('GET', path)).json;
    const changed = { ...first.question, prompt: 'After quincunxish', tags: ['new tag'] };
    const saved = await host.call('PUT', path, { version: 1, question: changed });
    expect(saved.json).toMatchObject({ version: 2, question: { prompt: 'After quincunxish' } });
    expect((await find('q=zanzibarish')).total).toBe(0);
    expect((await find('q=quincunxish')).total).toBe(1);
    const stale = await host.call('PUT', path, { version: 1, question: first.question });
    expect(stale).toMatchObject({ status: 409, json: { code: 'stale', current: { version: 2 } } });
    const { versions } = (await host.call('GET', `${path}/history`)).json;
    expect(versions).toMatchObject([{ version: 1, question: { prompt: 'Before zanzibarish' } }]);
    expect((await host.call('GET', '/api/questions/tags')).json.tags).toContainEqual({
      tag: 'new tag',
      count: 1,
    });
  });

  test('what is written over is in the history, however soon; what is typed on is one entry', async () => {
    const { ids } = await makeSet('Kept', [question('')]);
    let version = 1;
    for (const prompt of ['Which knot', 'Which knot holds best?', 'H', 'How deep is the channel?']) {
      const { question: now } = (await host.call('GET', `/api/questions/${ids[0]}`)).json;
      await host.call('PUT', `/api/questions/${ids[0]}`, {
        version: version++,
        question: { ...now, prompt },
      });
    }
    const { versions } = (await host.call('GET', `/api/questions/${ids[0]}/history`)).json;
    const prompts = versions.map((one: { question: { prompt: string } }) => one.question.prompt);
    expect(prompts).toEqual(['Which knot holds best?', '']);
  });

  test('one change on many; moved, put away and brought back', async () => {
    const from = await makeSet('From', [question('One', { tags: ['a'] }), question('Two')]);
    const to = await makeSet('To', []);
    const change = { clock: 45, addTag: 'A', weight: 2 };
    const done = await host.call('POST', '/api/questions/change', { ids: from.ids, change });
    expect(done.json).toMatchObject({ count: 2 });
    const read = async (i: number) => (await host.call('GET', `/api/questions/${from.ids[i]}`)).json.question;
    expect(await read(0)).toMatchObject({ prompt: 'One', clock: 45, weight: 2, tags: ['a'] });
    expect(await read(1)).toMatchObject({ clock: 45, tags: ['A'] });
    // Taken back as a whole, but for what somebody wrote since then.
    const later = (await host.call('GET', `/api/questions/${from.ids[1]}`)).json;
    const written = { version: later.version, question: { ...later.question, notes: 'since then' } };
    await host.call('PUT', `/api/questions/${from.ids[1]}`, written);
    const { changed } = done.json;
    expect((await host.call('POST', '/api/questions/change-back', { changed })).json).toEqual({ count: 1 });
    expect(await read(0)).toMatchObject({ prompt: 'One', clock: null, weight: 1, tags: ['a'] });
    expect(await read(1)).toMatchObject({ clock: 45, notes: 'since then' });
    await host.call('POST', '/api/questions/move', { ids: [...from.ids].reverse(), set: to.id });
    expect((await find(`set=${to.id}&sort=place`)).prompts).toEqual(['Two', 'One']);
    await host.call('POST', '/api/questions/delete', { ids: [from.ids[0]] });
    expect((await find(`set=${to.id}`)).prompts).toEqual(['Two']);
    await host.call('POST', '/api/questions/restore', { ids: [from.ids[0]] });
    expect((await find(`set=${to.id}&sort=place`)).prompts).toEqual(['Two', 'One']);
  });

  test('a copy is independent', async () => {
    const { id, ids } = await makeSet('Original', [question('Copied zeppelin')]);
    const copy = (await host.call('POST', `/api/sets/${id}/copy`, { title: 'Copy' })).json;
    const first = (await host.call('GET', `/api/questions/${ids[0]}`)).json;
    await host.call('PUT', `/api/questions/${ids[0]}`, {
      version: 1,
      question: { ...first.question, prompt: 'Changed' },
    });
    expect((await find(`set=${copy.id}`)).prompts).toEqual(['Copied zeppelin']);
  });

  test('nothing is half done: one bad question among many adds none', async () => {
    const { id } = await makeSet('Whole', []);
    const bad = { ...question('bad'), clock: 1 };
    const refused = await host.call('POST', `/api/sets/${id}/questions`, {
      questions: [question('good'), bad],
    });
    expect(refused).toMatchObject({ status: 400, json: { detail: 'Not below 3.' } });
    expect((await find(`set=${id}`)).total).toBe(0);
  });

  test('another account sees, finds and changes nothing of it', async () => {
    const { id, ids } = await makeSet('Private', [question('Private walrus')]);
    const stranger = await world.host();
    expect((await find('q=walrus', stranger)).total).toBe(0);
    const statuses = await Promise.all(
      [
        ['GET', `/api/sets/${id}`],
        ['GET', `/api/questions?set=${id}`],
        ['GET', `/api/questions/tags?set=${id}`],
        ['GET', `/api/questions/duplicates?set=${id}`],
        ['GET', `/api/questions/${ids[0]}`],
        ['GET', `/api/questions/${ids[0]}/history`],
        ['DELETE', `/api/sets/${id}`],
        ['POST', `/api/sets/${id}/copy`, { title: 'x' }],
        ['POST', `/api/sets/${id}/questions`, { questions: [question('x')] }],
        ['PUT', `/api/questions/${ids[0]}`, { version: 1, question: question('x') }],
      ].map(
        async ([method, path, body]) => (await stranger.call(method as string, path as string, body)).status,
      ),
    );
    expect(new Set(statuses)).toEqual(new Set([404]));
    for (const act of ['change', 'delete', 'move']) {
      const body = { ids, change: { clock: 5 }, set: (await makeSet('S', [], stranger)).id };
      expect((await stranger.call('POST', `/api/questions/${act}`, body)).json).toMatchObject({ count: 0 });
    }
    expect((await host.call('GET', `/api/questions/${ids[0]}`)).json.version).toBe(1);
  });
});
