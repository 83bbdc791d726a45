/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { endApps, inApp, say } from '../../test/inApp.ts';
import { useUpload } from './useUpload.ts';

/** A request that does what the test says. */
class Request {
  static last: Request;
  upload: { onprogress?: (event: { loaded: number; total: number }) => void } = {};
  onload?: () => void;
  onerror?: () => void;
  onabort?: () => void;
  status = 0;
  response: unknown = null;
  address = '';
  open(_: string, address: string) {
    this.address = address;
  }
  setRequestHeader() {}
  send() {
    Request.last = this;
  }
  abort() {
    this.onabort?.();
  }
  answers(status: number, response: unknown) {
    Object.assign(this, { status, response });
    this.onload?.();
  }
}
const usual = globalThis.XMLHttpRequest;
let upload: ReturnType<typeof useUpload>;
beforeEach(() => {
  globalThis.XMLHttpRequest = Request as never;
  upload = inApp(useUpload);
});
afterEach(() => {
  endApps();
  globalThis.XMLHttpRequest = usual;
});
const file = (name: string, size = 10) => ({ name, size }) as File;

test('a file on its way says how far it is, and comes back as the library knows it', async () => {
  const sent = upload.send(file('knot & bow.png'));
  expect([upload.progress.value, Request.last.address]).toEqual([0, '/api/media?name=knot%20%26%20bow.png']);
  Request.last.upload.onprogress!({ loaded: 3, total: 4 });
  expect(upload.progress.value).toBe(0.75);
  Request.last.answers(200, { id: 'm1' });
  expect([await sent, upload.progress.value, upload.problem.value]).toEqual([{ id: 'm1' }, null, '']);
});

test.each<[string, () => void, string]>([
  [
    'as the server says',
    () => Request.last.answers(415, { says: 'pictureDamaged' }),
    say('refusals.pictureDamaged'),
  ],
  ['where something else answered', () => Request.last.answers(502, null), say('media.unreachable')],
  ['where nobody answered', () => Request.last.onerror!(), say('media.unreachable')],
])('what was refused is told: %s', async (_, happens, told) => {
  const sent = upload.send(file('a.png'));
  happens();
  expect([await sent, upload.problem.value, upload.progress.value]).toEqual([null, told, null]);
});

test('what is too large is told before it is sent', async () => {
  expect(await upload.send(file('film.mp4', 70 * 1024 * 1024))).toBeNull();
  expect(upload.problem.value).toBe(say('media.tooLarge', { of: 70, most: 60 }));
});

test('one that is broken off, or followed by another, says nothing more', async () => {
  const first = upload.send(file('a.png'));
  const old = Request.last;
  const second = upload.send(file('b.png'));
  expect(await first).toBeNull();
  old.answers(500, { says: 'unexpected' });
  expect([upload.name.value, upload.problem.value, upload.progress.value]).toEqual(['b.png', '', 0]);
  upload.cancel();
  expect([await second, upload.progress.value]).toEqual([null, null]);
});

test('what is still on its way when the page goes is broken off', async () => {
  const sent = upload.send(file('a.png'));
  endApps();
  expect(await sent).toBeNull();
});
