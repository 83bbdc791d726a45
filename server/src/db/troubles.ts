/** What the driver's codes mean for whoever starts Distaff. */
const sentences: Record<string, string> = {
  ER_ACCESS_DENIED_ERROR: 'MariaDB does not let Distaff in: name and password in DATABASE_URL must be right.',
  ER_DBACCESS_DENIED_ERROR: 'The user in DATABASE_URL may not use that database.',
  ER_BAD_DB_ERROR: 'There is no database of the name in DATABASE_URL: make it first.',
  ER_RECORD_FILE_FULL: 'The disk of the database is full.',
  ECONNREFUSED: 'No MariaDB answers at the address in DATABASE_URL.',
  ENOTFOUND: 'The machine in DATABASE_URL is not known here.',
  EAI_AGAIN: 'The machine in DATABASE_URL is not known here.',
  ETIMEDOUT: 'No MariaDB answers at the address in DATABASE_URL.',
  ER_CONNECTION_TIMEOUT: 'No MariaDB answers at the address in DATABASE_URL.',
};

/** An error of driver, Sequelize or Umzug, with the one that it wraps. */
interface Link {
  code?: string;
  message?: string;
  cause?: Link;
  original?: Link;
  parent?: Link;
}

/**
 * What is wrong with the database, in a sentence without statements, settings or passwords.
 * An error wraps its cause several times over: the first code that is known counts.
 */
export function troubleOf(error: unknown): string {
  let message = '';
  let at = error as Link | null | undefined;
  for (let depth = 0; at && depth < 6; depth++) {
    const { code, message: own = '' } = at;
    if (code && sentences[code]) return sentences[code];
    const known = Object.keys(sentences).find((one) => own.includes(one));
    if (known) return sentences[known]!;
    message ||= own.split('\n')[0]!.replace(/\s*(sql|- parameters):.*$/i, '');
    at = at.cause ?? at.original ?? at.parent;
  }
  return message || 'The database cannot be used.';
}
