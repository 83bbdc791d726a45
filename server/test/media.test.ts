import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createHash, randomBytes } from 'node:crypto';
import { request } from 'node:http';
import { deflateSync, crc32 } from 'node:zlib';
import sharp from 'sharp';
import { World, type Host } from './world.ts';

const world = new World();
let host: Host;
beforeAll(async () => {
  await world.open();
  host = await world.host();
});
afterAll(() => world.close());

interface Answer {
  status: number;
  json: {
    id: string;
    width: number;
    height: number;
    kind: string;
    name: string;
    says: string;
    given: object;
  };
}
async function send(bytes: Uint8Array, name = 'file', who = host): Promise<Answer> {
  const response = await fetch(`${world.url}/api/media?name=${encodeURIComponent(name)}`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream', cookie: who.cookie },
    body: Buffer.from(bytes),
  });
  return { status: response.status, json: (await response.json()) as Answer['json'] };
}
const get = (path: string, headers: Record<string, string> = {}) => fetch(world.url + path, { headers });
const bytesOf = async (path: string, accept: string) =>
  Buffer.from(await (await get(path, { accept })).arrayBuffer());

/** Four quarters: red, green above; blue, white below. */
const quarters = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#ffffff' } }).composite(
    [
      ['#ff0000', 0, 0],
      ['#00ff00', width / 2, 0],
      ['#0000ff', 0, height / 2],
    ].map(([background, left, top]) => ({
      input: {
        create: {
          width: width / 2,
          height: height / 2,
          channels: 3 as const,
          background: String(background),
        },
      },
      left: Number(left),
      top: Number(top),
    })),
  );
const colourAt = async (picture: Buffer, x: number, y: number) => {
  const { data, info } = await sharp(picture).removeAlpha().raw().toBuffer({ resolveWithObject: true });
  const at = (Math.floor(y * info.height) * info.width + Math.floor(x * info.width)) * info.channels;
  return [...data.subarray(at, at + 3)].map((value) => (value > 127 ? 1 : 0)).join('');
};

/** A PNG whose head promises many pixels (PNG specification, third edition, sections 5 and 11.2.1). */
function promises(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
    const out = Buffer.alloc(body.length + 8);
    out.writeUInt32BE(data.length, 0);
    body.copy(out, 4);
    out.writeUInt32BE(crc32(body), body.length + 4);
    return out;
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([1, 0, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(Buffer.alloc(1000))),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}
/** A second of silence as WAV: RIFF head, PCM, 8 bit, 8 kHz. */
function silence(): Buffer {
  const head = Buffer.alloc(44);
  head.write('RIFF', 0).toString();
  head.writeUInt32LE(36 + 8000, 4);
  head.write('WAVEfmt ', 8);
  head.writeUInt32LE(16, 16);
  head.writeUInt16LE(1, 20);
  head.writeUInt16LE(1, 22);
  head.writeUInt32LE(8000, 24);
  head.writeUInt32LE(8000, 28);
  head.writeUInt16LE(1, 32);
  head.writeUInt16LE(8, 34);
  head.write('data', 36);
  head.writeUInt32LE(8000, 40);
  return Buffer.concat([head, Buffer.alloc(8000, 128)]);
}

describe('a picture', () => {
  test('is turned upright, made smaller, and loses what the camera noted', async () => {
    const photo = await quarters(3000, 2000)
      .jpeg()
      .withExif({ IFD0: { Artist: 'Somebody', Orientation: '6' }, IFD3: { GPSLatitudeRef: 'N' } })
      .withMetadata({ orientation: 6 })
      .toBuffer();
    const { status, json } = await send(photo, 'C:\\photos\\beach.jpg');
    expect([status, json.kind, json.name, json.width, json.height]).toEqual([
      201,
      'picture',
      'beach.jpg',
      1067,
      1600,
    ]);
    for (const [accept, format] of [
      ['image/webp,*/*', 'webp'],
      ['image/png,image/jpeg', 'jpeg'],
    ] as const)
      for (const [size, side] of [
        ['large', 1600],
        ['small', 640],
      ] as const) {
        const bytes = await bytesOf(`/media/${json.id}/${size}`, accept);
        const meta = await sharp(bytes).metadata();
        expect([meta.format, meta.height, meta.exif, meta.orientation]).toEqual([
          format,
          side,
          undefined,
          undefined,
        ]);
        expect(bytes.includes('Somebody')).toBe(false);
        // Orientation 6: the row shown on top was the column at the left (EXIF 2.32, table of orientations).
        expect([await colourAt(bytes, 0.25, 0.25), await colourAt(bytes, 0.75, 0.25)]).toEqual([
          '001',
          '100',
        ]);
      }
  });

  test('that is small keeps its size; one that can be seen through stays so', async () => {
    const clear = await sharp({
      create: { width: 40, height: 30, channels: 4, background: { r: 9, g: 9, b: 9, alpha: 0.2 } },
    })
      .png()
      .toBuffer();
    const { json } = await send(clear);
    expect([json.width, json.height]).toEqual([40, 30]);
    const meta = await sharp(await bytesOf(`/media/${json.id}/large`, 'image/png')).metadata();
    expect([meta.format, meta.hasAlpha]).toEqual(['png', true]);
  });

  test('sent twice is kept once; nobody else finds it in their list', async () => {
    const bytes = await quarters(64, 64).png().toBuffer();
    const first = await send(bytes, 'first.png');
    const again = await send(bytes, 'again.png');
    expect(again.json.id).toBe(first.json.id);
    const other = await world.host();
    expect((await send(bytes, 'theirs.png', other)).json.id).not.toBe(first.json.id);
    const { json } = await other.call('GET', '/api/media?kind=picture');
    expect(json.media.map((one: { name: string }) => one.name)).toEqual(['theirs.png']);
    expect(
      (await other.call('PUT', `/api/media/${first.json.id}`, { alt: 'x', credit: '', licence: '' })).status,
    ).toBe(404);
  });

  test('is described, found by its words, taken out of the list, and still there for those who use it', async () => {
    const { json } = await send(await quarters(60, 40).png().toBuffer(), 'flag.png');
    const words = { alt: 'Four 100% colours', credit: 'Ansa', licence: 'CC0 1.0' };
    expect((await host.call('PUT', `/api/media/${json.id}`, words)).json).toMatchObject(words);
    const ids = async (q: string) =>
      (await host.call('GET', `/api/media?kind=picture&q=${encodeURIComponent(q)}`)).json.media.map(
        (one: { id: string }) => one.id,
      );
    expect([await ids('100% col'), await ids('100_ col')]).toEqual([[json.id], []]);
    await host.call('DELETE', `/api/media/${json.id}`);
    expect(await ids('colours')).toEqual([]);
    expect((await get(`/media/${json.id}/small`)).status).toBe(200);
  });

  test('is cut: the part is a picture of its own, and holds nothing of the rest', async () => {
    const { json } = await send(await quarters(400, 200).png().toBuffer());
    const cut = await host.call('POST', `/api/media/${json.id}/cut`, {
      x: 0.5,
      y: 0,
      width: 0.5,
      height: 0.5,
    });
    expect([cut.status, cut.json.width, cut.json.height]).toEqual([201, 200, 100]);
    const bytes = await bytesOf(`/media/${cut.json.id}/large`, 'image/webp');
    const corners = [];
    for (const x of [0.05, 0.95]) for (const y of [0.05, 0.95]) corners.push(await colourAt(bytes, x, y));
    expect(new Set(corners)).toEqual(new Set(['010']));
    const outside = { x: 0.8, y: 0, width: 0.5, height: 0.5 };
    expect((await host.call('POST', `/api/media/${json.id}/cut`, outside)).status).toBe(400);
  });
});

describe('what is refused, and why, and leaves nothing behind', () => {
  const cases: [string, () => Buffer | Promise<Buffer>, number, string, object?][] = [
    ['a text', () => Buffer.from('just words'), 415, 'noMedia'],
    ['nothing', () => Buffer.alloc(0), 400, 'fileEmpty'],
    [
      'an SVG drawing',
      () => Buffer.from('<?xml version="1.0"?><svg xmlns="x"><script/></svg>'),
      415,
      'svgFile',
    ],
    [
      'a program',
      () => Buffer.concat([Buffer.from([0x7f, 0x45, 0x4c, 0x46]), randomBytes(200)]),
      415,
      'otherFile',
      { type: 'application/x-elf' },
    ],
    [
      'a picture bomb',
      () => promises(50_000, 50_000),
      413,
      'tooManyPixels',
      { width: 50_000, height: 50_000 },
    ],
    [
      'a picture that is cut off',
      async () => (await quarters(600, 600).png().toBuffer()).subarray(0, 300),
      415,
      'pictureDamaged',
    ],
    [
      'a picture of 21 MB',
      () => Buffer.concat([promises(10, 10), Buffer.alloc(21 * 1024 * 1024)]),
      413,
      'fileTooLarge',
      { mb: 20 },
    ],
  ];
  test.each(cases)('%s', async (_name, make, status, says, given = {}) => {
    const before = (await host.call('GET', '/api/media?kind=picture')).json.total;
    const answer = await send(await make());
    expect([answer.status, answer.json.says, answer.json.given]).toEqual([status, says, given]);
    expect((await host.call('GET', '/api/media?kind=picture')).json.total).toBe(before);
  });

  test('100 MB are refused at their head, before they are sent', async () => {
    const status = await new Promise<string>((resolve, reject) => {
      const own = request(`${world.url}/api/media?name=long.mp4`, {
        method: 'POST',
        headers: { cookie: host.cookie, 'content-length': String(100 * 1024 * 1024) },
      });
      own.on('response', (response) => {
        let text = '';
        response.on('data', (part: Buffer) => (text += part.toString()));
        response.on('end', () => resolve(`${response.statusCode} ${text}`));
      });
      own.on('error', reject);
      own.write('x');
    });
    expect(status).toMatch(/^413 .*"fileTooLarge","given":\{"mb":60\}/);
  });

  test('somebody who is not signed in, and an id that is not one', async () => {
    const response = await fetch(`${world.url}/api/media`, { method: 'POST', body: 'x' });
    expect(response.status).toBe(401);
    for (const path of ['/media/nothing-here/large', '/media/..%2f..%2fetc/large', '/media/x/passwd'])
      expect([400, 404]).toContain((await get(path)).status);
  });
});

test('files are served for ever, from a path where nothing runs, and sounds in parts', async () => {
  const { json } = await send(silence(), 'quiet.wav');
  expect(json.kind).toBe('sound');
  const whole = await get(`/media/${json.id}/file`);
  expect(whole.headers.get('content-type')).toBe('audio/wav');
  expect(whole.headers.get('cache-control')).toMatch(/immutable/);
  expect(whole.headers.get('content-security-policy')).toBe("default-src 'none'; sandbox");
  expect(whole.headers.get('x-content-type-options')).toBe('nosniff');
  const hash = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');
  expect(hash(Buffer.from(await whole.arrayBuffer()))).toBe(hash(silence()));
  // RFC 9110, section 14.
  const part = await get(`/media/${json.id}/file`, { range: 'bytes=0-3' });
  expect([part.status, part.headers.get('content-range'), await part.text()]).toEqual([
    206,
    'bytes 0-3/8044',
    'RIFF',
  ]);
  expect((await get(`/media/${json.id}/large`)).status).toBe(404);
});
