import { defineConfig } from '@playwright/test';
import tests from '../../playwright.config';

/** Takes the pictures of docs/screenshots from a demo that is running: npm run screenshots. */
export default defineConfig({
  outputDir: '../../test-results',
  workers: 1,
  timeout: 60_000,
  use: { ...tests.use, baseURL: process.env['INCH_URL'] ?? 'http://127.0.0.1:8321' },
});
