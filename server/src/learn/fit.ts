import { learnQuestions, type Learnt } from '@distaff/core/learn';
import { asOriginals, type Dated } from '@distaff/core/term';
import { readDigest } from '../db/results.ts';

/** What a fit begins with, as it lies in the database: it is unpacked where the time is. */
export interface FitFrom {
  games: { sitting: string; isAnonymous: boolean; body: Uint8Array }[];
  practices: Dated[];
  /** Which question another is a copy of. */
  originals: Map<string, string>;
}

/** Unpacks games and learns from them. @param tell is told the share that is done. */
export async function fit(from: FitFrom, tell: (share: number) => void): Promise<Learnt[]> {
  const digests = [...from.practices];
  for (const { sitting, isAnonymous, body } of from.games)
    digests.push({ ...(await readDigest(Buffer.from(body))), sitting, isAnonymous });
  return learnQuestions(asOriginals(digests, from.originals), tell);
}
