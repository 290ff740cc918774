import { defineConfig } from '@playwright/test';

/** What the browser draws of its own frame as pages: a process and half a core for each window. */
const ownPages = [
  'PreloadTopChromeWebUI',
  'InitialWebUI',
  'WebUIReloadButton',
  'WebUIOmniboxPopup',
  'WebUIOmniboxAimPopup',
  'WebUITabStrip',
  'WebUILocationBar',
  'WebUIToolbar',
];

/** Browser journeys through the real interface, each file on a server and SQLite file of its own. */
export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/sow-demo.ts',
  // Limits are there to end what hangs: on a machine that does other work besides, nothing fails for being slow.
  timeout: 900_000,
  expect: { timeout: 120_000 },
  fullyParallel: true,
  // Each test has a server and a browser of its own; two at a time keep both cores of a small machine busy.
  workers: 2,
  retries: 0,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: '.cache/playwright.json' }]],
  use: {
    actionTimeout: 120_000,
    viewport: { width: 1280, height: 800 },
    // What moves need not be waited for.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-quic',
        // Otherwise each window draws parts of the browser's own frame as pages, which nobody sees here.
        `--disable-features=${ownPages.join()}`,
      ],
    },
  },
});
