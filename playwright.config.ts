import { defineConfig } from '@playwright/test';
import { BROWSER_OPTIONS } from './scripts/lib/browser.mjs';

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results',
  // each with its own application and database: while one waits for the screen the other computes; a third brings nothing on two processors
  workers: 2,
  // once more with an application of its own, and named in the end: what then passes met something another left, or a race to look into
  retries: 1,
  // what hangs is ended, what is slow is waited for
  timeout: 300_000,
  expect: { timeout: 60_000 },
  // strange requests leave things done: they have an application of their own, and begin beside the rest since they take longest
  projects: [
    { name: 'strange', testMatch: /strange\.spec/ },
    { name: 'bench', testIgnore: /strange\.spec/ },
  ],
  reporter: [['list'], ['json']],
  use: { viewport: { width: 1280, height: 800 }, launchOptions: BROWSER_OPTIONS, contextOptions: { reducedMotion: 'reduce' } },
});
