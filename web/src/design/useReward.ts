import { useFormat } from './useFormat.ts';

/** Where the points stand in the host's own words. */
const POINTS = '{points}';

/** What the host says of a right and of a wrong answer, with what it brought. */
export function useReward() {
  const { change } = useFormat();
  /** @param amount what it brought; null while that is not known: then words that name it are kept back. */
  return (words: { onRight: string; onWrong: string }, right: boolean, amount: number | null): string => {
    const said = right ? words.onRight : words.onWrong;
    if (amount === null) return said.includes(POINTS) ? '' : said;
    return said.replaceAll(POINTS, change(amount));
  };
}
