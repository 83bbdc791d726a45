import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { World } from './world.ts';

describe('behind a proxy', () => {
  let proxied: World;
  beforeAll(async () => {
    proxied = await new World().open('https://distaff.example');
  });
  afterAll(() => proxied.close());
  const from = (spoofed: string, real: string) => ({ 'x-forwarded-for': `${spoofed}, ${real}` });

  test('what a client writes as its address is not believed', async () => {
    const owner = await proxied.host();
    const began = performance.now();
    const statuses = await Promise.all(
      Array.from({ length: 60 }, (_, i) =>
        proxied.call(
          'POST',
          '/api/login',
          { email: owner.email, password: 'wrong password' },
          from(`10.0.${i}.1`, '203.0.113.9'),
        ),
      ),
    );
    // Three at once, then one after 1, 2, 4 … seconds: a busy machine takes that long.
    const seconds = (performance.now() - began) / 1000;
    const allowed = 3 + Math.floor(Math.log2(1 + seconds));
    expect(statuses.filter((one) => one.status === 401).length).toBeLessThanOrEqual(allowed);
    let letIn = 0;
    for (let i = 0; i < 100; i++) {
      const { status } = await proxied.call(
        'GET',
        '/api/join/CCCCC',
        undefined,
        from(`10.1.${i}.1`, '203.0.113.9'),
      );
      if (status === 404) letIn++;
    }
    expect(letIn).toBeLessThanOrEqual(41);
    // Somebody else, from elsewhere, is not concerned: neither over HTTP nor over a socket.
    expect((await proxied.call('GET', '/api/join/CCCCC', undefined, from('x', '198.51.100.7'))).status).toBe(
      404,
    );
    const guessing = proxied.connect({ as: 'handset', code: 'CCCCC' }, undefined, from('x', '203.0.113.9'));
    expect(await guessing.refused()).toMatchObject({ code: 'slow' });
    const elsewhere = proxied.connect({ as: 'handset', code: 'CCCCC' }, undefined, from('y', '198.51.100.8'));
    expect(await elsewhere.refused()).toMatchObject({ code: 'notThere' });
  });

  test('many accounts tried from one address, and one account from many, are slowed down', async () => {
    const owner = await proxied.host();
    const many = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        proxied.call(
          'POST',
          '/api/login',
          { email: owner.email, password: 'wrong password' },
          from('x', `192.0.2.${i}`),
        ),
      ),
    );
    expect(many.filter((one) => one.status === 401).length).toBeLessThanOrEqual(10);
  });
});
