/* global document */
// npm run screenshots [-- NAME …]: one current picture of each main view, or of those named, from the demo data.
import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildAll } from './build.mjs';
import { findChromium } from './chromium.mjs';
import { root } from './hash.mjs';

await buildAll();
const { startServer } = await import('../packages/cli/dist/server.js');
const dataDir = mkdtempSync(join(tmpdir(), 'hornblende-shots-'));
const server = await startServer({ dataDir, port: 0, demo: true, webRoot: join(root, 'packages/web/dist') });
const browser = await chromium.launch({
  executablePath: findChromium() ?? undefined,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--disable-quic',
  ],
});
const parts = await (await fetch(`${server.url}/api/parts`)).json();
const idOf = name => parts.find(p => p.name === name).id;
const latch = idOf('Solar wax melter latch');
const views = [
  ['parts', '/parts', 'light', '[data-testid=part-row]'],
  ['brief', `/parts/${latch}/brief`, 'light', '.questions'],
  ['rank', `/parts/${latch}/rank`, 'light', '[data-testid=ruler]'],
  ['decision', `/parts/${idOf('Hive-stand levelling foot')}/decision`, 'light', '[data-testid=decision]'],
  [
    'shape',
    `/parts/${latch}/shape`,
    'light',
    '[data-testid=ways]',
    async page => {
      await page.waitForTimeout(2500);
    },
  ],
  [
    'warp',
    `/parts/${idOf('Hive-scale housing')}/warp`,
    'light',
    '[data-testid=warp-sweep] svg',
    async page => {
      await page.waitForTimeout(600);
    },
  ],
  ['card', `/parts/${latch}/card`, 'light', '[data-testid=card-amounts]'],
  [
    'trial',
    `/parts/${idOf('Syrup-feeder gasket')}/trial`,
    'light',
    '[data-testid=trial-sheet]',
    async page => {
      await page.getByText('What it says').click();
      await page.waitForSelector('[data-testid=trial-intervals]');
      await page.waitForTimeout(600);
    },
  ],
  [
    'bench',
    '/workshop/bench',
    'light',
    '[data-testid=hardness-bench]',
    async page => {
      for (const hardness of ['84.5', '86', '85', '87', '85.5']) {
        await page.getByLabel('Reading', { exact: true }).fill(hardness);
        await page.keyboard.press('Enter');
      }
    },
  ],
  [
    'settings',
    '/settings',
    'light',
    'text=Back up now',
    async page => {
      await page.getByRole('button', { name: 'Back up now' }).click();
      await page.waitForSelector('[data-testid=backup]');
      await page.waitForTimeout(3500);
      await page.evaluate(() => document.querySelector('main').scrollBy(0, 900));
      await page.waitForTimeout(300);
    },
  ],
  [
    'drills',
    '/drills?class=hornblende',
    'light',
    '[data-testid=drills-begin]',
    async page => {
      await page.getByRole('button', { name: 'Begin with it' }).click();
      // The third of them: what a part reaches in the sun, answered.
      for (const key of ['1', 'd', 'Enter', '2', 'f', 'Enter', '2', 'f']) {
        await page.keyboard.press(key);
        await page.waitForTimeout(250);
      }
    },
  ],
  [
    'fix',
    '/fix',
    'light',
    '[data-testid=fix-page]',
    async page => {
      for (const symptom of ['corner-lift', 'layer-split', 'part-loose', 'part-loose'])
        await page.getByTestId(`symptom-${symptom}`).click();
      await page.getByText('Kept in the workshop').waitFor();
    },
  ],
  [
    'service',
    '/service',
    'light',
    '[data-testid=due-row]',
    async page => {
      await page.getByText('How long it lasts', { exact: true }).click();
      await page.getByTestId('evidence-group').nth(1).getByRole('button').click();
      await page.waitForTimeout(700);
    },
  ],
  [
    'look',
    '/service',
    'light',
    '[data-testid=due-row]',
    async page => {
      await page.setViewportSize({ width: 390, height: 800 });
      await page.getByTestId('due-row').first().getByRole('link').click();
      await page.waitForSelector('[data-testid=look-form]');
    },
  ],
  ['library', '/library', 'light', '[data-testid=library-row]'],
  ['chooser', '/chooser', 'light', '[data-testid=chooser-row]'],
  ['workshop', '/workshop', 'light', '[data-testid=printer]'],
  ['spools', '/workshop/spools', 'light', '[data-testid=spool-row]'],
  ['upgrades', '/workshop/upgrades', 'light', '[data-testid=worth]'],
];
try {
  const named = process.argv.slice(2);
  for (const [name, path, theme, ready, act] of views) {
    if (named.length && !named.includes(name)) continue;
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.addInitScript(t => localStorage.setItem('hornblende-theme', t), theme);
    await page.goto(server.url + path);
    await page.waitForSelector(ready);
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(900);
    if (act) await act(page);
    await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) });
    await page.close();
  }
} finally {
  await browser.close();
  await server.close();
  rmSync(dataDir, { recursive: true, force: true });
}
