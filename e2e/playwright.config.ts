import { defineConfig } from '@playwright/test';
import { chromium } from './chromium.js';

export default defineConfig({
  testDir: '.',
  testMatch: '*.e2e.js',
  // One school, one database: the stories follow one another.
  workers: 1,
  timeout: 90_000,
  expect: { timeout: 15_000 },
  outputDir: '../../test-results',
  reporter: [['list']],
  use: {
    headless: true,
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: chromium.executablePath, args: [...chromium.args] },
    screenshot: 'only-on-failure',
  },
});
