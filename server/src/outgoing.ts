import dns from 'node:dns';
import http from 'node:http';
import https from 'node:https';
import { BlockList, isIP, type LookupFunction } from 'node:net';

/** Addresses of this machine and of its own network: nobody outside may have us knock there. */
const inside = new BlockList();
for (const [from, bits] of [
  ['0.0.0.0', 8],
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.0.0.0', 24],
  ['192.168.0.0', 16],
  ['198.18.0.0', 15],
  ['224.0.0.0', 3],
] as const)
  inside.addSubnet(from, bits, 'ipv4');
for (const [from, bits] of [
  ['::', 127],
  ['64:ff9b::', 96],
  ['fc00::', 7],
  ['fe80::', 10],
  ['ff00::', 8],
] as const)
  inside.addSubnet(from, bits, 'ipv6');

/** Whether an address is one of the wide world. */
export function isOutside(address: string): boolean {
  const mapped = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/i.exec(address)?.[1];
  const own = mapped ?? address;
  const kind = isIP(own);
  return kind !== 0 && !inside.check(own, kind === 4 ? 'ipv4' : 'ipv6');
}

/** Looks a name up as ever; the very address that is connected to is looked at, so that no name can lead elsewhere a moment later. */
const lookup: LookupFunction = (name, options, done) => {
  dns.lookup(name, { ...options, all: true }, (error, addresses) => {
    const found = error ? [] : addresses.filter(({ address }) => isOutside(address));
    if (found.length === 0) return done(error ?? new Error('inside'), '', 4);
    if (options.all) return (done as unknown as (e: null, all: dns.LookupAddress[]) => void)(null, found);
    done(null, found[0]!.address, found[0]!.family);
  });
};

const PATIENCE = 15_000;
const MOST_ANSWER = 100_000;

/**
 * Sends JSON to an address of the wide world, by https or http, following nothing.
 * @throws Error where it cannot be reached, or lies inside.
 */
export function sendJson(
  url: URL,
  headers: Record<string, string>,
  body: string,
): Promise<{ status: number; text: string }> {
  // A bare address is never looked up.
  const host = url.hostname.replace(/^\[|\]$/g, '');
  if (isIP(host) !== 0 && !isOutside(host)) return Promise.reject(new Error('inside'));
  return new Promise((resolve, reject) => {
    const request = (url.protocol === 'https:' ? https : http).request(
      url,
      {
        method: 'POST',
        lookup,
        timeout: PATIENCE,
        headers: {
          ...headers,
          'content-type': 'application/json',
          'content-length': Buffer.byteLength(body),
        },
      },
      (response) => {
        let text = '';
        response.setEncoding('utf8');
        response.on('data', (part: string) => {
          text += part;
          if (text.length > MOST_ANSWER) response.destroy();
        });
        response.on('close', () => resolve({ status: response.statusCode ?? 0, text }));
      },
    );
    request.on('timeout', () => request.destroy(new Error('timeout')));
    request.on('error', reject);
    request.end(body);
  });
}
