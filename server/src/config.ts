import path from 'node:path';
import * as v from 'valibot';

/** Where the built pages and the ready-made sets are, seen from the working folder. */
const WEB_DIR = path.resolve(process.cwd(), 'web/dist');
const SETS_DIR = path.resolve(process.cwd(), 'demo/sets');

const wholeNumber = (name: string, min: number, max: number) =>
  v.pipe(
    v.string(),
    v.regex(/^\d+$/, `${name} must be a whole number.`),
    v.transform(Number),
    v.minValue(min, `${name} must be at least ${min}.`),
    v.maxValue(max, `${name} must be at most ${max}.`),
  );

const address = (name: string, schemes: string[]) =>
  v.pipe(
    v.string(),
    v.check(
      (text) => URL.canParse(text) && schemes.includes(new URL(text).protocol),
      `${name} must be an address that starts with ${schemes.map((scheme) => `${scheme}//`).join(' or ')}.`,
    ),
  );

const Environment = v.object({
  PORT: v.optional(wholeNumber('PORT', 1, 65535), '4600'),
  HOST: v.optional(
    v.pipe(
      v.string(),
      v.regex(/^[\w.:-]+$/, 'HOST must be an address to listen on, such as 127.0.0.1 or 0.0.0.0.'),
    ),
    '127.0.0.1',
  ),
  DISTAFF_DATA_DIR: v.optional(
    v.pipe(v.string(), v.minLength(1, 'DISTAFF_DATA_DIR must name a folder.')),
    '.data',
  ),
  /** Without one the start command runs a private MariaDB of its own. */
  DATABASE_URL: v.optional(address('DATABASE_URL', ['mariadb:', 'mysql:'])),
  /** The address that people use, where a proxy stands in front. */
  PUBLIC_URL: v.optional(address('PUBLIC_URL', ['http:', 'https:'])),
  /** Whoever changes a state that was only handed out fails: for development and tests, since it costs time. */
  DISTAFF_GUARD: v.optional(v.picklist(['on', 'off'], 'DISTAFF_GUARD must be on or off.'), 'off'),
  LOG_LEVEL: v.optional(
    v.picklist(
      ['trace', 'debug', 'info', 'warn', 'error', 'silent'],
      'LOG_LEVEL must be one of trace, debug, info, warn, error, silent.',
    ),
    'info',
  ),
});

export interface Config {
  port: number;
  host: string;
  dataDir: string;
  databaseUrl: string | null;
  publicUrl: string | null;
  logLevel: string;
  guard: boolean;
  webDir: string;
  setsDir: string;
}

/**
 * Reads every setting from the environment. An empty variable counts as unset.
 * @returns the settings, or one clear line per mistake.
 */
export function readConfig(
  env: Record<string, string | undefined>,
): { config: Config } | { mistakes: string[] } {
  const given = Object.fromEntries(
    Object.entries(env).filter(([, value]) => value !== undefined && value !== ''),
  );
  const parsed = v.safeParse(Environment, given);
  if (!parsed.success) return { mistakes: [...new Set(parsed.issues.map((issue) => issue.message))] };
  const { output } = parsed;
  return {
    config: {
      port: output.PORT,
      host: output.HOST,
      dataDir: path.resolve(output.DISTAFF_DATA_DIR),
      databaseUrl: output.DATABASE_URL ?? null,
      publicUrl: output.PUBLIC_URL?.replace(/\/+$/, '') ?? null,
      logLevel: output.LOG_LEVEL,
      guard: output.DISTAFF_GUARD === 'on',
      webDir: WEB_DIR,
      setsDir: SETS_DIR,
    },
  };
}
