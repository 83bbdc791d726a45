import { words } from './current.ts';

/** Why something was not done, as the server says it: which sentence, and what stands in it. */
export interface Said {
  says: string;
  given?: object | undefined;
  /** What exactly is wrong with something written, where the server knows. */
  detail?: string | undefined;
}

/** Stands for a sentence where nobody is there any more to be told. */
export const NOTHING = '';

/** The sentence for the person. One that this page does not have (it is older than the server) is told in general. */
export function told({ says, given, detail }: Said): string {
  if (detail) return detail;
  if (says === NOTHING) return '';
  const { t, te } = words().global;
  return te(`refusals.${says}`) ? t(`refusals.${says}`, { ...given }) : t('common.unexpected');
}
