import { defineConfig } from '@playwright/test';
import { chromium } from './chromium.js';

const longest = ['every-page.e2e.js', 'marking.e2e.js'];

export default defineConfig({
  testDir: '.',
  globalSetup: './before-all.js',
  // The longest files first, so that neither of two workers ends long before the other.
  projects: [
    { name: 'pages', testMatch: longest },
    { name: 'stories', testMatch: '*.e2e.js', testIgnore: longest },
  ],
  // The stories of a file follow one another in a school of their own; two files go side by side.
  workers: 2,
  timeout: 90_000,
  expect: { timeout: 15_000 },
  outputDir: '../../test-results',
  // A busy machine may be late once; what passes only then is named at the end of `npm test`.
  retries: 1,
  reporter: [
    ['list'],
    ...(process.env.KIVEX_REPORT ? [['json', { outputFile: process.env.KIVEX_REPORT }] as const] : []),
  ],
  use: {
    headless: true,
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: chromium.executablePath, args: [...chromium.args] },
    screenshot: 'only-on-failure',
  },
});
