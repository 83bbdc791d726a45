import type { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { troubleOf } from './troubles.ts';
import * as first from './migrations/0001-first-show.ts';
import * as longer from './migrations/0002-longer-questions.ts';
import * as library from './migrations/0003-library.ts';
import * as imports from './migrations/0004-imports.ts';
import * as media from './migrations/0005-media.ts';
import * as remarks from './migrations/0006-remarks.ts';
import * as sharing from './migrations/0007-sharing.ts';
import * as coHosts from './migrations/0008-co-hosts.ts';
import * as building from './migrations/0009-building.ts';
import * as rosters from './migrations/0010-rosters.ts';
import * as logByCommits from './migrations/0011-log-by-commits.ts';
import * as showVersions from './migrations/0012-show-versions.ts';
import * as sharedShows from './migrations/0013-shared-shows.ts';
import * as keptResults from './migrations/0014-kept-results.ts';
import * as logVersion from './migrations/0015-log-version.ts';
import * as practices from './migrations/0016-practices.ts';
import * as markRules from './migrations/0017-mark-rules.ts';
import * as deletedSittings from './migrations/0018-deleted-sittings.ts';
import * as terms from './migrations/0019-terms.ts';
import * as retention from './migrations/0020-retention.ts';
import * as ownAnswers from './migrations/0021-own-answers.ts';
import * as logins from './migrations/0022-logins.ts';

const NEWER =
  'These data were written by a newer Distaff: start that one. This one is too old to read them, and leaves them as they are.';

/** Brings the tables up to date. @returns the names of those carried out. @throws Error with a sentence. */
export async function migrate(sequelize: Sequelize): Promise<string[]> {
  const queries = sequelize.getQueryInterface();
  const storage = new SequelizeStorage({ sequelize, tableName: 'migration' });
  const migrations = [
    { name: '0001-first-show', up: () => first.up(queries) },
    { name: '0002-longer-questions', up: () => longer.up(queries) },
    { name: '0003-library', up: () => library.up(queries) },
    { name: '0004-imports', up: () => imports.up(queries) },
    { name: '0005-media', up: () => media.up(queries) },
    { name: '0006-remarks', up: () => remarks.up(queries) },
    { name: '0007-sharing', up: () => sharing.up(queries) },
    { name: '0008-co-hosts', up: () => coHosts.up(queries) },
    { name: '0009-building', up: () => building.up(queries) },
    { name: '0010-rosters', up: () => rosters.up(queries) },
    { name: '0011-log-by-commits', up: () => logByCommits.up(queries) },
    { name: '0012-show-versions', up: () => showVersions.up(queries) },
    { name: '0013-shared-shows', up: () => sharedShows.up(queries) },
    { name: '0014-kept-results', up: () => keptResults.up(queries) },
    { name: '0015-log-version', up: () => logVersion.up(queries) },
    { name: '0016-practices', up: () => practices.up(queries) },
    { name: '0017-mark-rules', up: () => markRules.up(queries) },
    { name: '0018-deleted-sittings', up: () => deletedSittings.up(queries) },
    { name: '0019-terms', up: () => terms.up(queries) },
    { name: '0020-retention', up: () => retention.up(queries) },
    { name: '0021-own-answers', up: () => ownAnswers.up(queries) },
    { name: '0022-logins', up: () => logins.up(queries) },
  ];
  const umzug = new Umzug({ migrations, storage, logger: undefined });
  try {
    const own = new Set(migrations.map(({ name }) => name));
    if ((await storage.executed()).some((name) => !own.has(name))) throw new Error(NEWER);
    return (await umzug.up()).map((done) => done.name);
  } catch (error) {
    // Umzug's own error carries the connection's settings, password included.
    const why = error instanceof Error && error.message === NEWER ? NEWER : troubleOf(error);
    throw new Error(why, { cause: undefined });
  }
}
