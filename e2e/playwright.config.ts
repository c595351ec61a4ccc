import { defineConfig } from '@playwright/test';

/** The servers are started by ./rostik test; the browser is Debian's Chromium, without a window. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  outputDir: 'results',
  // generous: the machine may be busy with other things
  timeout: 180_000,
  expect: { timeout: 20_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  retries: 0,
  // what is measured is measured when all else is done
  projects: [
    { name: 'desk', testIgnore: 'pace.spec.ts' },
    { name: 'pace', testMatch: 'pace.spec.ts', dependencies: ['desk'], fullyParallel: false },
  ],
  reporter: [['list']],
  use: {
    baseURL: process.env['ROSTIK_ADDRESS'] ?? 'http://127.0.0.1:8321',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    screenshot: 'only-on-failure',
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
