import type { Page } from '@playwright/test';
import type { AxeResults, RunOptions } from 'axe-core';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect } from './server';

/** The checker as a script: read by a page once, rather than before each look at it. */
const checker = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

declare const axe: { run: (where: Document, options: RunOptions) => Promise<AxeResults> };

/** How a page is looked at: each is one load of it, dressed otherwise. */
const looks = [
  { width: 1280, theme: 'light', rules: 'all' },
  // Colours do not change with the width: of the dark theme they are all that can be new.
  { width: 1280, theme: 'dark', rules: 'colours' },
  { width: 1024, theme: 'dark', rules: 'none' },
  { width: 390, theme: 'dark', rules: 'layout' },
] as const;

/** What axe calls serious or worse on the page as it stands. */
async function serious(page: Page, where: string, rules: 'all' | 'colours' | 'layout'): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(checker);
  const options: RunOptions = { resultTypes: ['violations'] };
  if (rules === 'colours') options.runOnly = ['color-contrast'];
  if (rules === 'layout') options.rules = { 'color-contrast': { enabled: false } };
  const found = await page.evaluate(async asked => {
    const { violations } = await axe.run(document, asked);
    return violations
      .filter(v => v.impact === 'serious' || v.impact === 'critical')
      .map(
        v =>
          `${v.id}: ${v.nodes
            .slice(0, 3)
            .map(n => n.target.join(' '))
            .join(' | ')}`,
      );
  }, options);
  return found.map(violation => `${where} ${violation}`);
}

/** Labels of buttons that reach beyond them. */
function spilt(page: Page): Promise<string[]> {
  return page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('.ant-btn, .ant-radio-button-wrapper')]
      .filter(b => b.checkVisibility() && getComputedStyle(b).textOverflow !== 'ellipsis')
      .filter(b => b.scrollHeight - b.clientHeight > 4 || b.scrollWidth - b.clientWidth > 4)
      .map(b => b.innerText || b.ariaLabel || b.className),
  );
}

/**
 * Looks at a page as it stands in both themes, wide and narrow: nothing on it is hard to use or to read, and it fits.
 * The narrow looks are left out for what has no place there.
 */
export async function lookedAt(page: Page, where: string, narrow = true): Promise<void> {
  await page.evaluate(() => document.fonts.ready);
  for (const { width, theme, rules } of looks) {
    if (width < 1280 && !narrow) continue;
    const wears = `${where}, ${theme} theme at ${width} px`;
    await page.setViewportSize({ width, height: 800 });
    await page.emulateMedia({ colorScheme: theme });
    await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
    if (rules !== 'none') expect(await serious(page, wears, rules)).toEqual([]);
    const spill = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(await spilt(page), `labels of ${wears} that reach beyond their buttons`).toEqual([]);
    expect(spill, `what of ${wears} lies beyond its edge, px`).toBeLessThanOrEqual(0);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.emulateMedia({ colorScheme: 'light' });
}
