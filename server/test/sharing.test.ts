import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { timeHeld, Host, question, World } from './world.ts';

const world = new World();
let owner: Host;
beforeAll(async () => {
  await world.open();
  owner = await world.host('Ansa');
});
afterAll(() => world.close());

const PASSPHRASE = 'lantern oar tide';
let set: { id: string; ids: string[] };
beforeEach(async () => {
  set = await owner.makeSet('Tides', [
    question('What is a neap tide?', { tags: ['moon'] }),
    question('Ebb?'),
  ]);
});

const share = (who: Host, role: string) =>
  owner.call('POST', `/api/sets/${set.id}/members`, { email: who.email, role });
const link = async (kind: 'read' | 'edit', passphrase = PASSPHRASE): Promise<string> => {
  const { json } = await owner.call('PUT', `/api/sets/${set.id}/links/${kind}`, { passphrase });
  return json[`${kind}Link`];
};
const enter = (token: string, { passphrase = PASSPHRASE, name = 'Guest' } = {}) =>
  world.call('POST', '/api/shared/enter', { token, passphrase, name });
async function guest(name = 'Guest'): Promise<Host> {
  const entered = await enter(await link('edit'), { name });
  return new Host(world, '', entered.headers.get('set-cookie')!.split(';')[0]!);
}
const copy = { title: 'Mine' };
const save = (prompt: string) => ({ version: 1, question: question(prompt) });

describe('what each may do with a set of another host', () => {
  const acts: Record<string, (who: Host) => Promise<{ status: number }>> = {
    read: (who) => who.call('GET', `/api/sets/${set.id}/questions`),
    find: (who) => who.call('GET', `/api/questions?set=${set.id}&q=neap`),
    history: (who) => who.call('GET', `/api/questions/${set.ids[0]}/history`),
    write: (who) => who.call('PUT', `/api/questions/${set.ids[0]}`, save('Changed')),
    add: (who) => who.call('POST', `/api/sets/${set.id}/questions`, { questions: [question('New')] }),
    order: (who) => who.call('PUT', `/api/sets/${set.id}/order`, { ids: set.ids }),
    bringIn: (who) =>
      who.call('POST', '/api/imports', { set: set.id, source: 'a', questions: [question('Brought')] }),
    copy: (who) => who.call('POST', `/api/sets/${set.id}/copy`, copy),
    takeOut: (who) => who.call('GET', `/api/sets/${set.id}/questions.csv`),
    archive: (who) => who.call('POST', `/api/sets/${set.id}/archive`),
    share: (who) => who.call('GET', `/api/sets/${set.id}/sharing`),
    openLink: (who) => who.call('PUT', `/api/sets/${set.id}/links/read`),
    delete: (who) => who.call('DELETE', `/api/sets/${set.id}`),
  };
  const names = Object.keys(acts);
  const owners = ['archive', 'share', 'openLink', 'delete'];
  const writing = ['write', 'add', 'order', 'bringIn'];
  const copying = ['copy', 'takeOut'];
  test.each<[string, boolean, () => Promise<Host>, string[], number]>([
    ['owner', false, async () => owner, [], 0],
    ['editor', true, () => invited('editor'), owners, 403],
    ['editor, no copies', false, () => invited('editor'), [...owners, ...copying], 403],
    ['viewer', true, () => invited('viewer'), [...owners, ...writing], 403],
    ['viewer, no copies', false, () => invited('viewer'), [...owners, ...writing, ...copying], 403],
    ['guest with the passphrase', true, () => guest(), [...owners, 'copy'], 403],
    ['stranger', true, () => world.host(), names, 404],
    ['nobody', true, async () => new Host(world, '', ''), names, 401],
  ])('%s', async (_role, mayCopy, who, refused, status) => {
    await owner.call('PUT', `/api/sets/${set.id}/sharing`, { mayCopy });
    const visitor = await who();
    for (const name of names) {
      const got = (await acts[name]!(visitor)).status;
      const expected = refused.includes(name) ? [status] : [200, 201, 204];
      expect([name, expected.includes(got) ? 'as it should' : got]).toEqual([name, 'as it should']);
    }
  });
  async function invited(role: string): Promise<Host> {
    const who = await world.host('Jory');
    await share(who, role);
    return who;
  }
});

test('what was deleted from a set is seen by those who may bring it back, not by viewers', async () => {
  const [reader, writer] = [await world.host('Reader'), await world.host('Writer')];
  await share(reader, 'viewer');
  await share(writer, 'editor');
  await owner.call('POST', '/api/questions/delete', { ids: [set.ids[0]] });
  const path = `/api/questions?set=${set.id}&deleted=1`;
  expect((await reader.call('GET', path)).status).toBe(403);
  expect((await writer.call('GET', path)).json.total).toBe(1);
});

test('a member sees the set with its owner, and nothing else of that library', async () => {
  await owner.makeSet('Secret', [question('What is a neap walrus?', { tags: ['hidden'] })]);
  const jory = await world.host('Jory');
  await share(jory, 'editor');
  const { sets } = (await jory.call('GET', '/api/sets')).json;
  expect(sets).toMatchObject([{ id: set.id, role: 'editor', owner: 'Ansa', shared: true, questions: 2 }]);
  const seen = await Promise.all([
    jory.call('GET', '/api/questions?q=walrus'),
    jory.call('GET', `/api/questions?set=${set.id}&q=walrsu`),
    jory.call('GET', `/api/questions/tags?set=${set.id}`),
    jory.call('GET', `/api/questions/duplicates?set=${set.id}`),
    jory.call('POST', '/api/questions/similar', { prompt: 'What is a neap walrus?' }),
  ]);
  for (const { status, text } of seen) {
    expect(status).toBe(200);
    expect(text).not.toMatch(/walrus|hidden/);
  }
});

test('what a member writes is the owner’s, under the member’s name in the history', async () => {
  const jory = await world.host('Jory');
  await share(jory, 'editor');
  await jory.call('PUT', `/api/questions/${set.ids[0]}`, save('Changed by Jory'));
  expect((await owner.call('GET', `/api/questions/${set.ids[0]}`)).json.question.prompt).toBe(
    'Changed by Jory',
  );
  const { versions } = (await owner.call('GET', `/api/questions/${set.ids[0]}/history`)).json;
  expect(versions).toMatchObject([{ by: 'Jory', question: { prompt: 'What is a neap tide?' } }]);
  const brought = await jory.call('POST', '/api/imports', {
    set: set.id,
    source: 'a.csv',
    questions: [question('Which narwhal is it')],
  });
  expect((await owner.call('GET', '/api/questions?q=narwhal')).json.total).toBe(1);
  expect((await jory.call('DELETE', `/api/imports/${brought.json.id}`)).json.count).toBe(1);
  expect((await owner.call('GET', '/api/questions?q=narwhal')).json.total).toBe(0);
});

test('an editor cannot file the set elsewhere, nor move questions out of it', async () => {
  const jory = await world.host('Jory');
  await share(jory, 'editor');
  const changed = { title: 'Tides and moon', description: 'd', folder: 'Jory’s', credit: '' };
  await jory.call('PUT', `/api/sets/${set.id}`, { version: 1, set: changed });
  expect((await owner.call('GET', `/api/sets/${set.id}`)).json.set).toEqual({ ...changed, folder: '' });
  const own = await jory.makeSet('Own', [question('Jory’s own')]);
  for (const [ids, to] of [
    [set.ids, own.id],
    [own.ids, set.id],
  ])
    expect(await jory.call('POST', '/api/questions/move', { ids, set: to })).toMatchObject({
      status: 409,
      json: { code: 'otherOwner' },
    });
});

test('who is no longer a member comes at nothing from then on; members may leave by themselves', async () => {
  const jory = await world.host('Jory');
  const { members } = (await share(jory, 'editor')).json;
  expect(members).toMatchObject([{ name: 'Jory', email: jory.email, role: 'editor' }]);
  await owner.call('DELETE', `/api/sets/${set.id}/members/${members[0].id}`);
  expect((await jory.call('PUT', `/api/questions/${set.ids[0]}`, save('x'))).status).toBe(404);
  await share(jory, 'viewer');
  expect((await jory.call('GET', `/api/questions/${set.ids[0]}`)).status).toBe(200);
  await jory.call('DELETE', `/api/sets/${set.id}/members/me`);
  expect((await jory.call('GET', '/api/sets')).json.sets).toEqual([]);
});

test('a deleted set is out of everybody’s reach, and back in it when it is restored', async () => {
  const jory = await world.host('Jory');
  await share(jory, 'viewer');
  const [token, writer] = [await link('read'), await guest()];
  const tries = async () => [
    (await jory.call('GET', `/api/questions/${set.ids[0]}`)).status,
    (await world.call('POST', '/api/shared', { token })).status,
    (await writer.call('GET', `/api/questions/${set.ids[0]}`)).status,
  ];
  await owner.call('DELETE', `/api/sets/${set.id}`);
  expect(await tries()).toEqual([404, 404, 404]);
  await owner.call('POST', `/api/sets/${set.id}/restore`);
  expect(await tries()).toEqual([200, 200, 200]);
});

test.each([
  ['an address without an account', 'nobody@example.test', 404, 'noAccount'],
  ['one’s own address', null, 409, 'ownAlready'],
  ['no address', 'Jory', 400, 'unreadableInput'],
])('sharing with %s is refused, and told why', async (_what, email, status, says) => {
  const answer = await owner.call('POST', `/api/sets/${set.id}/members`, {
    email: email ?? owner.email,
    role: 'viewer',
  });
  expect(answer).toMatchObject({ status, json: { says } });
});

describe('a link to read', () => {
  test('shows the questions without an account, and never who owns them by address', async () => {
    const answer = await world.call('POST', '/api/shared', { token: await link('read') });
    expect(answer.json).toMatchObject({ what: 'set', kind: 'read', title: 'Tides', owner: 'Ansa', id: null });
    expect(answer.json.questions.map((one: { prompt: string }) => one.prompt)).toEqual([
      'What is a neap tide?',
      'Ebb?',
    ]);
    expect(answer.text).not.toContain(owner.email);
  });

  test('a copy by it is independent and keeps the credit; where copies are not allowed there is none', async () => {
    const token = await link('read');
    const jory = await world.host('Jory');
    const made = (await jory.call('POST', '/api/shared/copy', { token, ...copy })).json;
    expect(made.set).toMatchObject({ title: 'Mine', credit: 'Ansa' });
    await owner.call('PUT', `/api/questions/${set.ids[0]}`, save('Changed later'));
    await owner.call('DELETE', `/api/sets/${set.id}/links/read`);
    const { questions } = (await jory.call('GET', `/api/sets/${made.id}/questions`)).json;
    expect(questions[0].question.prompt).toBe('What is a neap tide?');
    // A copy of the copy still says whose it was.
    const again = (await jory.call('POST', `/api/sets/${made.id}/copy`, copy)).json;
    expect(again.set.credit).toBe('Ansa');

    const other = await link('read');
    await owner.call('PUT', `/api/sets/${set.id}/sharing`, { mayCopy: false });
    const refused = await jory.call('POST', '/api/shared/copy', { token: other, ...copy });
    expect(refused).toMatchObject({ status: 403, json: { code: 'notAllowed' } });
  });

  test('leads nowhere once it is closed or made anew', async () => {
    const first = await link('read');
    const second = await link('read');
    await owner.call('DELETE', `/api/sets/${set.id}/links/read`);
    for (const token of [first, second, 'no-such-token'])
      expect((await world.call('POST', '/api/shared', { token })).status).toBe(404);
  });
});

describe('a link to write', () => {
  test('tells no question before the passphrase is said, and is no way to a copy', async () => {
    const token = await link('edit');
    const { json, text } = await world.call('POST', '/api/shared', { token });
    expect(json).toEqual({ what: 'set', kind: 'edit', title: 'Tides', owner: 'Ansa', id: null });
    expect(text).not.toContain('neap');
    const jory = await world.host('Jory');
    expect((await jory.call('POST', '/api/shared/copy', { token, ...copy })).status).toBe(403);
  });

  test('a wrong passphrase is refused, and guessing is slowed down', async () => {
    const token = await link('edit');
    const statuses: number[] = [];
    await timeHeld(async () => {
      for (let i = 0; i < 4; i++) statuses.push((await enter(token, { passphrase: `guess ${i}` })).status);
    });
    expect(statuses).toEqual([401, 401, 401, 429]);
  });

  test('a guest writes under a name, in this one set and nowhere else', async () => {
    const wenna = await guest('Wenna');
    expect((await wenna.call('GET', '/api/sets')).json.sets).toMatchObject([{ id: set.id, role: 'editor' }]);
    await wenna.call('PUT', `/api/questions/${set.ids[0]}`, save('By Wenna'));
    expect((await owner.call('GET', `/api/questions/${set.ids[0]}/history`)).json.versions[0].by).toBe(
      'Wenna',
    );
    const other = await owner.makeSet('Other', [question('Not for guests')]);
    for (const [method, path, status, body] of [
      ['GET', `/api/sets/${other.id}/questions`, 404],
      ['GET', `/api/questions/${other.ids[0]}`, 404],
      ['POST', '/api/sets', 403, { set: { title: 'x', description: '', folder: '' } }],
      ['GET', '/api/shows', 403],
      ['GET', '/api/sittings', 403],
      ['GET', '/api/ready-made', 403],
    ] as const)
      expect([path, (await wenna.call(method, path, body)).status]).toEqual([path, status]);
    expect((await wenna.call('GET', '/api/questions')).json.total).toBe(0);
  });

  test('another passphrase, or closing the link, turns all guests out', async () => {
    const first = await guest();
    const second = await guest();
    expect((await first.call('GET', '/api/sets')).status).toBe(401);
    expect((await second.call('GET', '/api/sets')).json.sets).toHaveLength(1);
    await owner.call('DELETE', `/api/sets/${set.id}/links/edit`);
    expect((await second.call('GET', `/api/sets/${set.id}`)).status).toBe(401);
  });

  test('a host who comes by it is a member from then on', async () => {
    const jory = await world.host('Jory');
    const token = await link('edit');
    await jory.call('POST', '/api/shared/enter', { token, passphrase: PASSPHRASE });
    await owner.call('DELETE', `/api/sets/${set.id}/links/edit`);
    expect((await jory.call('GET', '/api/sets')).json.sets).toMatchObject([{ role: 'editor' }]);
  });

  test.each([
    ['a short passphrase', { passphrase: ' 1234567 ' }, 'A passphrase has at least 8 characters.'],
    ['none', {}, /./],
  ])('%s is refused', async (_what, body, sentence) => {
    const answer = await owner.call('PUT', `/api/sets/${set.id}/links/edit`, body);
    expect(answer).toMatchObject({ status: 400, json: { detail: expect.stringMatching(sentence) } });
  });
});
