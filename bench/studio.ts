import type { Page } from '@playwright/test';
import { blankQuestion } from '@distaff/core/question';
import { cellId } from '@distaff/core/formats';
import { newRound, type RoundOf, type Show } from '@distaff/core/show';
import { openBrowser } from './browser.ts';
import { benchShow, House, median, tell } from './house.ts';

/*
 * Writing in the editor of a large show: how long a key takes until the picture that shows it, on this
 * machine and at a quarter of its speed; and what opening the editor costs.
 */
const KEYS = 20;
const PAUSE = 120;
/** A board of 12 × 10 with a question on every cell, and six rounds of forty. */
function largeShow(): Show {
  const show = benchShow();
  let n = 0;
  const newId = () => `n${n++}`;
  const ask = (i: number) => {
    const id = newId();
    show.questions[id] = {
      ...blankQuestion(() => id),
      id,
      prompt: `Question ${i}: which of these ropes holds best on a wet deck, and why not the others?`,
      answer: {
        kind: 'choice',
        options: ['Hemp', 'Manila', 'Sisal', 'Cotton'].map((text, k) => ({
          id: `${id}-${k}`,
          text: `${text} ${i}`,
        })),
        key: `${id}-0`,
      },
    };
    return id;
  };
  const board = newRound('board', newId) as RoundOf<'board'>;
  const categories = Array.from({ length: 12 }, (_, i) => ({ id: newId(), name: `Category ${i}` }));
  const values = Array.from({ length: 10 }, (_, i) => ({ id: newId(), points: (i + 1) * 100 }));
  const places = categories.flatMap((one) => values.map((value) => cellId(one.id, value.id)));
  const cells = Object.fromEntries(places.map((place, i) => [place, { question: ask(i), value: null }]));
  const quizzes = Array.from({ length: 6 }, () => {
    const round = newRound('quiz', newId) as RoundOf<'quiz'>;
    const items = Array.from({ length: 40 }, (_, i) => ({ id: ask(i), points: null }));
    return { ...round, content: { ...round.content, items } };
  });
  return { ...show, rounds: [{ ...board, content: { categories, values, cells } }, ...quizzes] };
}

/** Notes tasks of over 50 ms, and for every key how long it takes until the next picture is drawn. */
const watch = () => {
  const told = { tasks: [] as number[], keys: [] as number[] };
  Object.assign(window, { told });
  new PerformanceObserver((list) => {
    for (const task of list.getEntries()) told.tasks.push(task.duration);
  }).observe({ type: 'longtask', buffered: true });
  window.addEventListener(
    'keydown',
    () => {
      const from = performance.now();
      requestAnimationFrame(() => setTimeout(() => told.keys.push(performance.now() - from)));
    },
    { capture: true },
  );
};
const toldBy = (page: Page) =>
  page.evaluate(() => (window as unknown as { told: { tasks: number[]; keys: number[] } }).told);

const house = new House();
const browser = await openBrowser();
try {
  await house.open();
  const { id } = await house.post('/api/shows', { show: largeShow() });
  const [name, value] = house.cookie.split('=') as [string, string];
  for (const rate of [1, 4]) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    await context.addCookies([{ name, value, url: house.url }]);
    const page = await context.newPage();
    await page.addInitScript(watch);
    const wire = await context.newCDPSession(page);
    await wire.send('Emulation.setCPUThrottlingRate', { rate });
    let requests = 0;
    let sent = 0;
    page.on('request', (request) => {
      requests++;
      if (request.method() === 'PATCH') sent = Math.max(sent, request.postDataBuffer()?.length ?? 0);
    });
    const speed = rate === 1 ? '' : `, at a ${rate}th of the speed`;
    await page.goto(`${house.url}/studio/shows/${id}`);
    await page.locator('.cells .cell').first().waitFor();
    await page.waitForTimeout(2000 * rate);
    const opened = await toldBy(page);
    if (rate === 1) {
      tell('studio: requests until the editor of a large show is there', requests, { most: 40 });
      tell('studio: longest task while it opens (ms)', Math.max(0, ...opened.tasks), { most: 200 });
    }
    await page.locator('.cells .cell').first().click();
    await page.getByLabel('Question', { exact: true }).click();
    await page.waitForTimeout(1000 * rate);
    const before = (await toldBy(page)).keys.length;
    await page.keyboard.type('which way did it go?', { delay: PAUSE });
    await page.waitForTimeout(1500 * rate);
    const keys = (await toldBy(page)).keys.slice(before, before + KEYS);
    tell(`studio: key to picture in a large show (ms)${speed}`, median(keys), {
      most: rate === 1 ? 50 : 200,
    });
    if (rate === 1) {
      tell('studio: the slowest key (ms)', Math.max(...keys), { most: 100 });
      tell('studio: largest save after typing (kB)', sent / 1000, { most: 4 });
    }
    await context.close();
  }
} finally {
  await browser.close();
  await house.close();
}
