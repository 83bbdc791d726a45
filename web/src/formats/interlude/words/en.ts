import type { PlayedWords, WrittenWords } from '../../words.ts';

/** What is said of it while it is played. */
export const played = {
  name: 'Interlude',
  sort: {
    title: 'Welcome',
    howTo: 'How to play',
    break: 'Break',
    standings: 'Standings',
    league: 'League table',
    credits: 'Credits',
  },
} satisfies PlayedWords;

/** What is said of it where it is written. */
export const written = {
  hint: 'A title, how to play, a break, the standings, a league table, credits',
  league: 'League',
  leagueHint: 'The table as it stands when the doors open.',
  noLeagues: 'No leagues yet. Make one under “Groups”.',
  what: 'Kind',
  title: 'Title',
  text: 'Text',
  minutes: 'Minutes, counted down on the stage (optional)',
  explainHint: 'Leave empty: Distaff explains the rules of the next round.',
  writeOut: 'Edit this text',
  explained: 'The stage shows:',
} satisfies WrittenWords;
