import { createHash, randomBytes } from 'node:crypto';

/** A secret of 192 random bits, in 32 letters and digits of base64url. */
export const newToken = (): string => randomBytes(24).toString('base64url');

/** What is stored of a token: its SHA-256, so that a look into the database opens no door. */
export const hashToken = (token: string): string => createHash('sha256').update(token).digest('hex');

/**
 * What stands for the holder of a token where nobody may know who answered what: it follows from the token, of which
 * only another hash is stored, so that from what is stored nobody can work it out.
 */
export const voterOf = (token: string): string => createHash('sha256').update(`voter ${token}`).digest('hex');

/** The receipt of a voter for one question of a sitting: another one for each, the same each time. */
export const receiptOf = (voter: string, sitting: string, play: number): string =>
  createHash('sha256').update(`${voter} ${sitting} ${play}`).digest('base64url').slice(0, 24);

/** A key that follows from the stage's and leads to the same picture, but acts nothing: for overlays, which strangers handle. */
export const viewKey = (stageKey: string): string =>
  createHash('sha256').update(`view ${stageKey}`).digest('base64url').slice(0, 32);
