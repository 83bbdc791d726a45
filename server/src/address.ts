import os from 'node:os';
import type { Config } from './config.ts';

/** This machine's own address on its network, where it has one. */
function networkAddress(): string | null {
  const all = Object.values(os.networkInterfaces()).flat();
  return all.find((one) => one?.family === 'IPv4' && !one.internal)?.address ?? null;
}

/**
 * The address at which players reach this server from their own devices, without a slash at the
 * end; null where only this machine reaches it.
 */
export function playersAddress({
  host,
  port,
  publicUrl,
}: Pick<Config, 'host' | 'port' | 'publicUrl'>): string | null {
  if (publicUrl !== null) return publicUrl;
  const own = host === '0.0.0.0' || host === '::' ? networkAddress() : host;
  return own === null || /^(127\.|localhost$|::1$)/.test(own) ? null : `http://${own}:${port}`;
}
