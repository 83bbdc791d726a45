/** Colours of the drawings. */
export const c = {
  ink: '#14211d',
  white: '#ffffff',
  red: '#c8313c',
  blue: '#1e4f9a',
  yellow: '#f2c318',
  black: '#14211d',
  green: '#1f7a4d',
  sky: '#d9e8f0',
  sea: '#1e5f8a',
  line: '#c7cfca',
};

export const svg = (width, height, body) =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}"><rect width="${width}" height="${height}" rx="14" fill="#edf1ee"/>${body}</svg>\n`;
export const rect = (x, y, w, h, fill) =>
  `<rect x="${x}" y="${y}" width="${w}" height="${h}" fill="${fill}"/>`;
export const poly = (points, fill) => `<polygon points="${points}" fill="${fill}"/>`;
export const disc = (x, y, r, fill) => `<circle cx="${x}" cy="${y}" r="${r}" fill="${fill}"/>`;
export const line = (d, stroke, width) =>
  `<path d="${d}" fill="none" stroke="${stroke}" stroke-width="${width}"/>`;
