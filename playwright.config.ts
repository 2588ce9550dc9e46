import { defineConfig } from '@playwright/test';

const launchOptions = {
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
};

export default defineConfig({
  testDir: 'tests/Browser',
  outputDir: 'test-results',
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  // What reckons gives way to taps, and waits long where a machine has other work.
  timeout: 120_000,
  expect: { timeout: 30_000 },
  use: {
    baseURL: process.env['INCH_URL'] ?? 'http://127.0.0.1:8322',
    launchOptions,
    trace: 'retain-on-failure',
  },
  projects: [
    { name: 'tablet', use: { viewport: { width: 1280, height: 800 } } },
    {
      name: 'phone',
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
      testMatch: ['whole-job.spec.ts', 'screens.spec.ts', 'words.spec.ts', 'events.spec.ts'],
    },
  ],
});
