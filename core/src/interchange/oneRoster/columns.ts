/**
 * The columns of the files that we write, in their order: OneRoster 1.2, CSV binding (1EdTech), the tables of
 * categories.csv, lineItems.csv and results.csv. Written down from memory.
 */
export const columns = {
  categories: ['sourcedId', 'status', 'dateLastModified', 'title', 'weight'],
  lineItems: [
    'sourcedId',
    'status',
    'dateLastModified',
    'title',
    'description',
    'assignDate',
    'dueDate',
    'classSourcedId',
    'categorySourcedId',
    'gradingPeriodSourcedId',
    'resultValueMin',
    'resultValueMax',
    'schoolSourcedId',
  ],
  results: [
    'sourcedId',
    'status',
    'dateLastModified',
    'lineItemSourcedId',
    'studentSourcedId',
    'scoreStatus',
    'score',
    'scoreDate',
    'comment',
    'textScore',
    'classSourcedId',
    'inProgress',
    'incomplete',
    'late',
    'missing',
  ],
} as const;

export type FileName = keyof typeof columns;
export type Row<F extends FileName> = Record<(typeof columns)[F][number], string>;

/** Every file that a package may hold: the manifest names each, absent ones too (from memory, like the columns). */
export const packageFiles = [
  'academicSessions',
  'categories',
  'classes',
  'classResources',
  'courses',
  'courseResources',
  'demographics',
  'enrollments',
  'lineItemLearningObjectiveIds',
  'lineItems',
  'lineItemScoreScales',
  'orgs',
  'resources',
  'resultLearningObjectiveIds',
  'results',
  'resultScoreScales',
  'roles',
  'scoreScales',
  'userProfiles',
  'userResources',
  'users',
] as const;
