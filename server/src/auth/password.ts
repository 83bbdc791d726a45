import { hash, verify } from '@node-rs/argon2';

/** argon2id with the first recommendation of RFC 9106 for small memory (64 MiB, 3 passes, 1 lane). */
const cost = { memoryCost: 65536, timeCost: 3, parallelism: 1 };

export const hashPassword = (password: string): Promise<string> => hash(password, cost);

let decoy: Promise<string> | null = null;

/**
 * Whether the password fits. Without a stored hash (an unknown address) the same work is done on a
 * decoy, so that the time taken does not tell which addresses exist.
 */
export async function passwordFits(stored: string | null, password: string): Promise<boolean> {
  decoy ??= hashPassword('no such account');
  const fits = await verify(stored ?? (await decoy), password);
  return fits && stored !== null;
}
