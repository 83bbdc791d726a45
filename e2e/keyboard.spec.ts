import { expect, nextStep, press, test } from './app.ts';

test.use({ contextOptions: { reducedMotion: 'no-preference' } });

test('desk and handset work with the keyboard alone', async ({ app, browser }) => {
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors();
  const phone = await host.phone();
  await phone.goto('/');
  const type = async (text: string) => phone.keyboard.type(text);
  await expect(phone.getByLabel('Join code')).toBeFocused();
  await type(sitting.code.toLowerCase());
  await phone.keyboard.press('Enter');
  await phone.getByLabel('Your name').waitFor();
  await phone.keyboard.press('Tab');
  await expect(phone.getByLabel('Your name')).toBeFocused();
  await type('Ansa');
  await phone.keyboard.press('Tab');
  await expect(phone.getByRole('button', { name: 'Pick a name for me' })).toBeFocused();
  await phone.keyboard.press('Tab');
  await phone.keyboard.press('Space');
  await phone.keyboard.press('Enter');
  await expect(phone.getByText('Ansa · Bowline')).toBeVisible();

  const key = async (name: string, then: string | RegExp) => {
    await press(desk, name);
    await expect(nextStep(desk)).toContainText(then);
  };
  await key('Space', 'Bowline chooses a cell');
  await press(desk, 'Space');
  await expect(desk.getByRole('button', { name: 'Knots and ropes for 100' })).toBeFocused();
  await desk.keyboard.press('ArrowDown');
  await desk.keyboard.press('ArrowRight');
  await expect(desk.getByRole('button', { name: 'Tides for 200' })).toBeFocused();
  await key('Enter', 'Show the question');
  await key('Space', 'Open the answers for Bowline');
  await key('Space', 'Lock the answer of Bowline');
  // Two presses that follow at once are one press too many: the second does nothing.
  await desk.keyboard.press('c');
  await expect(desk.getByRole('timer').getByLabel('held')).toBeVisible();
  const seconds = async () => Number((await desk.getByRole('timer').innerText()).match(/\d+/)![0]);
  const held = await seconds();
  await desk.keyboard.press('.');
  await expect.poll(seconds).toBe(held + 5);
  await desk.keyboard.press(',');
  await expect.poll(seconds).toBe(held);
  await desk.keyboard.press('c');
  await expect(desk.getByRole('timer').getByLabel('held')).toHaveCount(0);

  await phone.getByRole('radio').first().waitFor();
  // One of the group is reached by Tab, the others by the arrows.
  await phone.keyboard.press('Tab');
  await expect(phone.getByRole('button', { name: 'Vibrate' })).toBeFocused();
  await phone.keyboard.press('Tab');
  await expect(phone.getByRole('radio').first()).toBeFocused();
  await phone.keyboard.press('ArrowDown');
  await expect(phone.getByRole('radio').nth(1)).toHaveAttribute('aria-checked', 'true');
  await phone.keyboard.press('Tab');
  await phone.keyboard.press('Enter');
  await expect(phone.getByText('Sent by you')).toBeVisible();

  await expect(nextStep(desk)).toContainText('Show who answered what');
  await desk.keyboard.press('k');
  await expect(nextStep(desk)).toContainText(/Award 200 to Bowline|Close: no points/);
  await desk.keyboard.press('u');
  await expect(nextStep(desk)).toContainText('Show who answered what');
  await desk.keyboard.press('u');
  await expect(nextStep(desk)).toContainText('Lock the answer');
  await desk.keyboard.press('l');
  await expect(nextStep(desk)).toContainText('Show who answered what');
  await desk.keyboard.press('2');
  await expect(desk.getByRole('button', { name: 'Fairlead', pressed: true })).toBeVisible();
  await desk.keyboard.press('2');
  await desk.keyboard.press('-');
  await expect(nextStep(desk)).toContainText(/Show who answered what|Pass to/);
  await desk.keyboard.press('n');
  await expect(nextStep(desk)).toContainText('Lock the answer of Fairlead');
  await desk.keyboard.press('s');
  await expect(nextStep(desk)).toContainText('Hide the standings');
  await desk.keyboard.press('s');
  await expect(nextStep(desk)).toContainText('Lock the answer');

  await desk.keyboard.press('?');
  await expect(desk.getByRole('heading', { name: 'Keys at the desk' })).toBeVisible();
  await desk.keyboard.press('Escape');
  await expect(desk.getByRole('heading', { name: 'Keys at the desk' })).toHaveCount(0);
  await desk.keyboard.press('/');
  await desk.getByLabel('Find a command').waitFor();
  await desk.keyboard.type('standings');
  await desk.keyboard.press('Enter');
  await expect(nextStep(desk)).toContainText('Hide the standings');
});

test('what the mouse pressed at the desk leaves Space to the next step', async ({ app, browser }) => {
  const host = await app.host(browser);
  const desk = host.page;
  const sitting = await host.openDoors();
  const [stage] = await Promise.all([
    host.context.waitForEvent('page'),
    desk.getByRole('link', { name: 'Open the stage' }).click(),
  ]);
  await desk.bringToFront();
  await expect(stage.getByText(sitting.code)).toBeVisible();
  await press(desk, 'Space');
  await expect(stage.getByText(/chooses a question/)).toBeVisible();
  await desk.getByRole('button', { name: 'Standings' }).click();
  await expect(stage.getByRole('heading', { name: /^Standings/ })).toBeVisible();
  // Neither a key of the desk nor a menu that was shut again changes that.
  await desk.getByRole('button', { name: 'More', exact: true }).click();
  await desk.getByText('Overlay for a stream').waitFor();
  await desk.keyboard.press('Escape');
  await desk.keyboard.press('1');
  await press(desk, 'Space');
  await expect(stage.getByText(/chooses a question/)).toBeVisible();
  // Reached by keys, a button is pressed by Space as everywhere.
  await desk.keyboard.press('Tab');
  await desk.getByRole('button', { name: 'Standings' }).focus();
  await press(desk, 'Space');
  await expect(stage.getByRole('heading', { name: /^Standings/ })).toBeVisible();
});
