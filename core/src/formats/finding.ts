import type { Finding } from './format.ts';

/** What a format says of a round as a whole; `more` where a part of it is meant, or where it must be mended. */
export const finding = (
  code: string,
  params: Finding['params'] = {},
  more: Partial<Pick<Finding, 'ref' | 'question' | 'mustMend'>> = {},
): Finding => ({ code, ref: null, question: null, params, mustMend: false, ...more });
