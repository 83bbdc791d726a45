import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { blankSelection } from '@distaff/core/library';
import { usualRoom, type Room } from '@distaff/core/rehearsal';
import { demoShow, Host, question, World } from './world.ts';

const world = new World();
let owner: Host;
beforeAll(async () => {
  await world.open();
  owner = await world.host('Ansa');
});
afterAll(() => world.close());

const room: Room = { ...usualRoom, count: 6, seed: 'tide' };
const PASSPHRASE = 'lantern oar tide';
let id: string;
beforeEach(async () => {
  id = (await owner.call('POST', '/api/shows', { show: demoShow() })).json.id;
});

const share = (who: Host, role: string) =>
  owner.call('POST', `/api/shows/${id}/members`, { email: who.email, role });
const invited = async (role: string): Promise<Host> => {
  const who = await world.host('Jory');
  await share(who, role);
  return who;
};
const guestOf = (answer: { headers: Headers }) =>
  new Host(world, '', answer.headers.get('set-cookie')!.split(';')[0]!);
async function guest(name = 'Wenna'): Promise<Host> {
  const made = await owner.call('PUT', `/api/shows/${id}/links/edit`, { passphrase: PASSPHRASE });
  const token = made.json.editLink;
  return guestOf(await world.call('POST', '/api/shared/enter', { token, passphrase: PASSPHRASE, name }));
}
const titled = (title: string) => ({ ...demoShow(), title });
const save = (who: Host, title: string, version = 1) =>
  who.call('PUT', `/api/shows/${id}`, { version, show: titled(title) });

describe('what each may do with a show of another host', () => {
  const acts: Record<string, (who: Host) => Promise<{ status: number }>> = {
    read: (who) => who.call('GET', `/api/shows/${id}`),
    facts: (who) => who.call('GET', `/api/shows/${id}/facts`),
    write: (who) => save(who, 'Changed'),
    versions: (who) => who.call('GET', `/api/shows/${id}/versions`),
    keep: (who) => who.call('POST', `/api/shows/${id}/versions`),
    open: (who) => who.call('POST', `/api/shows/${id}/sittings`),
    rehearse: (who) => who.call('POST', `/api/shows/${id}/rehearsals`, { room }),
    copy: (who) => who.call('POST', `/api/shows/${id}/duplicate`, { title: 'Mine' }),
    list: (who) => who.call('GET', '/api/shows'),
    share: (who) => who.call('GET', `/api/shows/${id}/sharing`),
    link: (who) => who.call('PUT', `/api/shows/${id}/links/edit`, { passphrase: PASSPHRASE }),
    delete: (who) => who.call('DELETE', `/api/shows/${id}`),
  };
  const names = Object.keys(acts);
  const owners = ['share', 'link', 'delete'];
  const writing = ['write', 'versions', 'keep'];
  test.each<[string, () => Promise<Host>, string[], number]>([
    ['owner', async () => owner, [], 0],
    ['editor', () => invited('editor'), owners, 403],
    ['cohost', () => invited('cohost'), [...owners, ...writing], 403],
    ['viewer', () => invited('viewer'), [...owners, ...writing, 'open', 'rehearse'], 403],
    ['guest with the passphrase', guest, [...owners, 'open', 'rehearse', 'copy', 'list'], 403],
    ['stranger', () => world.host(), names.filter((name) => name !== 'list'), 404],
    ['nobody', async () => new Host(world, '', ''), names, 401],
  ])('%s', async (_role, who, refused, status) => {
    const visitor = await who();
    for (const name of names) {
      const got = (await acts[name]!(visitor)).status;
      const expected = refused.includes(name) ? [status] : [200, 201, 204];
      expect([name, expected.includes(got) ? 'as it should' : got]).toEqual([name, 'as it should']);
    }
  });
});

test('a shared show is listed for its members with their role and its owner, until they leave', async () => {
  const jory = await invited('cohost');
  const list = async () => (await jory.call('GET', '/api/shows')).json;
  expect(await list()).toMatchObject({
    total: 1,
    shows: [{ id, role: 'cohost', owner: 'Ansa', shared: true }],
  });
  const { shows } = (await owner.call('GET', '/api/shows?limit=1')).json;
  expect(shows).toMatchObject([{ id, role: 'owner', owner: null, shared: true }]);
  expect((await jory.call('GET', `/api/shows/${id}`)).json).toMatchObject({
    role: 'cohost',
    owner: 'Ansa',
    unowned: false,
    link: null,
  });
  await jory.call('DELETE', `/api/shows/${id}/members/me`);
  expect(await list()).toEqual({ shows: [], total: 0 });
  // A deleted show is in nobody's list but the owner's bin.
  await share(jory, 'editor');
  await owner.call('DELETE', `/api/shows/${id}`);
  expect((await list()).total).toBe(0);
  expect((await jory.call('GET', '/api/shows?deleted=1')).json.total).toBe(0);
  expect((await jory.call('POST', `/api/shows/${id}/restore`)).status).toBe(403);
  expect((await owner.call('POST', `/api/shows/${id}/restore`)).status).toBe(200);
});

test('two who write at once: the later one is told what the other saved', async () => {
  const jory = await invited('editor');
  expect((await save(jory, 'By Jory')).status).toBe(200);
  expect(await save(owner, 'By Ansa')).toMatchObject({
    status: 409,
    json: { code: 'stale', current: { version: 2, show: { title: 'By Jory' } } },
  });
});

describe('the desk', () => {
  const open = async (who: Host): Promise<{ id: string }> =>
    (await who.call('POST', `/api/shows/${id}/sittings`)).json;

  test('opened by one is served to all who host the show, whoever opened it, and told to no one else', async () => {
    const jory = await invited('cohost');
    const viewer = await invited('viewer');
    const sittings = [await open(owner), await open(jory)];
    for (const sitting of sittings) {
      for (const who of [owner, jory]) {
        const desk = who.desk(sitting.id);
        await desk.until(() => desk.last('view'));
        expect((await who.call('GET', `/api/sittings/${sitting.id}/results`)).status).toBe(200);
      }
      expect((await viewer.desk(sitting.id).refused())?.code).toBe('notThere');
      expect((await viewer.call('GET', `/api/sittings/${sitting.id}`)).status).toBe(404);
    }
    const ids = async (who: Host) =>
      (await who.call('GET', '/api/sittings')).json.sittings.map((one: { id: string }) => one.id);
    expect((await ids(jory)).sort()).toEqual(sittings.map((one) => one.id).sort());
    expect(await ids(owner)).toEqual(expect.arrayContaining(sittings.map((one) => one.id)));
    // Two of one evening are told apart by who opened them.
    const openers = async (who: Host) => {
      const { json } = await who.call('GET', '/api/sittings');
      const lines = json.sittings as { id: string; openedBy: string | null }[];
      return sittings.map(({ id }) => lines.find((one) => one.id === id)!.openedBy);
    };
    const named = (await openers(owner))[1];
    expect([await openers(owner), await openers(jory)]).toEqual([
      [null, named],
      [expect.any(String), null],
    ]);
    expect(named).toBe('Jory');
    // The link without an account is given out by whoever opened the doors.
    const link = (who: Host) => who.call('POST', `/api/sittings/${sittings[0]!.id}/desk-link`);
    expect([(await link(jory)).status, (await link(owner)).status]).toEqual([403, 200]);
  });

  test('both act on one sitting; who no longer hosts the show is sent away from its desk at once', async () => {
    const jory = await invited('cohost');
    const sitting = await open(owner);
    const [first, second] = [owner.desk(sitting.id), jory.desk(sitting.id)];
    for (const desk of [first, second]) await desk.until(() => desk.last('view'));
    expect(await second.send({ type: 'begin' })).toMatchObject({ ok: true });
    await first.until(() => first.last<{ phase: string }>('view')!.phase !== 'lobby');
    const { members } = (await owner.call('GET', `/api/shows/${id}/sharing`)).json;
    await owner.call('DELETE', `/api/shows/${id}/members/${members[0].id}`);
    await second.until(() => !second.socket.connected);
    expect((await jory.desk(sitting.id).refused())?.code).toBe('notThere');
    expect(first.socket.connected).toBe(true);
  });

  test('a rehearsal is for whoever began it alone', async () => {
    const jory = await invited('cohost');
    const rehearsal = (await jory.call('POST', `/api/shows/${id}/rehearsals`, { room })).json;
    expect((await owner.desk(rehearsal.id).refused())?.code).toBe('notThere');
    const desk = jory.desk(rehearsal.id);
    await desk.until(() => desk.last('view'));
  });
});

test('rules of a shared show take from the library of its owner, for those who may change it alone', async () => {
  const set = await owner.makeSet('Tides', [question('Neap?'), question('Ebb?')]);
  const rule = { ...blankSelection(), sets: [set.id] };
  const ask = async (who: Host, show?: string) =>
    who.call('POST', '/api/selections', { rule, group: '', taken: [], ...(show ? { show } : {}) });
  const [editor, viewer] = [await invited('editor'), await invited('viewer')];
  expect((await ask(owner)).json.questions).toHaveLength(2);
  expect((await ask(editor, id)).json.questions).toHaveLength(2);
  expect((await ask(editor)).json.questions).toHaveLength(0);
  expect((await ask(viewer, id)).status).toBe(403);
});

describe('a show that is begun without an account', () => {
  const begin = (more: object = {}) =>
    world.call('POST', '/api/shows/begin', {
      name: 'Wenna',
      passphrase: PASSPHRASE,
      show: titled('Harbour quiz'),
      ...more,
    });
  const enter = (token: string, who?: Host) => {
    const body = { token, passphrase: PASSPHRASE, name: 'Wenna again' };
    return who ? who.call('POST', '/api/shared/enter', body) : world.call('POST', '/api/shared/enter', body);
  };

  test('is written at once, and come back to by its link and the passphrase', async () => {
    const begun = await begin();
    const { id: show, token, account } = begun.json;
    expect(account).toMatchObject({ email: null, name: 'Wenna', guestOf: { what: 'show', id: show } });
    const wenna = guestOf(begun);
    const write = (who: Host, version: number, title: string) =>
      who.call('PUT', `/api/shows/${show}`, { version, show: titled(title) });
    expect((await write(wenna, 1, 'Second thought')).status).toBe(200);
    const looked = (await world.call('POST', '/api/shared', { token })).json;
    expect(looked).toEqual({ what: 'show', kind: 'edit', title: 'Second thought', owner: null, id: null });
    const back = guestOf(await enter(token));
    expect((await back.call('GET', `/api/shows/${show}`)).json).toMatchObject({
      role: 'editor',
      unowned: true,
      owner: null,
      link: token,
      show: { title: 'Second thought' },
    });
    expect((await write(back, 2, 'Third')).status).toBe(200);
    for (const [method, path] of [
      ['POST', `/api/shows/${show}/sittings`],
      ['DELETE', `/api/shows/${show}`],
      ['POST', `/api/shows/${show}/take`],
      ['GET', `/api/shows/${id}`],
    ] as const)
      expect([path, [403, 404].includes((await wenna.call(method, path)).status)]).toEqual([path, true]);
  });

  test('is taken into an account by whoever signs up or in while writing, with its files, once', async () => {
    const begun = await begin();
    const { id: show, token } = begun.json;
    const wenna = guestOf(begun);
    const sent = await fetch(`${world.url}/api/media?name=a.wav`, {
      method: 'POST',
      headers: { cookie: wenna.cookie, 'content-type': 'application/octet-stream' },
      body: tone(),
    });
    expect(sent.status).toBe(201);
    const made = await wenna.call('POST', '/api/accounts', {
      email: `wenna-${show}@example.test`,
      name: 'Wenna',
      password: 'a long password',
    });
    const own = guestOf(made);
    expect((await own.call('GET', '/api/shows')).json.shows).toMatchObject([{ id: show, role: 'editor' }]);
    expect((await own.call('POST', `/api/shows/${show}/take`)).status).toBe(204);
    expect((await own.call('GET', `/api/shows/${show}`)).json).toMatchObject({
      role: 'owner',
      unowned: false,
      show: { title: 'Harbour quiz' },
    });
    expect((await own.call('GET', '/api/media?kind=sound')).json.total).toBe(1);
    expect((await own.call('POST', `/api/shows/${show}/sittings`)).status).toBe(201);

    // Others who know the passphrase go on writing, but it belongs to somebody now.
    const jory = await world.host('Jory');
    await enter(token, jory);
    expect((await jory.call('POST', `/api/shows/${show}/take`)).json.code).toBe('owned');
    expect((await jory.call('GET', `/api/shows/${show}`)).json).toMatchObject({ owner: 'Wenna', link: null });
    expect((await world.call('POST', '/api/shared', { token })).json.owner).toBe('Wenna');
    // Closing the link turns guests out.
    await own.call('DELETE', `/api/shows/${show}/links/edit`);
    expect((await wenna.call('GET', `/api/shows/${show}`)).status).toBe(401);
  });

  test.each([
    ['a short passphrase', { passphrase: 'short' }, 'A passphrase has at least 8 characters.'],
    ['no name', { name: ' ' }, /./],
    ['no show', { show: {} }, /./],
  ])('%s is refused, and nothing is made', async (_what, more, sentence) => {
    const answer = await begin(more);
    expect(answer).toMatchObject({ status: 400, json: { detail: expect.stringMatching(sentence) } });
    expect(answer.headers.get('set-cookie')).toBeNull();
  });
});

/** A tenth of a second of silence as a wave file. */
function tone(): Uint8Array<ArrayBuffer> {
  const bytes = new Uint8Array(44 + 800);
  const view = new DataView(bytes.buffer);
  const write = (at: number, text: string) => [...text].forEach((c, i) => (bytes[at + i] = c.charCodeAt(0)));
  write(0, 'RIFF');
  view.setUint32(4, 836, true);
  write(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, 8000, true);
  view.setUint32(28, 8000, true);
  view.setUint16(32, 1, true);
  view.setUint16(34, 8, true);
  write(36, 'data');
  view.setUint32(40, 800, true);
  bytes.fill(128, 44);
  return bytes;
}
