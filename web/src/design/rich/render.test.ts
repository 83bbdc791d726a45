/**
 * Formulas are drawn in standards mode alone.
 * @jest-environment jsdom
 * @jest-environment-options {"html": "<!doctype html><html><body></body></html>"}
 */
import { expect, test } from '@jest/globals';
import { render } from './render.ts';

/** What a text looks like as a page: its parts that no line break may part. */
function tied(text: string): string[] {
  const page = document.createElement('div');
  page.innerHTML = render(text, true);
  return [...page.querySelectorAll('.tied')].map((one) => one.lastChild!.textContent!);
}

test.each([
  ['the ratio $\\varphi$, which', [',']],
  ['is it $x$?!', ['?!']],
  ['“$x$” and ($y$).', ['”', ').']],
  // Of several parts each is a place to break, so that a long one fits on a phone.
  ['with $x^2 - x - 1 = 0$?', []],
  ['a formula $x$ and a word', []],
  ['costs 5 $, or 6 $', []],
])('what follows a short formula stays on its line: %s', (text, expected) => {
  expect(tied(text)).toEqual(expected);
});

test('formulas keep what they are drawn with, and nothing that acts', () => {
  const page = document.createElement('div');
  page.innerHTML = render('$\\sqrt[3]{5}$ <img src=x onerror=alert(1)> [a](javascript:alert(1))', false);
  expect(page.querySelectorAll('svg path')).toHaveLength(1);
  expect(page.querySelectorAll('img, a, script')).toHaveLength(0);
});
