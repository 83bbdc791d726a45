import { rulesWith } from '@distaff/core/formats';
import { choice, expect, pose, quizShow, step, test } from './app.ts';

/** What stands in for a game controller: eight buttons that a test presses. */
const virtualPad = () => {
  const buttons = Array.from({ length: 8 }, () => ({ pressed: false, touched: false, value: 0 }));
  const pad = {
    index: 0,
    id: 'Box of buzzers',
    connected: true,
    mapping: '',
    axes: [],
    timestamp: 0,
    buttons,
  };
  Object.assign(navigator, { getGamepads: () => [pad] });
  Object.assign(window, {
    pressPad: (n: number) => {
      pad.timestamp = performance.now();
      buttons[n]!.pressed = true;
      setTimeout(() => (buttons[n]!.pressed = false), 120);
    },
  });
};
type WithPad = Window & { pressPad: (n: number) => void };

test('buzzers on the table: a controller’s and the page of virtual ones, learned by pressing, first one wins', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const desk = host.page;
  await desk.addInitScript(virtualPad);
  const show = quizShow(
    [choice('First?'), choice('Second?')],
    rulesWith({ floor: 'buzz', afterWrong: 'buzz', clock: 60 }),
    { mode: 'none', score: 'teams', combine: 'mean' },
  );
  await host.openDoors(show);
  const pressPad = (n: number) =>
    desk.evaluate((button) => (window as unknown as WithPad).pressPad(button), n);

  await desk.getByRole('button', { name: 'More', exact: true }).click();
  await desk.getByText('Buzzers', { exact: true }).click();
  const dialog = desk.getByRole('dialog', { name: 'Buzzers' });
  const [virtual] = await Promise.all([
    desk.context().waitForEvent('page'),
    dialog.getByRole('link', { name: 'Try it without buzzers' }).click(),
  ]);
  await expect(virtual.getByRole('heading', { name: 'Virtual buzzers' })).toBeVisible();
  await dialog.getByRole('button', { name: 'Learn the buzzer of Bowline' }).click();
  await expect(dialog.getByText('Now press the buzzer of Bowline.')).toBeVisible();
  await desk.bringToFront();
  await pressPad(5);
  await expect(dialog.getByText('controller 1, button 6')).toBeVisible();
  // The next one without a buzzer is on by itself.
  await expect(dialog.getByText('Now press the buzzer of Fairlead.')).toBeVisible();
  await virtual.getByRole('button', { name: 'virtual buzzer 3' }).click();
  await expect(dialog.getByText('virtual buzzer 3')).toBeVisible();
  await dialog.getByRole('button', { name: 'Close' }).click();

  await step(desk, 'Begin the round');
  await pose(desk, 'Open the buzzers');
  await pressPad(5);
  await expect(desk.getByText('Bowline buzzed')).toBeVisible();
  // Another button is nobody's, and too late the other team's changes nothing.
  await virtual.getByRole('button', { name: 'virtual buzzer 3' }).click();
  await expect(desk.getByText('Bowline buzzed')).toBeVisible();
  await desk.getByRole('button', { name: /Undo/ }).click();
  await virtual.getByRole('button', { name: 'virtual buzzer 3' }).click();
  await expect(desk.getByText('Fairlead buzzed')).toBeVisible();
  // Known again after the desk was loaded anew.
  await desk.reload();
  await desk.getByRole('button', { name: 'More', exact: true }).click();
  await desk.getByText('Buzzers', { exact: true }).click();
  await expect(dialog.getByText('controller 1, button 6')).toBeVisible();
});
