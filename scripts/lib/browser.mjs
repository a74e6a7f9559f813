import { chromium } from '@playwright/test';
import { CHROMIUM } from './debian.mjs';

/** Debian's browser without a sandbox (root has none) and without its own network habits. */
export const BROWSER_OPTIONS = {
  executablePath: CHROMIUM,
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

export const launchBrowser = () => chromium.launch(BROWSER_OPTIONS);
