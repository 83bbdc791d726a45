/** A file name of plain signs. */
export const fileName = (title: string, what: string, type: string): string =>
  `${
    title
      .normalize('NFKD')
      .replace(/[^\w -]+/g, '')
      .trim()
      .replace(/\s+/g, '-')
      .toLowerCase() || 'show'
  }-${what}.${type}`;
