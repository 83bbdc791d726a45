import { asWritten } from '@distaff/core/learn';
import { Question } from '@distaff/core/question';
import { ownId, type Dated } from '@distaff/core/term';
import * as v from 'valibot';
import { originalsBy } from '../db/questions.ts';
import type { Practices } from '../db/practices.ts';
import type { SittingHosts } from './sittingHosts.ts';

/**
 * Questions of games and practices by their lasting ids: as the library has them today, else as they were played last.
 * Each keeps its origin, so that what a copy of it does belongs to it as well.
 */
export const playedAgain =
  (hosts: SittingHosts, practices: Practices) =>
  async (account: string, found: readonly Dated[], ids: readonly string[]): Promise<Question[]> => {
    const library = new Map((await originalsBy(account, ids)).map((one) => [one.id, one]));
    const missing = new Set(ids.filter((id) => !library.has(id)));
    const played = new Map<string, Question>();
    for (const game of [...found].reverse()) {
      if (!game.items.some(({ id }) => missing.has(id) && !played.has(id))) continue;
      const { questions } =
        game.kind === 'game'
          ? (await hosts.get(game.sitting).host.state()).show
          : (await practices.ofAccount(account, game.sitting)).show;
      for (const question of Object.values(questions)) {
        const id = question.origin?.id ?? ownId(question.id, question.prompt);
        if (missing.has(id) && !played.has(id)) played.set(id, asWritten(question));
      }
    }
    return ids.flatMap((id) => {
      const kept = library.get(id);
      if (kept)
        return {
          ...v.parse(Question, kept.doc),
          id: kept.id,
          origin: { id: kept.id, version: kept.version },
        };
      return played.get(id) ?? [];
    });
  };
