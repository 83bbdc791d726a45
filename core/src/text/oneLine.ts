/** Text that somebody pasted with line breaks, for a place that has one line: each break becomes a space. */
export const oneLine = (text: string): string => text.replace(/[^\S\r\n]*[\r\n]+\s*/g, ' ');
