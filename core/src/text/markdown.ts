/** Whether a text means the same as small Markdown and as it stands, so that nothing need render it. */
export const isPlain = (text: string): boolean => !/[*_`$~\\]|^\s*(?:[-+]|\d+[.)])\s/m.test(text);

/** Small Markdown as one line of plain text, for lists, labels and searching: marks go, words stay. */
export const plainText = (markdown: string): string =>
  (isPlain(markdown)
    ? markdown
    : markdown
        .replace(/\\([*_`$~\\])/g, '\u0000$1')
        .replace(
          /(?<!\u0000)(\*\*|__|~~|[`$]|\*(?!\s|$)|(?<!\s|^)\*|(?<![\p{L}\p{N}])_|_(?![\p{L}\p{N}]))/gu,
          '',
        )
        .replace(/\u0000/g, '')
        .replace(/^\s*[-+]\s+/gm, '')
  )
    .replace(/\s+/g, ' ')
    .trim();
