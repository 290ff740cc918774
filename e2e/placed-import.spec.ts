import { expect, test } from './server';

const SHEET = [
  'Part\tFilament\tInstalled\tLocation\tSun\tState\tLast seen',
  'Rain gauge bracket\tPETG\tMay 2021\tTop field\tfull\tsnapped\t2025-08-02',
  'Hose hook\tASA\t2020\tTop field\thalf\tfine\t',
  'Row cover clip\tPETG or ASA?\t14.5.2022\tTunnel\tfull\tok\t',
  'Hose hook\tASA\t2020\ttop field\t\t\t',
  'Odd one\tkryptonite\tsoon\tTunnel\t\t\t',
].join('\n');

test('old parts are pasted from a sheet, looked through, placed at once, and taken back', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/service`);
  await page.getByText('All of it').click();
  const placed = page.getByTestId('placed-table');
  await placed.getByLabel(/^Find/).fill('Top field');
  await expect(placed.getByRole('link', { name: 'Hose hook' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Place many' }).click();
  const form = page.getByTestId('placed-import');
  await form.getByLabel('Rows with their headings').fill('Part\tInstalled\nA hook\t2020');
  await expect(form).toContainText('The table lacks the column material; it has Part, Installed.');
  await form.getByLabel('Rows with their headings').fill(SHEET);
  await expect(form.getByTestId('placed-import-counts')).toHaveText(
    '● 3 to place, ◐ 1 there already, ○ 1 that cannot be read',
  );
  await expect(form.getByTestId('placed-import-columns')).toContainText('“Installed” as since');
  const rows = form.getByTestId('placed-import-row');
  // What cannot be read stands first, with field, value and what is allowed.
  await expect(rows.first()).toContainText('filament “kryptonite” is no family or grade here');
  await expect(rows.first()).toContainText('since “soon” is no date such as 2021-05-14');
  await expect(rows.nth(1)).toContainText('left out: is the same as line 3');
  await expect(rows.filter({ hasText: 'Rain gauge bracket' })).toContainText('placed; cracked on 2 Aug 2025');
  await expect(rows.filter({ hasText: 'Row cover clip' })).toContainText(/PETG.+ASA/);
  await form.getByLabel('Whose records, if not yours').fill('Fell growers');
  await expect(form.getByLabel('How much each counts, 0 to 1')).toHaveValue('0.5');
  await form.getByRole('button', { name: 'Place 3 parts, leave out 2' }).click();
  await expect(form).toContainText('3 parts are placed.');
  await form.getByRole('button', { name: 'Done' }).click();
  await expect(placed.getByRole('link', { name: 'Hose hook' })).toBeVisible();
  await placed.getByRole('link', { name: 'Rain gauge bracket' }).click();
  await expect(page.getByText('Fell growers')).toBeVisible();
  // One more like it needs a name alone.
  await page.getByRole('button', { name: 'Another like it' }).click();
  const place = page.getByTestId('place-page');
  await expect(place.getByLabel('Where, in words')).toHaveValue('Top field');
  await place.getByLabel('What it is called').fill('Second bracket');
  await place.getByRole('button', { name: 'Place it' }).click();
  await expect(page.getByRole('heading', { name: 'Second bracket' })).toBeVisible();

  // The same paste again is all doubles; another one is taken back as it came.
  await page.goto(`${server.url}/service`);
  await page.getByRole('button', { name: 'Place many' }).click();
  await form.getByLabel('Rows with their headings').fill('name,of,since,where\nPeg,asa,2023,Barn');
  await form.getByRole('button', { name: 'Place 1 part' }).click();
  await form.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText('The parts are taken back.')).toBeVisible();
  await page.getByText('All of it').click();
  await placed.getByLabel(/^Find/).fill('Barn');
  await expect(placed.getByRole('link', { name: 'Peg' })).toHaveCount(0);
});

test('the parts of another workshop’s archive are placed with their looks, by a weight', async ({
  page,
  server,
}) => {
  const list = (await (await page.request.get(`${server.url}/api/placements`)).json()) as {
    id: string;
    placement: { name: string };
    revision: number;
  }[];
  const buffer = await (await page.request.get(`${server.url}/api/archive`)).body();
  // One of them is not out there here.
  const gone = list[0]!;
  await page.request.delete(`${server.url}/api/placements/${gone.id}`);
  await page.goto(`${server.url}/service`);
  await page.getByRole('button', { name: 'Place many' }).click();
  const form = page.getByTestId('placed-import');
  await form
    .locator('input[type=file]')
    .setInputFiles({ name: 'theirs.zip', mimeType: 'application/zip', buffer });
  await expect(form.getByRole('alert')).toContainText('say whose records they are');
  await form.getByLabel('Whose records, if not yours').fill('The weather station');
  await expect(form.getByTestId('placed-import-counts')).toContainText('● 1 to place');
  await expect(form.getByTestId('placed-import-row').last()).toContainText(gone.placement.name);
  await form.getByRole('button', { name: /^Place 1 part/ }).click();
  await expect(form).toContainText('1 part is placed.');
  await form.getByRole('button', { name: 'Done' }).click();
  await page.getByText('All of it').click();
  await page.getByTestId('placed-table').getByRole('link', { name: gone.placement.name }).first().click();
  await expect(page.getByText('The weather station')).toBeVisible();
  await expect(page.getByTestId('look-line').first()).toBeVisible();
});
