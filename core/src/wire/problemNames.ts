/** What only the studio is told when something cannot be done, by the names of the sentences. */

/** What stands in a sentence, where anything does. */
export interface ProblemGiven {
  leaguesMost: { n: number };
  quota: { mb: number };
  practiceFull: { n: number };
  sharedMost: { n: number };
  storeRefused: { status: number };
  fileTooLarge: { mb: number };
  tooManyPixels: { width: number; height: number };
  otherFile: { type: string };
}
export type ProblemName =
  | keyof ProblemGiven
  | 'wrongCurrentPassword'
  | 'noSet'
  | 'noShow'
  | 'emailTaken'
  | 'noImport'
  | 'importBrokenOff'
  | 'importRuns'
  | 'importDone'
  | 'noLeague'
  | 'linkGone'
  | 'otherOwner'
  | 'noOwnFile'
  | 'noPractice'
  | 'noCode'
  | 'questionGone'
  | 'staleQuestion'
  | 'staleSet'
  | 'wrongLink'
  | 'versionGone'
  | 'staleShow'
  | 'noGame'
  | 'noDeletedGame'
  | 'stillOnDelete'
  | 'stillOn'
  | 'owned'
  | 'wrongPassword'
  | 'noGroup'
  | 'noGameOver'
  | 'fileEmpty'
  | 'noPicture'
  | 'noFile'
  | 'listEmpty'
  | 'nothingAlone'
  | 'noReadyMade'
  | 'storeAddress'
  | 'gameAnonymous'
  | 'storeRefusesUser'
  | 'storeAway'
  | 'nobodyPlayed'
  | 'wrongPassphrase'
  | 'noPassphrase'
  | 'noAccount'
  | 'ownAlready'
  | 'unfinished'
  | 'openerOnly'
  | 'uploadBrokenOff'
  | 'diskFull'
  | 'pictureDamaged'
  | 'svgFile'
  | 'heicFile'
  | 'noMedia'
  | 'mayNotRead'
  | 'mayNotEdit'
  | 'mayNotCopy'
  | 'mayNotHost'
  | 'ownerOnly'
  | 'nothingToChange';
