export const overlay = {
  title: 'Overlay',
  question: 'The question',
  trial: 'Overlay on a test picture',
  hint: 'Add this link to your streaming program as a web page of 1920 × 1080. It has a transparent background.',
  place: 'Position',
  places: { bottom: 'Bottom', top: 'Top', side: 'Side' },
  copy: 'Copy the overlay link',
  copied: 'Link copied.',
};
