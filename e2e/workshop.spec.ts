import { expect, test } from './server';
import { choose, segment } from './controls';

test('a wet spool is logged, and says how to dry it; dried, it is dry', async ({ page, server }) => {
  await page.goto(`${server.url}/workshop/spools`);
  await expect(page.getByTestId('spool-row')).toHaveCount(10);
  await page.getByRole('button', { name: 'Add a spool' }).click();
  const form = page.getByTestId('spool-editor');
  await choose(form, 'Filament: a grade or a family', 'PA6');
  await form.getByLabel('Code or barcode').fill('NY-1');
  await form.getByLabel('Opened').click();
  await form.getByLabel('Opened').fill('5 Jan 2026');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Save' }).click();
  const ledger = page.getByTestId('ledger');
  await expect(ledger.getByTestId('moisture')).toContainText('dry it first');
  await expect(ledger.getByTestId('moisture')).toContainText(
    /dry it \d+(\.5)? h at 80 °C, never above 100 °C/,
  );
  await segment(ledger, 'Dried');
  await ledger.getByLabel('At', { exact: true }).fill('120 C');
  await expect(ledger.getByText('A spool of PA6 softens at 100 °C')).toBeVisible();
  await ledger.getByLabel('At', { exact: true }).fill('80 C');
  await ledger.getByTestId('ledger-add').click();
  await expect(ledger.getByTestId('moisture')).toContainText('Dry enough');
  await segment(ledger, 'Printed from');
  await ledger.getByLabel('Taken off').fill('0.9 kg');
  await ledger.getByTestId('ledger-add').click();
  await expect(ledger).toContainText('100 g left');
  await expect(ledger).toContainText('low');
  // Struck out, it never happened.
  await ledger.getByRole('button', { name: /^Strike: Printed/ }).click();
  await expect(ledger).toContainText('1000 g left');
  await page.keyboard.press('Escape');
  await page.getByLabel('Scan or find a spool').fill('ny-1');
  await page.keyboard.press('Enter');
  await expect(ledger).toBeVisible();
});

test('weighed with the reel, the reel comes off', async ({ page, server }) => {
  await page.goto(`${server.url}/workshop/spools`);
  await page.getByLabel('Ledger of Wherrybank Everyday PLA HB-02').click();
  const ledger = page.getByTestId('ledger');
  await segment(ledger, 'Weighed');
  await ledger.getByLabel('The scale reads').fill('500 g');
  await ledger.getByTestId('ledger-add').click();
  await expect(ledger).toContainText('320 g left');
  // A piece to hang beside the others, with the spool's code in it.
  const download = page.waitForEvent('download');
  await ledger.getByRole('link', { name: 'A swatch of it, as STL' }).click();
  expect((await download).suggestedFilename()).toBe('swatch.stl');
});

test('the upgrade that opens most is named, prices count, and a quote breaks even', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/workshop/upgrades`);
  const most = page.getByTestId('most-opened');
  await expect(most).toContainText('All-metal hot end, 300 °C');
  await expect(most).toContainText('One thing that gains most: PP tape and glue');
  // A whole machine is set against fitting out the one that is there.
  await expect(page.getByTestId('machine')).toContainText('Another machine:');
  await expect(page.getByTestId('machine')).toContainText(/upgrade of this printer gains|this printer gains/);
  await page.getByLabel('Price of Quick cabinet').fill('70');
  await expect(page.getByTestId('worth')).toContainText('another machine: Quick cabinet');
  await page.getByLabel('Price of Quick cabinet').fill('680');
  await expect(page.getByTestId('worth').getByRole('row').nth(1)).toContainText('PP tape and glue');
  await page.getByLabel('Spend at most').fill('20');
  await expect(page.getByTestId('worth').getByRole('row')).toHaveCount(2);
  await page.getByLabel('Price of PP tape and glue').fill('30');
  await expect(
    page.getByText('Nothing on offer makes any of these parts better. Keep the money.'),
  ).toBeVisible();
  await page.getByLabel('Quote for Extractor crank knob').fill('30');
  await expect(page.getByRole('row', { name: /Extractor crank knob/ })).toContainText('for less');
});

test('a printer starts from a common kind, and a matrix says what it cannot print and why', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/workshop`);
  await page.getByRole('button', { name: 'Add a printer' }).click();
  const form = page.getByRole('dialog');
  await choose(form, 'Start from', 'Small, unheated plate');
  await expect(form.getByLabel('Hottest bed')).toHaveValue('0 °C');
  await form.getByLabel('Name').fill('Classroom');
  await form.getByRole('button', { name: 'Save' }).click();
  const reach = page.getByTestId('reach');
  await expect(reach.getByRole('columnheader', { name: /Classroom/ })).toBeVisible();
  await expect(reach.getByRole('row', { name: /^ABS ●/ })).toContainText('Bed');
  await expect(reach.getByRole('row', { name: /^PEEK/ })).toContainText('Nozzle');
});

test('the best of the shelf, and what this printer can', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Syrup-feeder gasket' }).click();
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  await page.getByLabel('on my shelf').check();
  await expect(page.getByTestId('shelf-best')).toContainText('Best from the shelf: Lowmoor Flex 86');
  await expect(page.getByTestId('shelf-best')).toContainText('dry it first');
  await expect(page.getByTestId('column')).toHaveCount(1);
  await page.getByLabel('on my shelf').uncheck();
  await page.getByLabel('this printer can').check();
  await expect(page.locator('[data-material=peek]')).toHaveCount(0);
});

test('the currency is the workshop’s, wherever a price stands', async ({ page, server }) => {
  await page.goto(`${server.url}/settings`);
  await page.getByLabel('Currency sign').fill('kr');
  await page.getByLabel('Currency sign').blur();
  await page.getByRole('link', { name: 'Workshop' }).click();
  await page.getByRole('tab', { name: 'Shelf' }).click();
  await expect(page.getByTestId('spool-row').first()).toContainText('kr33.00');
});
