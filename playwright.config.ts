import { defineConfig } from '@playwright/test';

/** The real interface in Debian's Chromium; every worker has a server and a MariaDB of its own. */
export default defineConfig({
  testDir: 'e2e',
  timeout: 120_000,
  expect: { timeout: 15_000 },
  workers: 2,
  fullyParallel: false,
  forbidOnly: true,
  reporter: process.env.DISTAFF_REPORT
    ? [['list'], ['json', { outputFile: process.env.DISTAFF_REPORT }]]
    : 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    // Fading and sliding are looked at where a spec asks for them (show, keyboard): elsewhere they only cost time.
    contextOptions: { reducedMotion: 'reduce' },
    actionTimeout: 15_000,
    navigationTimeout: 20_000,
    // A trace doubles what a test costs: asked for by hand (DISTAFF_TRACE=1) when one has failed.
    trace: process.env.DISTAFF_TRACE ? 'retain-on-failure' : 'off',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
