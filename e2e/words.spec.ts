import { expect, quizShow, step, pose, test, choice } from './app.ts';
import { clean } from './axe.ts';
import { rulesWith } from '@distaff/core/formats';
import type { Question } from '@distaff/core/question';

test('unwanted words in a name and a typed answer reach the host alone, who lets them through', async ({
  app,
  browser,
}) => {
  const host = await app.host(browser);
  const { page: desk } = host;
  const typed: Question = {
    ...choice('Say something'),
    answer: {
      kind: 'text',
      accepted: ['neap'],
      forgive: { case: true, accents: true, articles: true, slips: false },
    },
  };
  const show = quizShow([typed], rulesWith({ floor: 'everyone', clock: null, afterWrong: 'close' }), {
    mode: 'team',
    score: 'teams',
    combine: 'mean',
  });
  // Harmless words stand for others: one that the host added, one that the host allows.
  const id = await host.makeShow(show);
  await desk.goto(`/studio/shows/${id}`);
  await desk.getByRole('button', { name: 'Teams', exact: true }).click();
  const add = async (label: RegExp, word: string) => {
    await desk.getByRole('combobox', { name: label }).fill(word);
    await desk.keyboard.press('Enter');
  };
  await add(/Also block/, 'bilge');
  await expect.poll(async () => (await host.showOf(id)).doors.words).toMatchObject({ also: ['bilge'] });

  const sitting = await host.openDoors(await host.showOf(id));
  const stage = await host.stage(sitting);
  const phone = await host.phone();
  await phone.goto(`/join/${sitting.code}`);
  await phone.getByLabel('Your name').fill('B1LGE');
  await phone.getByText('Bowline', { exact: true }).click();
  await phone.getByRole('button', { name: 'Join' }).click();
  await expect(phone.getByText('The host is checking your name.')).toBeVisible();
  await host.handset(sitting.code, 'Jory', 'Fairlead');
  await expect(stage.getByText('Jory')).toBeVisible();
  await expect(stage.getByText('B1LGE')).toHaveCount(0);
  await clean(desk, 'desk with a held name');
  await desk.locator('.player.held').click();
  await desk.getByText('Allow “B1LGE”').click();
  await expect(stage.getByText('B1LGE')).toBeVisible();
  await expect(phone.getByText('B1LGE · Bowline')).toBeVisible();

  await step(desk, 'Begin the round');
  await pose(desk, 'Open the answers for everyone');
  await phone.getByRole('textbox').fill('old bilge');
  await phone.getByRole('button', { name: /^Send/ }).click();
  await expect(desk.getByText('Hidden: may contain bad language')).toBeVisible();
  await clean(desk, 'desk with a held answer');
  await step(desk, 'Lock');
  await step(desk, 'Show who answered what');
  await expect(stage.getByText('old bilge')).toHaveCount(0);
  await desk.getByRole('button', { name: 'Allow it' }).click();
  await expect(stage.getByText('old bilge')).toBeVisible();
});
