import type { Page } from '@playwright/test';
import { choose, chosen, segment } from './controls';
import { expect, test } from './server';

/** Opens a page of a part of the demo. */
async function open(page: Page, url: string, part: string, leaf: string): Promise<void> {
  const list = (await (await page.request.get(`${url}/api/parts`)).json()) as { id: string; name: string }[];
  await page.goto(`${url}/parts/${list.find(p => p.name === part)!.id}/${leaf}`);
  await expect(page.getByTestId('first-choice')).toBeVisible();
}
async function inUsUnits(page: Page): Promise<void> {
  await page.addInitScript(() => localStorage.setItem('hornblende-units', 'us'));
}
const scrolled = (page: Page): Promise<number> =>
  page.evaluate(() => document.getElementById('main')!.scrollTop);

test('a page that is gone to begins at its top; back returns to where one was', async ({ page, server }) => {
  await open(page, server.url, 'Solar wax melter latch', 'brief');
  await page.getByText('More, where it matters').scrollIntoViewIfNeeded();
  await page.evaluate(() => document.getElementById('main')!.scrollTo(0, 300));
  await expect.poll(() => scrolled(page)).toBe(300);
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  await expect(page.getByTestId('column').first()).toBeVisible();
  expect(await scrolled(page)).toBe(0);
});

test('the focus comes back after the Working drawer and after the New part dialog', async ({
  page,
  server,
}) => {
  await open(page, server.url, 'Solar wax melter latch', 'rank');
  await page.getByTestId('score').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('working')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('score')).toBeFocused();
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  const button = page.getByRole('button', { name: 'New part' });
  await button.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('What is it called?')).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(button).toBeFocused();
});

test('a grade’s strength waterfall opens its working', async ({ page, server }) => {
  await open(page, server.url, 'Solar wax melter latch', 'brief');
  await page.getByRole('button', { name: 'Every load' }).click();
  await choose(page, 'Filament drawn', 'Tarnbeck Hill ASA');
  await page.locator('.waterfall').getByRole('button', { name: 'Working' }).click();
  await expect(page.getByTestId('working')).toContainText('strength.allowable');
  await expect(page.getByTestId('working').getByRole('row').nth(1)).toBeVisible();
});

test('in US units the assumptions and the doubts speak them too', async ({ page, server }) => {
  await inUsUnits(page);
  await page.goto(server.url);
  await page.getByRole('button', { name: 'New part' }).click();
  await page.getByLabel('What is it called?').fill('Fence cap');
  await page.getByRole('button', { name: 'Begin' }).click();
  await choose(page, 'Setting', 'outdoors');
  const assumed = page.getByTestId('assumed');
  await expect(assumed).toContainText('°F');
  await expect(assumed).not.toContainText('°C');
  await expect(assumed).not.toContainText(' mm');
});

test('a part is said in a line: what was understood is marked, what was not is asked about', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('button', { name: 'New part' }).click();
  const line = page.getByLabel('Or say it in a line');
  await line.fill(
    'hook outside in the sun, 3 kg on a 60 mm arm, ten years, white, on the shed printer, zorbed',
  );
  const said = page.getByTestId('said');
  await expect(said.getByRole('listitem').filter({ hasText: 'in the sun' })).toContainText('Sun: full');
  await expect(said.getByTestId('said-unclear')).toContainText('Not understood: zorbed.');
  // Typing on corrects it.
  await line.fill('hook outside in the sun, 3 kg on a 60 mm arm, ten years, white, on the shed printer');
  await expect(said.getByTestId('said-unclear')).toHaveCount(0);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByLabel('Name of the part')).toHaveValue('Hook');
  await expect(chosen(page, 'Sun')).toHaveText('in full sun');
  await expect(chosen(page, 'Setting')).toHaveText('outdoors');
  await expect(page.getByTestId('first-choice')).not.toHaveText('Not asked yet');
  await expect(page.getByText('Shed bench, open').first()).toBeVisible();
  // The brief itself is said on in a line, and what was said goes out again.
  const more = page.getByTestId('say-more');
  await more
    .getByLabel('Say more of it, or correct it, in a line')
    .fill('in the rain, black, 5 kg on an 80 mm arm');
  await expect(more.getByTestId('said').getByRole('listitem').filter({ hasText: 'black' })).toBeVisible();
  await expect(more).toContainText('The load stands in the place of load 1.');
  await more.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByLabel('Force', { exact: true }).first()).toHaveValue('49 N');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByLabel('Force', { exact: true }).first()).toHaveValue('29.4 N');
});

test('an untouched brief says what is still unknown, and names no winner', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('button', { name: 'New part' }).click();
  await page.getByLabel('What is it called?').fill('Blank part');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByTestId('first-choice')).toHaveText('Not asked yet');
  await expect(page.getByTestId('still-unknown')).toContainText('where it lives');
  await choose(page, 'Sun', 'in full sun');
  await expect(page.getByTestId('first-choice')).not.toHaveText('Not asked yet');
});

test('a share is typed as it is shown, and an emptied field goes back to its default', async ({
  page,
  server,
}) => {
  await open(page, server.url, 'Hive-scale housing', 'brief');
  await page.getByRole('button', { name: 'Shape and accuracy' }).click();
  const share = page.getByLabel('Share that is plastic');
  await share.fill('40 %');
  await share.blur();
  await expect(share).toHaveValue('40 %');
  const life = page.getByLabel('Service life');
  await life.fill('');
  await life.blur();
  await expect(life).toHaveValue('5 years');
  await expect(page.getByText('is not allowed')).toHaveCount(0);
});

test('a hardness that runs backwards says so', async ({ page, server }) => {
  await open(page, server.url, 'Syrup-feeder gasket', 'brief');
  await page.getByLabel('Softest, Shore A').fill('95');
  await expect(page.getByRole('status').filter({ hasText: 'is not allowed here' })).toBeVisible();
});

test('parts put away are found, brought back, and deleted for good with a warning', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('button', { name: 'More for Extractor crank knob' }).click();
  await page.getByRole('menuitem', { name: 'Put away' }).click();
  await expect(page.getByTestId('part-row').filter({ hasText: 'Extractor crank knob' })).toHaveCount(0);
  await page.reload();
  await page.getByRole('button', { name: /put away/i }).click();
  const row = page.getByTestId('away-row').filter({ hasText: 'Extractor crank knob' });
  await row.getByRole('button', { name: /Delete/ }).click();
  const warning = page.getByRole('dialog').filter({ hasText: 'for good' });
  await warning.getByRole('button', { name: 'Delete for good' }).click();
  await expect(row).toHaveCount(0);
});

test('a mistaken decision is withdrawn with a reason, and kept', async ({ page, server }) => {
  await open(page, server.url, 'Hive-stand levelling foot', 'decision');
  await page.getByRole('button', { name: 'Withdraw', exact: true }).click();
  const form = page.getByTestId('withdraw-form');
  await form.getByRole('button', { name: 'Withdraw the decision' }).click();
  await expect(form).toContainText('Say in a few words why it no longer stands.');
  await form.getByLabel('Why it no longer stands').fill('The foot was for another stand.');
  await form.getByLabel('Who withdraws it').fill('R. Thwaite');
  await form.getByRole('button', { name: 'Withdraw the decision' }).click();
  await expect(page.getByTestId('withdrawn')).toContainText('The foot was for another stand.');
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'To decide 8' })).toBeVisible();
});

test('a form with a bad field says so at it, and neither saves nor closes', async ({ page, server }) => {
  await page.goto(`${server.url}/workshop`);
  const shed = page.getByTestId('printer').filter({ hasText: 'Shed bench, open' });
  await shed.getByRole('button', { name: 'Change' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('Hottest nozzle').fill('900');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByRole('alert')).toContainText('Hottest nozzle: 900 °C is out of range');
  await expect(form.getByLabel('Hottest nozzle')).toBeFocused();
  await form.getByRole('button', { name: 'Cancel' }).click();
  await expect(shed).toContainText('Nozzle of 0.4 mm, to 260 °C');
});

test('the theme is the system’s until one is chosen', async ({ page, server }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto(`${server.url}/settings`);
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.getByLabel('Light').check();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'light');
});

test('another grade of the family that was decided is no difference', async ({ page, server }) => {
  await page.goto(server.url);
  const jig = page.getByTestId('part-row').filter({ hasText: 'Frame-spacing jig' });
  await expect(jig).toContainText('still the first of');
});

test('no internal name is shown', async ({ page, server }) => {
  for (const [path, ready] of [
    ['/workshop', 'printer'],
    ['/library/asa-cf', 'card'],
    ['/library/pla', 'comes-first'],
  ] as const) {
    await page.goto(server.url + path);
    await expect(page.getByTestId(ready).first()).toBeVisible();
    await expect(page.locator('main')).not.toContainText(/smooth-pei|pp-tape|carbon-fibre|weak-acid/);
  }
  await open(page, server.url, 'Hive-stand levelling foot', 'rank');
  await expect(page.locator('main')).not.toContainText(/smooth-pei|geometry\.|points\./);
  await segment(page, 'Weakest link');
  await expect(page.locator('main')).toContainText('Weighted would pick');
});

test('a page that breaks says so, and the rest of the house stands', async ({ page, server }) => {
  await page.route('**/api/coupons', route =>
    route.fulfill({ json: [{ id: 'hardness-plate', title: 'Plate' }] }),
  );
  await page.goto(`${server.url}/workshop/bench`);
  await page.getByTestId('bench').getByText('Coupons', { exact: true }).click();
  const broken = page.getByTestId('broken-page');
  await expect(broken).toContainText('This page could not be drawn');
  await page.unroute('**/api/coupons');
  await broken.getByRole('button', { name: 'Try again' }).click();
  // The tool stands in the address: it is the same one that is drawn again.
  await expect(page.getByTestId('coupon-shelf').getByLabel('Code engraved')).toBeVisible();
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await expect(page.getByTestId('part-row').first()).toBeVisible();
});
