/** A text as it may stand in an SVG. */
export const svgText = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]!);
/** The letters of pictures that are taken away: those that other machines have, too. */
export const svgFont = "'Atkinson Hyperlegible Next', 'Atkinson Hyperlegible', Arial, sans-serif";
