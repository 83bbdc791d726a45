/** Everything at once: a question on all surfaces side by side. */
export const preview = {
  all: 'All surfaces',
  what: 'Step',
  before: 'Previous question',
  next: 'Next question',
  large: 'Phone, {width} × {height}',
  small: 'Small phone, {width} × {height}',
  overlay: 'Overlay over a stream',
};
