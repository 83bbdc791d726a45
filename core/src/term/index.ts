/** Many games and practices together: groups over time, marks of a term, leagues. */
export { compare, type ComparedQuestion, type Comparison } from './compare.ts';
export { asOriginals, type Dated, type Digest, type DigestItem, digestOf, ownId } from './digest.ts';
export {
  dueBy,
  dueNow,
  type GroupGame,
  type GroupPerson,
  type GroupQuestion,
  type GroupTag,
  type GroupTerm,
  groupSummary,
  groupTerm,
  type Progress,
} from './group.ts';
export { League, LeagueRule, tieRules, usualLeague } from './league/rule.ts';
export {
  formOf,
  headToHead,
  type LeagueRow,
  type LeagueTable,
  leagueTable,
  publicTable,
} from './league/table.ts';
export { type Several, type TermMark, termMarks } from './marks.ts';
export { type Doubt, linkPeople, type SaidSame } from './people.ts';
export { practiceDigest, type Taker } from './practiceDigest.ts';
export { SPACES, spacingOf } from './spaced.ts';
