import { pino, type Logger } from 'pino';

export type Log = Logger;

/** Structured lines on standard output, one JSON object each. */
export const openLog = (level: string): Log =>
  pino({ level, base: null, timestamp: pino.stdTimeFunctions.isoTime });
