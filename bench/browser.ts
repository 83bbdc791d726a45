import { chromium, type Browser } from '@playwright/test';

/** Debian's headless Chromium, as all benches that look at pages use it. */
export const openBrowser = (): Promise<Browser> =>
  chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'],
  });
