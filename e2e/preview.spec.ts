import type { AnswerContent } from '@distaff/core/question';
import { choice, expect, test } from './app.ts';

const words = ['Mallet', 'Bevel', 'Auger'];
const match: AnswerContent = {
  kind: 'match',
  pairs: words.map((left, i) => ({ id: `p${i}`, left, right: `right ${i}` })),
  extras: [],
  marking: 'all',
};
const order: AnswerContent = {
  kind: 'order',
  options: words.map((text, i) => ({ id: `o${i}`, text })),
  marking: 'all',
};

for (const [name, answer, add, remove, line] of [
  ['pairs', match, 'Add a pair', 'Remove pair 1', '.answer-pad .pair'],
  ['things in order', order, 'Add an option', 'Remove option 1', '.answer-pad .bar'],
] as const)
  test(`the preview follows while ${name} are added and taken away under the hand`, async ({
    app,
    browser,
  }) => {
    const host = await app.host(browser);
    const { page } = host;
    const trouble: string[] = [];
    page.on('console', (told) => told.type() === 'error' && trouble.push(told.text()));
    page.on('pageerror', (error) => trouble.push(error.message));
    await host.makeSet('Tools', [{ ...choice('Which goes where?'), answer }]);
    await page.goto('/studio/questions');
    await page.getByRole('button', { name: /Which goes where/ }).click();
    await expect(page.locator(line)).toHaveCount(3);
    await page.getByRole('button', { name: add }).click();
    // What is empty is no option yet: the new one has the focus.
    if (answer.kind === 'order') await page.keyboard.type('Plane');
    await expect(page.locator(line)).toHaveCount(4);
    await page.getByRole('button', { name: remove }).click();
    await page.getByRole('button', { name: remove }).click();
    await expect(page.locator(line)).toHaveCount(2);
    expect(trouble).toEqual([]);
  });
