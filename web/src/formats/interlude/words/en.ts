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
    credits: 'Thanks',
  },
} satisfies PlayedWords;

/** What is said of it where it is written. */
export const written = {
  hint: 'A title, how to play, a break, the standings, a league table, thanks',
  league: 'League',
  leagueHint: 'The table as it stands when the doors open.',
  noLeagues: 'No leagues yet. Make one under “Groups”.',
  what: 'What it is',
  title: 'Title',
  text: 'Text',
  minutes: 'Minutes, counted down on the stage; may be empty',
  explainHint: 'Empty: Distaff writes it from the rules of the round that follows.',
  writeOut: 'Write it out to change it',
  explained: 'The stage tells:',
} satisfies WrittenWords;
