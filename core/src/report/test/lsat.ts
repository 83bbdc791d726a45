/**
 * Section 6 of the LSAT: 1,000 people, five questions, by pattern of right answers (R. D. Bock and M. Lieberman, “Fitting a
 * response model for n dichotomously scored items”, Psychometrika 35, 1970, table 1).
 */
const patterns: Record<string, number> = {
  '00000': 3,
  '00001': 6,
  '00010': 2,
  '00011': 11,
  '00100': 1,
  '00101': 1,
  '00110': 3,
  '00111': 4,
  '01000': 1,
  '01001': 8,
  '01011': 16,
  '01101': 3,
  '01110': 2,
  '01111': 15,
  '10000': 10,
  '10001': 29,
  '10010': 14,
  '10011': 81,
  '10100': 3,
  '10101': 28,
  '10110': 15,
  '10111': 80,
  '11000': 16,
  '11001': 56,
  '11010': 21,
  '11011': 173,
  '11100': 11,
  '11101': 61,
  '11110': 28,
  '11111': 298,
};
/** A row of marks for each person. */
export const lsat: number[][] = Object.entries(patterns).flatMap(([pattern, count]) =>
  Array.from({ length: count }, () => [...pattern].map(Number)),
);

/**
 * What is published of them: D. Rizopoulos, “ltm: An R package for latent variable modelling and item response theory
 * analyses”, Journal of Statistical Software 17 (5), 2006 – descriptives, alpha, and the Rasch model with a common slope
 * (here difficulty × slope, with the slope as the spread of people). Written down from memory.
 */
export const published = {
  shares: [0.924, 0.709, 0.553, 0.763, 0.87],
  withTotal: [0.362, 0.5668, 0.6184, 0.5344, 0.4354],
  withRest: [0.1128, 0.1532, 0.1728, 0.1444, 0.1216],
  alpha: 0.295,
  alphaWithout: [0.2754, 0.2376, 0.2168, 0.2459, 0.2663],
  slope: 0.7551,
  difficulty: [-3.6153, -1.3224, -0.3176, -1.7301, -2.7802],
};
