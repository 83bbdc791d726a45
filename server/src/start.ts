import { randomInt } from 'node:crypto';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { guardHandedOut } from '@distaff/core/document';
import { Server } from 'socket.io';
import type { LiveServer } from './live/io.ts';
import { playersAddress } from './address.ts';
import { CodeGuesses } from './auth/codeGuesses.ts';
import { Throttle } from './auth/throttle.ts';
import { newToken } from './auth/tokens.ts';
import type { Config } from './config.ts';
import { openDatabase, ping } from './db/database.ts';
import { migrate } from './db/migrate.ts';
import { defineModels } from './db/models.ts';
import { Digests } from './db/digests.ts';
import { duplicatesOf } from './db/duplicates.ts';
import { Imports } from './db/imports.ts';
import { Leagues } from './db/leagues.ts';
import { leagueTables } from './db/leagueTables.ts';
import type { Show } from '@distaff/core/show';
import { LearntQuestions } from './db/learnt.ts';
import { MarkRules } from './db/markRules.ts';
import { People } from './db/people.ts';
import { PracticeRuns } from './db/practiceRuns.ts';
import { Practices } from './db/practices.ts';
import { QuestionSearch } from './db/questionSearch.ts';
import { Rosters } from './db/rosters.ts';
import { Selections } from './db/selections.ts';
import { Sittings } from './db/sittings.ts';
import { accountRoutes } from './http/accounts.ts';
import { makeApp } from './http/app.ts';
import { groupRoutes } from './http/groups.ts';
import { healthRoutes } from './http/health.ts';
import { LoginCookie } from './http/login.ts';
import { ownAccountRoutes } from './http/ownAccount.ts';
import { ownOrigin } from './http/origin.ts';
import { importRoutes } from './http/imports.ts';
import { leagueRoutes } from './http/leagues.ts';
import { questionRoutes } from './http/questions.ts';
import { mediaFileRoutes, mediaRoutes } from './http/media.ts';
import { peopleRoutes } from './http/people.ts';
import { ownAnswerRoutes } from './http/ownAnswers.ts';
import { practiceRoutes } from './http/practice.ts';
import { practicesRoutes } from './http/practices.ts';
import { readyMadeRoutes } from './http/readyMade.ts';
import { recordRoutes } from './http/records.ts';
import { resultRoutes } from './http/results.ts';
import { rosterRoutes } from './http/rosters.ts';
import { selectionRoutes } from './http/selections.ts';
import { setRoutes } from './http/sets.ts';
import { sharedLinkRoutes } from './http/sharedLinks.ts';
import { sharingRoutes } from './http/sharing.ts';
import { showRoutes } from './http/shows.ts';
import { wordRoutes } from './http/words.ts';
import { sittingRoutes } from './http/sittings.ts';
import { playedAgain } from './live/playedAgain.ts';
import { SittingHosts } from './live/sittingHosts.ts';
import { fitAside } from './learn/fitAside.ts';
import { serveSockets } from './live/sockets.ts';
import { warmUp } from './live/warmUp.ts';
import type { Log } from './log.ts';
import { MediaFiles } from './media/mediaFiles.ts';
import { Taking } from './practice/taking.ts';
import { readReadyMade } from './readyMade.ts';

/** Near-duplicates that are listed at once. */
const MOST_PAIRS = 200;
/** How long an idle connection is kept open (ms). */
const KEEP_ALIVE = 75_000;

/** How long what was deleted can be had again, and how often that is looked after (ms). */
const KEPT_DELETED = 30 * 24 * 3_600_000;
const PURGE_EVERY = 6 * 3_600_000;

const random = () => randomInt(2 ** 32) / 2 ** 32;

export interface Running {
  port: number;
  stop(): Promise<void>;
}

/**
 * Wires the parts and listens. Open sittings are taken up before anybody is let in.
 * @throws Error with a sentence where the port is taken or the database cannot be used.
 */
export async function start(config: Config & { databaseUrl: string }, log: Log): Promise<Running> {
  const database = openDatabase(config.databaseUrl);
  defineModels(database);
  const migrated = await migrate(database);
  if (migrated.length > 0) log.info({ migrated }, 'tables brought up to date');

  const { publicUrl } = config;
  const media = new MediaFiles(config.dataDir);
  await media.open();
  const store = new Sittings(database);
  const purge = async () => {
    const purged = await store.purge(Date.now() - KEPT_DELETED);
    if (purged > 0) log.info({ purged }, 'deleted games were taken away for good');
  };
  await purge();
  const purging = setInterval(() => void purge().catch(() => undefined), PURGE_EVERY).unref();
  const cookie = new LoginCookie(publicUrl);
  const codeGuesses = new CodeGuesses();
  const io: LiveServer = new Server({
    serveClient: false,
    perMessageDeflate: false,
    transports: ['websocket', 'polling'],
    maxHttpBufferSize: 64_000,
    pingInterval: 10_000,
    pingTimeout: 8_000,
    allowRequest: (request, answer) =>
      answer(null, ownOrigin(request.headers.origin, request.headers.host, publicUrl)),
  });
  const hosts = new SittingHosts({ store, log, random, now: Date.now, io });
  serveSockets({
    io,
    hosts,
    store,
    log,
    now: Date.now,
    guesses: codeGuesses,
    accountOf: (cookies) => cookie.account(cookies),
    loginOf: (cookies) => cookie.read(cookies),
    behindProxy: publicUrl !== null,
  });

  const practices = new Practices(database);
  const runs = new PracticeRuns(database);
  const digests = new Digests(database, store, practices, runs);
  const rosters = new Rosters(database);
  const people = new People(database, store, practices, runs, rosters);
  /** People whose time is over are forgotten, one game after the other. */
  const forget = async () => {
    const due = await people.due(Date.now());
    for (const id of due) {
      const info = await store.byId(id);
      if (info) await hosts.get(id).host.rewrite(() => store.makeAnonymous(info));
    }
    if (due.length > 0) log.info({ games: due.length }, 'people were made anonymous after their time');
  };
  const forgetting = setInterval(() => void forget().catch(() => undefined), PURGE_EVERY).unref();
  const leagues = new Leagues(database);
  const tables = leagueTables(leagues, digests);
  const learnt = new LearntQuestions(database, digests, fitAside);
  const fromGames = async (owner: string, host: string, show: Show) =>
    learnt.inShow(host, await tables(owner, show));
  const rules = new MarkRules(database);
  const selections = new Selections(database, random, (account, group) => digests.due(account, group));
  const taking = new Taking(runs, random, () => Date.now());
  const guesses = new Throttle();
  let ready = false;
  const app = makeApp({
    log,
    cookie,
    publicUrl,
    webDir: config.webDir,
    routers: [
      healthRoutes(
        () => ping(database),
        () => ready,
        playersAddress(config),
      ),
      accountRoutes(cookie, (logins) => hosts.signedOut(logins)),
      ownAccountRoutes(cookie, (logins) => hosts.signedOut(logins)),
      showRoutes(store, selections, hosts, media, random, fromGames),
      selectionRoutes(selections, learnt),
      wordRoutes(),
      rosterRoutes(rosters),
      setRoutes(),
      readyMadeRoutes(readReadyMade(config.setsDir)),
      sharingRoutes('set', guesses, () => undefined),
      sharingRoutes('show', guesses, async ({ id }, account) => {
        hosts.askAgain(id, account);
        for (const sitting of await store.openOf(id)) {
          const key = newToken();
          await store.setStageKey(sitting, key);
          hosts.changeStageKey(sitting, key);
        }
      }),
      sharedLinkRoutes(cookie, new Throttle()),
      questionRoutes(new QuestionSearch(database), (account, set, ofOthers) =>
        duplicatesOf(database, account, set, ofOthers, MOST_PAIRS),
      ),
      importRoutes(new Imports(database)),
      mediaRoutes(media),
      mediaFileRoutes(media),
      ownAnswerRoutes(store, hosts),
      practicesRoutes(practices, runs, learnt, random),
      practiceRoutes(practices, runs, taking, codeGuesses),
      sittingRoutes(store, hosts, practices, codeGuesses),
      recordRoutes(store, hosts),
      resultRoutes(store, hosts, rules, random),
      groupRoutes(digests, rosters, rules, playedAgain(hosts, practices)),
      leagueRoutes(leagues, digests),
      peopleRoutes(people, hosts),
    ],
  });
  // The stand-ins of a rehearsal are gone with the server that let them play.
  await store.dropRehearsals(null);
  const { resumed, setAside } = await hosts.resume();
  guardHandedOut(false);
  await warmUp(log);
  guardHandedOut(config.guard);
  const handle = app.callback();
  const server = createServer((request, response) => void handle(request, response));
  // Longer than any client or proxy keeps an idle connection: who comes back to one must not meet a closed door.
  server.keepAliveTimeout = KEEP_ALIVE;
  server.headersTimeout = KEEP_ALIVE + 5000;
  io.attach(server);
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject);
    server.listen(config.port, config.host, resolve);
  });
  ready = true;
  void forget().catch((error: Error) =>
    log.error({ error: error.message }, 'people are kept longer than they should'),
  );
  const { port } = server.address() as AddressInfo;
  log.info({ port, host: config.host, resumed, setAside }, 'listening');
  return {
    port,
    async stop() {
      ready = false;
      clearInterval(purging);
      clearInterval(forgetting);
      await io.close();
      await hosts.stop();
      await database.close();
      log.info('stopped');
    },
  };
}
