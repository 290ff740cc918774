import { lookedAt } from './looks';
import { expect, test } from './server';

test('from “will it bear a hot car?” to a filament on the shelf, and to a part that is ranked the same', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/library`);
  await page.getByRole('link', { name: 'What to reach for' }).click();
  const chooser = page.getByTestId('chooser');
  const row = chooser.getByTestId('chooser-row').filter({ hasText: 'A hot car' });
  await expect(row.getByRole('button', { name: /From the shelf: ● Tarnbeck Hill ASA/ })).toBeVisible();
  // Nothing stiff is a gear on the open bench; what is there does it only just.
  await expect(chooser.getByRole('button', { name: /^A gear, Shed bench, open: ◐/ })).toBeVisible();
  const open = row.getByRole('button', { name: /^A hot car, Shed bench, open/ });
  await open.click();
  const answer = chooser.getByTestId('chooser-answer');
  await expect(answer).toContainText('A holder in a parked car');
  const first = (await answer.getByRole('link').first().innerText()).trim();
  await answer.getByRole('button', { name: 'Begin a part like this' }).click();
  await expect(page.getByTestId('first-choice')).toHaveText(first);
  // And what a family is reached for stands on its page.
  await page.goto(`${server.url}/library/abs`);
  await expect(page.getByTestId('comes-first')).toContainText('a hot car');
});

test('the chooser by key, its sheet to print, and how it looks', async ({ page, server }) => {
  await page.goto(`${server.url}/parts`);
  await expect(page.getByTestId('part-row').first()).toBeVisible();
  await page.keyboard.press('g');
  await page.keyboard.press('o');
  const chooser = page.getByTestId('chooser');
  await expect(chooser.getByTestId('chooser-row').first()).toBeVisible();
  const opened = page.waitForEvent('popup');
  await chooser.getByRole('button', { name: 'A sheet to print' }).click();
  const sheet = await opened;
  await expect(sheet.getByRole('heading', { name: 'What to reach for' })).toBeVisible();
  await expect(sheet.getByText('The filaments that are named')).toBeVisible();
  await expect(sheet.getByText(/Clear: A cover of 60 × 40 mm/)).toBeVisible();
  await sheet.close();
  await chooser.getByRole('button', { name: /^Knocks, From the shelf/ }).click();
  await lookedAt(page, 'the chooser');
});
