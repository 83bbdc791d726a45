import { readFileSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { PublicView, SeatView } from '@distaff/core/sitting';
import { blankQuestion } from '@distaff/core/question';
import { newRound } from '@distaff/core/show';
import { demoShow, PASSWORD, unique, World, type Host, type Visitor } from './world.ts';

/** What people did who wanted to spoil a show; none of it works any more. */
let world: World;
let host: Host;
beforeAll(async () => {
  world = await new World().open();
  host = await world.host();
});
afterAll(() => world.close());

const options = ['right', 'wrong'].map((text, i) => ({ id: `o${i}`, text }));
function quiz(clock: number | null) {
  const show = demoShow();
  const round = newRound('quiz', () => 'round');
  const question = {
    ...blankQuestion(() => 'q'),
    prompt: 'Ebb?',
    answer: { kind: 'choice' as const, options, key: 'o0' },
  };
  Object.assign(round.content, { items: [{ id: 'q', points: null }] });
  round.rules = { ...round.rules, clock, steps: 'joined' };
  return { ...show, rounds: [round], questions: { q: question } };
}
/** A sitting with its desk, brought to the open question. */
async function open(clock: number | null) {
  const sitting = await host.sitting(quiz(clock));
  const desk = host.desk(sitting.id);
  await desk.until(() => desk.last('view'));
  return { ...sitting, desk };
}
async function goOn(desk: Visitor, times = 1) {
  for (let i = 0; i < times; i++) {
    const view = desk.last<{ private: { next: { command: { after: number } } } }>('view')!;
    const { after } = view.private.next.command;
    expect(await desk.send({ type: 'next', after })).toMatchObject({ ok: true });
    await desk.until(() => {
      const now = desk.last<{ private: { next: { command: { after: number } | null } } }>('view')!;
      return now.private.next.command?.after !== after;
    });
  }
}
async function seated(code: string, name: string, team: string) {
  const phone = world.connect({ as: 'handset', code });
  await phone.until(() => phone.last('view'));
  expect(await phone.join(name, team)).toMatchObject({ ok: true });
  await phone.until(() => phone.last('seat'));
  return phone;
}

describe('ids and clocks', () => {
  test('a phone that uses up ids stops no clock, and none of it spins', async () => {
    const { code, desk } = await open(3);
    const teams = demoShow().teams.map((team) => team.id);
    const phone = await seated(code, 'Annabel', teams[0]!);
    await seated(code, 'Corin', teams[1]!);
    for (let i = 0; i < 30; i++)
      await phone.send({ type: 'answer', play: 1, answer: { slot: 0 } }, `time-${100 + i}`);
    await goOn(desk, 3);
    const answer = { type: 'answer', play: desk.play, answer: { slot: 0 } };
    const { seq } = desk.last<{ seq: number }>('view')!;
    for (const id of [`time-${seq + 1}`, `time-${seq + 2}`, `outage-${seq}`]) await phone.send(answer, id);
    await desk.until(() => desk.last<PublicView>('view')!.question?.lockedBy === 'time');
  });

  test('the moment that a phone names is not believed beyond its way', async () => {
    const show = quiz(null);
    Object.assign(show.rounds[0]!.rules, { floor: 'buzz', afterWrong: 'buzz' });
    const sitting = await host.sitting(show);
    const desk = host.desk(sitting.id);
    await desk.until(() => desk.last('view'));
    const [one, two] = demoShow().teams.map((team) => team.id) as [string, string];
    const honest = await seated(sitting.code, 'Honest', one);
    const cheat = world.connect({ as: 'handset', code: sitting.code });
    // Holds every echo back, so that its way looks long.
    cheat.socket.on('echo', (reply: () => void) => setTimeout(reply, 2000));
    honest.socket.on('echo', (reply: () => void) => reply());
    await cheat.until(() => cheat.last('view'));
    await cheat.join('Cheat', two);
    await new Promise((measured) => setTimeout(measured, 2300));
    await goOn(desk, 3);
    const { play } = desk;
    const pressed = Date.now();
    void honest.send({ type: 'buzz', play, pressed });
    await new Promise((later) => setTimeout(later, 120));
    await cheat.send({ type: 'buzz', play, pressed: 0 });
    const buzz = await desk.until(() => desk.last<PublicView>('view')!.question?.buzz);
    expect(buzz!.drawn || buzz!.team === one).toBe(true);
  });
});

describe('a class behind one address', () => {
  test('one socket takes one seat', async () => {
    const { code } = await host.sitting();
    const team = demoShow().teams[0]!.id;
    const phone = await seated(code, 'One', team);
    expect(await phone.join('Two', team)).toMatchObject({ refused: 'already' });
    expect(phone.last<SeatView>('seat')).toMatchObject({ name: 'One' });
  });

  test('a join that is sent again by itself takes the one seat, whoever asks', async () => {
    const { code } = await host.sitting();
    const team = demoShow().teams[0]!.id;
    const phone = world.connect({ as: 'handset', code });
    await phone.until(() => phone.last('view'));
    const payload = { id: unique('j'), token: unique('token-token-token'), name: 'Again', team };
    const both = await Promise.all([0, 1].map(() => phone.socket.timeout(5000).emitWithAck('join', payload)));
    expect(both.filter((one) => one.ok)).not.toEqual([]);
    expect(both.filter((one) => one.refused === 'nameTaken')).toEqual([]);
  });
});

describe('floods', () => {
  test('the time is told to a person, not to a flood', async () => {
    const { code } = await host.sitting();
    const phone = world.connect({ as: 'handset', code });
    await phone.until(() => phone.last('view'));
    let told = 0;
    for (let i = 0; i < 3000; i++) phone.socket.emit('time', () => told++);
    await new Promise((over) => setTimeout(over, 1000));
    expect(told).toBeGreaterThan(0);
    expect(told).toBeLessThan(200);
  });

  test('a hundred passwords at once are not all looked at', async () => {
    const other = await world.host();
    const began = performance.now();
    const tries = await Promise.all(
      Array.from({ length: 100 }, (_, i) =>
        world.call('POST', '/api/login', {
          email: other.email,
          password: i === 60 ? PASSWORD : `wrong password ${i}`,
        }),
      ),
    );
    // Three at once, then one after 1, 2, 4 … seconds: a busy machine takes that long.
    const allowed = 3 + Math.floor(Math.log2(1 + (performance.now() - began) / 1000));
    expect(tries.filter((one) => one.status === 401).length).toBeLessThanOrEqual(allowed);
    expect(tries.filter((one) => one.status === 429).length).toBeGreaterThan(90);
  });
});

describe('secrets beside the wire', () => {
  async function upload(who: Host, file: string) {
    const body = readFileSync(path.join(import.meta.dirname, 'media', file));
    const response = await fetch(`${world.url}/api/media?name=${file}`, {
      method: 'POST',
      headers: { cookie: who.cookie },
      body,
    });
    expect(response.status).toBeLessThan(300);
    return (await response.json()) as { id: string };
  }
  test('what is written in a sound is sent to nobody', async () => {
    const { id } = await upload(host, 'tagged.mp3');
    const file = Buffer.from(await (await fetch(`${world.url}/media/${id}/file`)).arrayBuffer());
    expect(file.length).toBeGreaterThan(1000);
    expect(file.includes('ZQKEY')).toBe(false);
  });
  test('a file of somebody else is not there to be cut, nor to be named', async () => {
    const { id } = await upload(host, 'tagged.mp3');
    const other = await world.host();
    const cut = { x: 0, y: 0, width: 1, height: 1 };
    const answer = await other.call('POST', `/api/media/${id}/cut`, cut);
    expect([answer.status, answer.text.includes('tagged')]).toEqual([404, false]);
  });
  test('whom to thank for a picture or a sound is told with the key', async () => {
    const show = quiz(null);
    const thanks = { credit: 'ZQKEY harbour band', licence: 'CC0', alt: 'A tune' };
    show.questions.q.sound = { file: 'shelf.x', ...thanks };
    show.questions.q.picture = {
      file: 'shelf.y',
      width: 9,
      height: 9,
      focus: { x: 0.5, y: 0.5 },
      cutOf: null,
      ...thanks,
    };
    const sitting = await host.sitting(show);
    const desk = host.desk(sitting.id);
    await desk.until(() => desk.last('view'));
    const phone = await seated(sitting.code, 'Annabel', demoShow().teams[0]!.id);
    await goOn(desk, 3);
    expect(phone.last<PublicView>('view')!.question!.sound).toMatchObject({ alt: 'A tune', credit: '' });
    expect(JSON.stringify(phone.frames)).not.toContain('ZQKEY');
    await goOn(desk, 2);
    await phone.until(() => phone.last<PublicView>('view')!.question!.key);
    expect(phone.last<PublicView>('view')!.question!.sound!.credit).toBe('ZQKEY harbour band');
  });
});

describe('rights that end, end at once', () => {
  test('a co-host who is sent away loses the stage as well', async () => {
    const sitting = await host.sitting();
    const { key } = (await host.call('POST', `/api/sittings/${sitting.id}/desk-link`)).json;
    const coHost = world.connect({ as: 'desk', sitting: sitting.id, key });
    const keys = await coHost.until(() => coHost.last<{ stage: string }>('keys'));
    const stage = world.connect({ as: 'stage', code: sitting.code, key: keys!.stage });
    await stage.until(() => stage.last('view'));
    await host.call('DELETE', `/api/sittings/${sitting.id}/desk-link`);
    await stage.until(() => !stage.socket.connected);
    const again = world.connect({ as: 'stage', code: sitting.code, key: keys!.stage });
    expect(await again.refused()).toMatchObject({ code: 'signIn' });
  });
  test('a desk whose host has signed out is closed', async () => {
    const other = await world.host();
    const sitting = await other.sitting();
    const desk = other.desk(sitting.id);
    await desk.until(() => desk.last('view'));
    await other.call('DELETE', '/api/login');
    await desk.until(() => !desk.socket.connected);
  });
});
