import { afterEach, expect, jest, test } from '@jest/globals';
import '../test/inApp.ts';
import { ApiError } from './client.ts';
import { server } from './server.ts';

afterEach(() => void jest.restoreAllMocks());

test('a file that the server cannot take is told by status and code, so that one is told from all', async () => {
  const refusal = { code: 'wrongType', says: 'otherFile', given: { type: 'text/x-loom' } };
  jest.spyOn(globalThis, 'fetch').mockResolvedValue(Response.json(refusal, { status: 415 }));
  const told = await server.sendMedia('a.png', new Uint8Array([1])).catch((error: unknown) => error);
  expect(told).toBeInstanceOf(ApiError);
  expect(told).toMatchObject({
    status: 415,
    code: 'wrongType',
    message: expect.stringContaining('text/x-loom'),
  });
});
