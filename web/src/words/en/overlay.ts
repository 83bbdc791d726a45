export const overlay = {
  title: 'Overlay',
  question: 'The question',
  trial: 'Overlay over a trial picture',
  hint: 'Put the link into your streaming program as a web page of 1920 × 1080: its ground is see-through.',
  place: 'Where it stands',
  places: { bottom: 'Below', top: 'Above', side: 'At the side' },
  copy: 'Copy the link of the overlay',
  copied: 'The link is copied.',
};
