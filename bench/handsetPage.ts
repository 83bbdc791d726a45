import { openBrowser } from './browser.ts';
import { benchShow, House, median, tell } from './house.ts';

/*
 * The first page of a phone, from nothing in its cache: bytes over the wire until one can join, and
 * how long that takes on a simulated slow phone (1.6 Mbit/s, 150 ms, a quarter of the speed).
 */
const ROUNDS = 5;
const SLOW = { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 94_000 };

const house = new House();
const browser = await openBrowser();
try {
  await house.open();
  const { id } = await house.post('/api/shows', { show: benchShow() });
  const { code } = await house.post(`/api/shows/${id}/sittings`, {});
  const rounds = [];
  for (let i = 0; i < ROUNDS; i++) {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, isMobile: true });
    const page = await context.newPage();
    const wire = await context.newCDPSession(page);
    await wire.send('Network.enable');
    await wire.send('Network.emulateNetworkConditions', SLOW);
    await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    let bytes = 0;
    wire.on('Network.loadingFinished', ({ encodedDataLength }) => (bytes += encodedDataLength));
    const start = performance.now();
    await page.goto(`${house.url}/join/${code}`, { waitUntil: 'commit' });
    await page.getByLabel('Your name').waitFor();
    rounds.push({ ms: performance.now() - start, bytes });
    await context.close();
  }
  tell('handset page: bytes until one can join (kB)', median(rounds.map((one) => one.bytes)) / 1000, {
    most: 120,
  });
  tell(
    'handset page on a slow phone: time to that (ms)',
    median(rounds.map((one) => one.ms)),
    { most: 3000 },
    { rounds: ROUNDS },
  );
} finally {
  await browser.close();
  await house.close();
}
