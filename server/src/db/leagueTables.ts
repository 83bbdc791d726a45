import type { Show } from '@distaff/core/show';
import { leagueTable } from '@distaff/core/term';
import type { Digests } from './digests.ts';
import type { Leagues } from './leagues.ts';

/**
 * Puts the tables of leagues, as they stand now, where a show wants to tell them. A league that is gone, or of somebody
 * else, is told as none.
 */
export const leagueTables =
  (leagues: Leagues, digests: Digests) =>
  async (accountId: string, show: Show): Promise<Show> => {
    const wanted = show.rounds.some(
      ({ format, content }) => format === 'interlude' && content.what === 'league',
    );
    if (!wanted) return show;
    const own = await leagues.list(accountId);
    const rounds = await Promise.all(
      show.rounds.map(async (round) => {
        if (round.format !== 'interlude' || round.content.what !== 'league') return round;
        const kept = own.find(({ id }) => id === round.content.league);
        if (!kept) return { ...round, content: { ...round.content, table: null } };
        const { league } = kept;
        const { rows } = leagueTable(
          await digests.ofLeague(accountId, league.games, league.shows),
          league.rule,
          league.said,
        );
        const table = {
          title: league.title,
          rows: rows
            .slice(0, 200)
            .map(({ place, name, weave, points, change }) => ({ place, name, weave, points, change })),
        };
        return { ...round, content: { ...round.content, table } };
      }),
    );
    return { ...show, rounds } as Show;
  };
