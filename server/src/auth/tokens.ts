import { createHash, randomBytes } from 'node:crypto';

/** A secret of 192 random bits, in 32 letters and digits of base64url. */
export const newToken = (): string => randomBytes(24).toString('base64url');

/** What is stored of a token: its SHA-256, so that a look into the database opens no door. */
export const hashToken = (token: string): string => createHash('sha256').update(token).digest('hex');

/** A key that follows from the stage's and leads to the same picture, but acts nothing: for overlays, which strangers handle. */
export const viewKey = (stageKey: string): string =>
  createHash('sha256').update(`view ${stageKey}`).digest('base64url').slice(0, 32);
