/** Everything at once: a question on all surfaces side by side. */
export const preview = {
  all: 'All surfaces',
  what: 'What is shown',
  before: 'The one before',
  next: 'The next one',
  large: 'Handset, {width} × {height}',
  small: 'Small handset, {width} × {height}',
  overlay: 'Overlay over a stream',
};
