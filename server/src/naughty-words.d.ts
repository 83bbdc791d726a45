/** Lists of words by language, under CC BY 4.0; the package comes without types. */
declare module 'naughty-words' {
  const lists: Record<string, string[]>;
  export default lists;
}
