/** Several things in one cell stand between bars; a bar or backslash that is meant has a backslash before it. */
export const joinCell = (parts: readonly string[]): string =>
  parts.map((part) => part.replace(/[\\|]/g, '\\$&')).join(' | ');

export function splitCell(cell: string, sign = '|'): string[] {
  const parts: string[] = [];
  let part = '';
  for (let i = 0; i < cell.length; i++) {
    const escaped = cell[i] === '\\' && (cell[i + 1] === sign || cell[i + 1] === '\\');
    if (escaped) part += cell[++i]!;
    else if (cell[i] === sign) {
      parts.push(part.trim());
      part = '';
    } else part += cell[i]!;
  }
  return [...parts, part.trim()];
}

/** A pair in one cell: left = right; an equals sign that is meant has a backslash before it. */
export const joinPair = (left: string, right: string): string =>
  `${left.replace(/[\\=]/g, '\\$&')} = ${right.replace(/[\\=]/g, '\\$&')}`.trim();

export function splitPair(cell: string): { left: string; right: string } | null {
  const arrow = /^(.+?)\s*(?:->|→|⇒|=>)\s*(.+)$/.exec(cell);
  if (arrow && !/(?<!\\)=(?!>)/.test(cell)) return { left: arrow[1]!.trim(), right: arrow[2]!.trim() };
  const [left, right, more] = splitCell(cell, '=');
  return left !== undefined && right !== undefined && more === undefined ? { left, right } : null;
}
