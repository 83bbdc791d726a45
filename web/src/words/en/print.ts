export const print = {
  title: 'Print',
  what: 'What to print',
  open: 'Print or PDF',
  as: { questions: 'Question sheet', answers: 'Answer sheet', cards: 'Cards to cut' },
  shuffle: 'Shuffle the options',
  version: 'Version',
  print: 'Print',
  hint: 'For a PDF, choose “Save as PDF” as the printer. Question sheet and answer sheet of the same version belong together.',
  name: 'Name',
  date: 'Date',
  in: 'in {unit}',
  noKey: 'no correct answer: an opinion, or for the host to judge',
};
