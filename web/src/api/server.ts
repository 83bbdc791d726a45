import type { Change } from '@distaff/core/document';
import type { BulkChange, GivenRole, QuestionSet, Role, Roster, Selection } from '@distaff/core/library';
import type { Learnt, Usual } from '@distaff/core/learn';
import type { Cut } from '@distaff/core/media';
import type { NearDuplicate } from '@distaff/core/review';
import type { PracticeSettings } from '@distaff/core/practice';
import type { MarkRule, Moves, PersonReport, ScoreHistory, Results } from '@distaff/core/report';
import type { League, SaidSame, Several, TermMark } from '@distaff/core/term';
import type { Correction } from '@distaff/core/sitting';
import type { Tempo, Show } from '@distaff/core/show';
import type { Question } from '@distaff/core/question';
import type { Room, Tally, TimeLost } from '@distaff/core/rehearsal';
import { answerOf, call } from './client.ts';
import type {
  Account,
  Changed,
  SharedRef,
  ShowVersion,
  StoredShow,
  ShowAccess,
  ShowSummary,
  ListedSitting,
  Login,
  SittingInfo,
  SittingResults,
  ComparedPage,
  FoundPerson,
  WillForget,
  GroupPage,
  LeaguePage,
  ListedGroup,
  PublicLeague,
  StoredSet,
  SetSummary,
  Sharing,
  SharedThing,
  StoredQuestion,
  QuestionLine,
  ReadyMadeSet,
  StoredMedia,
  QuestionVersion,
  QuestionQuery,
  StoredRoster,
  TakenQuestions,
  ImportInfo,
  ListedPractice,
  PracticeDraft,
  PracticeInfo,
  PracticePage,
} from '@distaff/core/wire';

export type * from '@distaff/core/wire';

/** Where one set or one show is asked for. */
const pathOf = ({ what, id }: SharedRef) => `/api/${what}s/${id}`;

const groupPath = (name: string) => `/api/groups/${encodeURIComponent(name)}`;

/** How a group is given marks over several games. */
export interface TermRule {
  rule: MarkRule;
  several: Several;
  /** Games that don't count. */
  without: string[];
}

/** Every call that the pages make, by name. */
export const server = {
  me: () => call<{ account: Account | null }>('GET', '/api/me'),
  signUp: (email: string, name: string, password: string) =>
    call<{ account: Account }>('POST', '/api/accounts', { email, name, password }),
  signIn: (email: string, password: string) =>
    call<{ account: Account }>('POST', '/api/login', { email, password }),
  signOut: () => call<void>('DELETE', '/api/login'),
  renameMe: (name: string) => call<void>('PUT', '/api/me/name', { name }),
  changePassword: (current: string, next: string) => call<void>('PUT', '/api/me/password', { current, next }),
  logins: () => call<{ logins: Login[] }>('GET', '/api/me/logins'),
  endLogin: (id: string) => call<void>('DELETE', `/api/me/logins/${id}`),
  endOtherLogins: () => call<void>('DELETE', '/api/me/logins'),

  shows: (deleted: boolean, offset: number, limit: number) =>
    call<{ shows: ShowSummary[]; total: number }>(
      'GET',
      `/api/shows?limit=${limit}&offset=${offset}${deleted ? '&deleted=1' : ''}`,
    ),
  createShow: (show: Show) => call<StoredShow>('POST', '/api/shows', { show }),
  show: (id: string) => call<StoredShow & ShowAccess>('GET', `/api/shows/${id}`),
  /** Begins a show with nothing but a name and a passphrase. */
  beginShow: (name: string, passphrase: string, show: Show) =>
    call<{ id: string; token: string; account: Account }>('POST', '/api/shows/begin', {
      name,
      passphrase,
      show,
    }),
  /** Makes a show that is nobody's one's own. */
  takeShow: (id: string) => call<void>('POST', `/api/shows/${id}/take`),
  versions: async (id: string) =>
    (await call<{ versions: ShowVersion[] }>('GET', `/api/shows/${id}/versions`)).versions,
  version: async (id: string, version: number) =>
    (await call<{ show: Show }>('GET', `/api/shows/${id}/versions/${version}`)).show,
  wordLanguages: async () => (await call<{ languages: string[] }>('GET', '/api/words')).languages,
  keepVersion: (id: string) => call<void>('POST', `/api/shows/${id}/versions`),
  /** Saves what was changed in a show since `version`. @returns also what is kept otherwise than it was sent. */
  changeShow: (id: string, version: number, changes: Change[], keepalive = false) =>
    call<{ version: number; otherwise: Change[] }>(
      'PATCH',
      `/api/shows/${id}`,
      { version, changes },
      keepalive,
    ),
  showFacts: (id: string) =>
    call<{ newer: string[]; media: Record<string, number | null> }>('GET', `/api/shows/${id}/facts`),
  duplicateShow: (id: string, title: string) =>
    call<StoredShow>('POST', `/api/shows/${id}/duplicate`, { title }),
  deleteShow: (id: string) => call<void>('DELETE', `/api/shows/${id}`),
  restoreShow: (id: string) => call<StoredShow>('POST', `/api/shows/${id}/restore`),
  /** Questions for a show from the library of its owner by a rule, but for those whose ids are `taken`. */
  take: (show: string, rule: Selection, group: string, taken: string[]) =>
    call<TakenQuestions>('POST', '/api/selections', { rule, group, taken, show }),
  measured: (ids: string[]) => call<{ measured: Record<string, Usual> }>('POST', '/api/measured', { ids }),
  groups: () => call<{ groups: ListedGroup[] }>('GET', '/api/groups'),
  group: (name: string) => call<GroupPage>('GET', groupPath(name)),
  sayNames: (name: string, said: readonly SaidSame[]) =>
    call<GroupPage>('PUT', `${groupPath(name)}/said`, said),
  groupQuestions: (name: string, ids: readonly string[]) =>
    call<{ questions: Question[] }>('POST', `${groupPath(name)}/questions`, { ids }),
  termRule: (name: string) => call<TermRule>('GET', `${groupPath(name)}/marks`),
  termMarks: (name: string, rule: TermRule) =>
    call<{ marks: TermMark[] }>('POST', `${groupPath(name)}/marks`, rule),
  keepTermRule: (name: string, rule: TermRule) => call<void>('PUT', `${groupPath(name)}/marks`, rule),
  compare: (first: string, second: string) =>
    call<ComparedPage>('GET', `/api/comparison?${new URLSearchParams({ first, second }).toString()}`),
  leagues: () => call<{ leagues: { id: string; title: string }[] }>('GET', '/api/leagues'),
  createLeague: (league: League) => call<{ id: string }>('POST', '/api/leagues', league),
  league: (id: string) => call<LeaguePage>('GET', `/api/leagues/${id}`),
  keepLeague: (id: string, league: League) => call<LeaguePage>('PUT', `/api/leagues/${id}`, league),
  deleteLeague: (id: string) => call<void>('DELETE', `/api/leagues/${id}`),
  linkLeague: (id: string, on: boolean) => call<LeaguePage>(on ? 'PUT' : 'DELETE', `/api/leagues/${id}/link`),
  publicLeague: (key: string) => call<PublicLeague>('GET', `/api/public/leagues/${key}`),
  learnt: (set: string) =>
    call<{ working: number | null; questions: Record<string, Learnt> }>('GET', `/api/learnt/${set}`),
  findPeople: (name: string) =>
    call<{ people: FoundPerson[] }>('GET', `/api/people?${new URLSearchParams({ name }).toString()}`),
  removePerson: (name: string) =>
    call<void>('DELETE', `/api/people?${new URLSearchParams({ name }).toString()}`),
  keeping: () => call<{ days: number | null }>('GET', '/api/people/keeping'),
  tryKeeping: (days: number) => call<WillForget>('GET', `/api/people/keeping/trial?days=${days}`),
  keepPeople: (days: number | null) => call<void>('PUT', '/api/people/keeping', { days }),
  /** Sends learning records of a game to a store. */
  sendStatements: (id: string, to: { url: string; user: string; password: string }) =>
    call<{ sent: number }>('POST', `/api/sittings/${id}/statements`, to),
  rosters: () => call<{ rosters: StoredRoster[] }>('GET', '/api/rosters'),
  keepRoster: (roster: Roster) => call<{ rosters: StoredRoster[] }>('PUT', '/api/rosters', roster),
  dropRoster: (id: string) => call<{ rosters: StoredRoster[] }>('DELETE', `/api/rosters/${id}`),
  pace: () => call<Tempo>('GET', '/api/pace'),
  /** Opens a show to stand-ins; the rehearsal before it is taken away. */
  rehearse: (id: string, room: Room) => call<SittingInfo>('POST', `/api/shows/${id}/rehearsals`, { room }),
  tally: (sitting: string) => call<{ tally: Tally; time: TimeLost }>('GET', `/api/sittings/${sitting}/tally`),
  openDoors: (id: string) => call<SittingInfo>('POST', `/api/shows/${id}/sittings`),

  sets: (deleted: boolean) => call<{ sets: SetSummary[] }>('GET', `/api/sets${deleted ? '?deleted=1' : ''}`),
  createSet: (set: QuestionSet) => call<StoredSet>('POST', '/api/sets', { set }),
  set: (id: string) => call<StoredSet & { role: Role; mayCopy: boolean }>('GET', `/api/sets/${id}`),
  readyMade: () => call<{ sets: ReadyMadeSet[] }>('GET', '/api/ready-made'),
  copyReadyMade: (name: string) => call<StoredSet>('POST', `/api/ready-made/${name}/copy`),
  orderQuestions: (id: string, ids: string[]) => call<void>('PUT', `/api/sets/${id}/order`, { ids }),
  questionsOfSet: (id: string) => call<{ questions: StoredQuestion[] }>('GET', `/api/sets/${id}/questions`),
  duplicates: (set: string) =>
    call<{ pairs: NearDuplicate[]; lines: QuestionLine[] }>('GET', `/api/questions/duplicates?set=${set}`),
  saveSet: (id: string, version: number, set: QuestionSet) =>
    call<StoredSet>('PUT', `/api/sets/${id}`, { version, set }),
  copySet: (id: string, title: string) => call<StoredSet>('POST', `/api/sets/${id}/copy`, { title }),
  archiveSet: (id: string, on: boolean) =>
    call<StoredSet>('POST', `/api/sets/${id}/${on ? 'archive' : 'unarchive'}`),
  deleteSet: (id: string) => call<void>('DELETE', `/api/sets/${id}`),
  restoreSet: (id: string) => call<StoredSet>('POST', `/api/sets/${id}/restore`),
  sharing: (ref: SharedRef) => call<Sharing>('GET', `${pathOf(ref)}/sharing`),
  allowCopies: (ref: SharedRef, mayCopy: boolean) =>
    call<Sharing>('PUT', `${pathOf(ref)}/sharing`, { mayCopy }),
  addMember: (ref: SharedRef, email: string, role: GivenRole) =>
    call<Sharing>('POST', `${pathOf(ref)}/members`, { email, role }),
  removeMember: (ref: SharedRef, account: string) =>
    call<Sharing>('DELETE', `${pathOf(ref)}/members/${account}`),
  leave: (ref: SharedRef) => call<void>('DELETE', `${pathOf(ref)}/members/me`),
  openLink: (ref: SharedRef, kind: 'read' | 'edit', passphrase?: string) =>
    call<Sharing>('PUT', `${pathOf(ref)}/links/${kind}`, { passphrase }),
  closeLink: (ref: SharedRef, kind: 'read' | 'edit') =>
    call<Sharing>('DELETE', `${pathOf(ref)}/links/${kind}`),
  shared: (token: string) => call<SharedThing>('POST', '/api/shared', { token }),
  copyShared: (token: string, title: string) => call<StoredSet>('POST', '/api/shared/copy', { token, title }),
  enterShared: (token: string, passphrase: string, name: string) =>
    call<SharedRef & { account: Account }>('POST', '/api/shared/enter', { token, passphrase, name }),
  addQuestions: (set: string, questions: Question[]) =>
    call<{ ids: string[] }>('POST', `/api/sets/${set}/questions`, { questions }),

  questions: (query: Partial<QuestionQuery>, offset: number, limit: number) => {
    const given = Object.entries(query).filter(([, value]) => value);
    const search = new URLSearchParams([...given, ['limit', `${limit}`], ['offset', `${offset}`]]);
    return call<{ questions: QuestionLine[]; total: number; more: boolean; instead: string | null }>(
      'GET',
      `/api/questions?${search}`,
    );
  },
  tags: (set: string | null) =>
    call<{ tags: { tag: string; count: number }[] }>('GET', `/api/questions/tags${set ? `?set=${set}` : ''}`),
  question: (id: string) => call<StoredQuestion>('GET', `/api/questions/${id}`),
  saveQuestion: (id: string, version: number, question: Question, keepalive = false) =>
    call<StoredQuestion>('PUT', `/api/questions/${id}`, { version, question }, keepalive),
  history: (id: string) => call<{ versions: QuestionVersion[] }>('GET', `/api/questions/${id}/history`),
  similar: (prompt: string, but?: string) =>
    call<{ questions: (QuestionLine & { likeness: number })[] }>('POST', '/api/questions/similar', {
      prompt,
      ...(but ? { but } : {}),
    }),
  changeQuestions: (ids: string[], change: BulkChange) =>
    call<{ count: number; changed: Changed[] }>('POST', '/api/questions/change', { ids, change }),
  takeChangeBack: (changed: Changed[]) =>
    call<{ count: number }>('POST', '/api/questions/change-back', { changed }),
  moveQuestions: (ids: string[], set: string) =>
    call<{ count: number }>('POST', '/api/questions/move', { ids, set }),
  deleteQuestions: (ids: string[]) => call<{ count: number }>('POST', '/api/questions/delete', { ids }),
  restoreQuestions: (ids: string[]) => call<{ count: number }>('POST', '/api/questions/restore', { ids }),

  media: (kind: string, q: string, offset: number, limit: number) =>
    call<{ media: StoredMedia[]; total: number }>(
      'GET',
      `/api/media?${new URLSearchParams({ kind, q: q ?? '', offset: `${offset}`, limit: `${limit}` }).toString()}`,
    ),
  describeMedia: (id: string, words: Pick<StoredMedia, 'alt' | 'credit' | 'licence'>) =>
    call<StoredMedia>('PUT', `/api/media/${id}`, words),
  sendMedia: async (name: string, bytes: Uint8Array) => {
    const response = await fetch(`/api/media?name=${encodeURIComponent(name)}`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: new Blob([bytes.slice()]),
    });
    return answerOf<StoredMedia>(response);
  },
  cutMedia: (id: string, cut: Cut) => call<StoredMedia>('POST', `/api/media/${id}/cut`, cut),
  hideMedia: (id: string) => call<void>('DELETE', `/api/media/${id}`),

  /** `id` is that of the import, by which it can be watched and taken back, also while it is being stored. */
  bringIn: (id: string, set: string, source: string, questions: Question[]) =>
    call<{ id: string; count: number }>('POST', '/api/imports', { id, set, source, questions }),
  importProgress: (id: string) =>
    call<{ progress: { stored: number; of: number } | null }>('GET', `/api/imports/${id}/progress`),
  imports: (offset: number, limit: number) =>
    call<{ imports: ImportInfo[]; total: number }>('GET', `/api/imports?offset=${offset}&limit=${limit}`),
  takeBackImport: (id: string) => call<{ count: number }>('DELETE', `/api/imports/${id}`),

  sittings: (offset: number, limit: number, deleted = false) =>
    call<{ sittings: ListedSitting[]; total: number }>(
      'GET',
      `/api/sittings?limit=${limit}&offset=${offset}${deleted ? '&deleted=1' : ''}`,
    ),
  deleteSitting: (id: string) => call<void>('DELETE', `/api/sittings/${id}`),
  restoreSitting: (id: string) => call<void>('POST', `/api/sittings/${id}/restore`),
  clearSitting: (id: string) => call<void>('POST', `/api/sittings/${id}/clear`),
  closeAnswers: (id: string, closed: boolean) =>
    call<void>('PUT', `/api/sittings/${id}/answers-closed`, { closed }),
  responses: (id: string) => call<Pick<Results, 'responses'>>('GET', `/api/sittings/${id}/responses`),
  makeAnonymous: (id: string) => call<void>('POST', `/api/sittings/${id}/anonymous`),
  sitting: (id: string) => call<SittingInfo>('GET', `/api/sittings/${id}`),
  deskLink: (id: string) => call<{ key: string }>('POST', `/api/sittings/${id}/desk-link`),
  closeDeskLink: (id: string) => call<null>('DELETE', `/api/sittings/${id}/desk-link`),
  results: (id: string) => call<SittingResults>('GET', `/api/sittings/${id}/results`),
  scores: (id: string, team: string | null) =>
    call<ScoreHistory>('GET', `/api/sittings/${id}/scores${team === null ? '' : `?team=${team}`}`),
  personReport: (id: string, who: string) => call<PersonReport>('GET', `/api/sittings/${id}/people/${who}`),
  marks: (id: string) =>
    call<{ group: string; rule: MarkRule | null; leftOut: number[] }>('GET', `/api/sittings/${id}/marks`),
  keepMarks: (id: string, kept: { rule: MarkRule; leftOut: number[] }) =>
    call<void>('PUT', `/api/sittings/${id}/marks`, kept),
  playedQuestions: (id: string, ids: string[]) =>
    call<{ questions: Question[] }>('POST', `/api/sittings/${id}/questions`, { ids }),
  /** What a correction would change. `command` is known by `key`: sent twice it counts once. */
  previewCorrection: (id: string, key: string, command: Correction) =>
    call<Moves>('POST', `/api/sittings/${id}/corrections/preview`, { id: key, command }),
  correct: (id: string, key: string, command: Correction) =>
    call<SittingResults>('POST', `/api/sittings/${id}/corrections`, { id: key, command }),

  practices: (offset: number, limit: number) =>
    call<{ practices: ListedPractice[]; total: number }>(
      'GET',
      `/api/practices?limit=${limit}&offset=${offset}`,
    ),
  /** What would come of a show or a set as a practice. */
  practiceDraft: (of: SharedRef, settings: PracticeSettings) =>
    call<PracticeDraft>('POST', '/api/practices/draft', { of, settings }),
  offerPractice: (of: SharedRef, settings: PracticeSettings) =>
    call<PracticeInfo>('POST', '/api/practices', { of, settings }),
  practice: (id: string) => call<PracticePage>('GET', `/api/practices/${id}`),
  practiceQuestions: (id: string) => call<{ questions: Question[] }>('GET', `/api/practices/${id}/questions`),
  changePractice: (id: string, settings: PracticeSettings) =>
    call<PracticePage>('PUT', `/api/practices/${id}/settings`, settings),
  closePractice: (id: string, on: boolean) =>
    call<PracticePage>('POST', `/api/practices/${id}/${on ? 'close' : 'reopen'}`),
  clearPerson: (id: string, person: string) =>
    call<PracticePage>('DELETE', `/api/practices/${id}/people/${person}`),
  deletePractice: (id: string) => call<void>('DELETE', `/api/practices/${id}`),
  restorePractice: (id: string) => call<PracticeInfo>('POST', `/api/practices/${id}/restore`),
};
