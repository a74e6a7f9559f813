import { defineConfig } from '@playwright/test';
import { BROWSER_OPTIONS } from './scripts/lib/browser.mjs';

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results',
  workers: 1,
  timeout: 60_000,
  expect: { timeout: 12_000 },
  reporter: [['list'], ['json']],
  use: { viewport: { width: 1280, height: 800 }, launchOptions: BROWSER_OPTIONS, contextOptions: { reducedMotion: 'reduce' } },
});
