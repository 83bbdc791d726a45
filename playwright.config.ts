import { defineConfig } from '@playwright/test';

/** The real interface in Debian's Chromium; every worker has a server and a MariaDB of its own. */
export default defineConfig({
  testDir: 'e2e',
  timeout: 90_000,
  expect: { timeout: 10_000 },
  // One at a time: two browsers, servers and databases at once starve each other on two cores.
  workers: 1,
  fullyParallel: false,
  forbidOnly: true,
  reporter: process.env.DISTAFF_REPORT
    ? [['list'], ['json', { outputFile: process.env.DISTAFF_REPORT }]]
    : 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    actionTimeout: 10_000,
    navigationTimeout: 15_000,
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
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
