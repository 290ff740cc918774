import { expect, test } from './server';
import { choose, segment } from './controls';
import type { Page } from '@playwright/test';

async function openRank(page: Page, url: string, part: string): Promise<void> {
  await page.goto(url);
  await page.getByRole('link', { name: part }).click();
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  await expect(page.getByTestId('column').first()).toBeVisible();
}

test('schools pick differently, and say so', async ({ page, server }) => {
  await openRank(page, server.url, 'Hive-stand levelling foot');
  await expect(page.getByText('Weakest link would pick')).toContainText('PC blend');
  await segment(page, 'Weakest link');
  await expect(page.getByTestId('first-choice')).toHaveText('PC blend');
  await expect(page.getByText('Weighted would pick')).toContainText('ASA');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('first-choice')).toHaveText('ASA');
});

test('weights move the ranking, and reset to what the brief implies', async ({ page, server }) => {
  await openRank(page, server.url, 'Drinking-trough float');
  await expect(page.getByTestId('first-choice')).toHaveText('PP');
  await page.getByRole('button', { name: 'Weights' }).click();
  const finish = page.getByLabel('Weight of Finish');
  await finish.focus();
  for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('first-choice')).toHaveText('Light PP');
  await page.getByRole('button', { name: 'Reset to what the brief implies' }).click();
  await expect(page.getByTestId('first-choice')).toHaveText('PP');
  await expect(finish).toHaveAttribute('aria-valuenow', '0');
});

test('the same facts stand in a table', async ({ page, server }) => {
  await openRank(page, server.url, 'Solar wax melter latch');
  await page.getByRole('button', { name: 'As a table' }).click();
  const table = page.getByRole('table');
  await expect(table.getByRole('row')).toHaveCount(64);
  await expect(table.getByRole('row').nth(1)).toContainText('ASA');
  await expect(table.getByRole('row').nth(1)).toContainText('fits');
  await table.getByRole('button', { name: 'PLA', exact: true }).click();
  await expect(page.getByTestId('gate-heat')).toContainText('fails');
  await page.getByRole('button', { name: 'As a chart' }).click();
  await expect(page.getByTestId('column').first()).toBeVisible();
});

test('every number opens its working', async ({ page, server }) => {
  await openRank(page, server.url, 'Solar wax melter latch');
  const working = page.getByTestId('working');
  const close = async (): Promise<void> => {
    await page.keyboard.press('Escape');
    await expect(working).toBeHidden();
  };
  await page.getByTestId('score').click();
  await expect(working).toContainText('Σ(weight × desirability)/Σ weight');
  await close();
  await page.getByTestId('gate-strength').getByRole('button').click();
  await expect(working).toContainText('strength.allowable');
  await expect(working).toContainText('1 − m·log₁₀(minutes)');
  await expect(working).toContainText('Holds for:');
  await close();
  await page.getByRole('button', { name: /^costs/ }).click();
  await expect(working).toContainText('print.economics');
  await close();
  await page.getByRole('button', { name: 'Working of Sun, years to half, ASA', exact: true }).click();
  await expect(working).toContainText('H₅₀·c/Dyear');
  await close();
  await page.getByRole('button', { name: /^Heat: has/ }).click();
  await expect(working).toContainText('heat.allowable');
  await close();
  await page.getByTestId('column').first().locator('.fill').first().click();
  await expect(working).toContainText('score.desirability');
});

test('the rulers show the need and every candidate, and the page fits 1024 px', async ({ page, server }) => {
  await page.setViewportSize({ width: 1024, height: 760 });
  await openRank(page, server.url, 'Solar wax melter latch');
  const heat = page.getByTestId('ruler').first();
  await expect(heat).toContainText('64 °C');
  await expect(heat).toContainText('ASA-CF');
  for (const path of ['rank', 'brief', 'decision']) {
    await page.getByRole('navigation').getByRole('link', { name: path, exact: false }).first().click();
    const spill = await page.evaluate(() => {
      const m = document.querySelector('main')!;
      return m.scrollWidth - m.clientWidth;
    });
    expect(spill, path).toBeLessThanOrEqual(1);
  }
});

test('a changed brief makes a decided part differ from its record', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Apiary name plate' }).click();
  await expect(page.getByTestId('decision')).toContainText('crisp letters');
  await page.getByRole('link', { name: 'Brief', exact: true }).click();
  await choose(page, 'Setting', 'in a closed vehicle');
  await choose(page, 'Printer', 'Honey-house cabinet');
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.getByRole('link', { name: 'Decision', exact: true }).click();
  await expect(page.getByText('Today’s answer differs')).toContainText('PLA led then');
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await expect(page.getByTestId('part-row').filter({ hasText: 'Apiary name plate' })).toContainText('leads');
});

test('no ranking is shown before what it rests on has come', async ({ page, server }) => {
  await page.goto(`${server.url}/parts`);
  const href = await page.getByRole('link', { name: 'Solar wax melter latch' }).getAttribute('href');
  let release: () => void = () => undefined;
  const held = new Promise<void>(go => (release = go));
  await page.route('**/api/printers*', async route => {
    await held;
    await route.continue();
  });
  await page.goto(`${server.url}${href!.replace('/brief', '/rank')}`);
  await expect(page.getByRole('status').filter({ hasText: 'Opening the part…' })).toBeVisible();
  await expect(page.getByTestId('first-choice')).toHaveCount(0);
  release();
  await expect(page.getByTestId('first-choice')).toHaveText('ASA');
});
