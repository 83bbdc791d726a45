import type { PlayedWords, WrittenWords } from '../../words.ts';

/** What is said of it while it is played. */
export const played = {
  name: 'Category board',
  howTo:
    'The team in turn picks a cell, and its question is asked. {count} questions, worth from {low} to {high}.',
  label: 'Board',
  cellOpen: '{category} for {points}',
  cellWon: '{category} for {points}, won by {team}',
  cellUsed: '{category} for {points}, nobody won it',
  cellEmpty: 'no question',
  pick: '{team} chooses a cell – go to the board',
  pickHint: 'Click a cell, or press Space to go to the board and choose with the arrow keys and Enter.',
  leave: 'Back to the board',
} satisfies PlayedWords;

/** What is said of it where it is written. */
export const written = {
  hint: 'Categories and values; a cell is chosen, its question played',
  label: 'Board',
  category: 'Category {n}',
  categoryName: 'Name of category {n}',
  addCategory: 'Add a category',
  addValue: 'Add a value',
  removeCategory: 'Remove category {name}',
  removeValue: 'Remove the value {points}',
  moveCategory: 'Move category {name}: drag, or arrow keys up and down',
  moveValue: 'Move the value {points}: drag, or arrow keys left and right',
  columnValue: 'Value of column {n}',
  cellFree: 'Empty',
  cellPlace: 'Place on the board',
  cellPlaceHint: 'Another place swaps the two. On the board itself, Alt and an arrow key do the same.',
  cellNew: '{category} for {points}: no question yet',
  cellDone: '{category} for {points}: {prompt}',
  cellUnfinished: '{category} for {points}: unfinished – {lacks}',
  removedCategory: 'The category was removed with its questions.',
  removedValue: 'The value was removed with its questions.',
  pickPlace: 'Click a cell of the board to write its question. Not every cell need be used.',
  valueHint: 'Empty: {n}, as its column',
  value: 'Value of this cell',
  fill: 'Fill',
  fillCategory: 'Fill the category “{category}”',
  fillHint:
    'Empty cells are filled, the easier questions at the lower values. What is there already can be sorted in the same way, or each question be given the value that its difficulty suggests.',
  fillCells: 'All cells are filled | Fill {n} empty cell | Fill {n} empty cells',
  wasSorted: 'The category was sorted.',
  filled: '{n} cell was filled. | {n} cells were filled.',
  fillNone: 'Nothing in the library fits.',
  byDifficulty: 'Sort by difficulty',
  sorted: 'The easier questions stand at the lower values now: measured for {n} of {of}, else as written.',
  suggest: 'Suggest values',
  suggestHint: 'Harder questions are worth more, so that each brings about the same on average.',
  suggestNone: 'Values can be suggested where all of the board are above zero.',
  suggested:
    'Every cell is worth what its column says: {measured}. | {n} cell got a value of its own: {measured}. | {n} cells got values of their own: {measured}.',
  measuredFor: 'measured for {n} of {of}, else as written',
  wasSuggested: 'The values of the category were set.',
  tray: 'From the library, to be dragged on a cell',
  showTray: 'Library',
  finding: {
    noPlayableCell: 'No cell has a finished question.',
    cellUnfinished: '{category} for {points} is unfinished ({lacks}). It will not be on the board.',
    turnsUneven: '{count} questions for {teams} teams: not every team gets the same number of turns.',
    categoryUnnamed: 'Category {row} has no name.',
  },
} satisfies WrittenWords;
