import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from './server';
import { choose, segment } from './controls';

test('a table of grades is previewed, imported, and taken back', async ({ page, server }) => {
  const file = join(server.dataDir, 'grades.csv');
  writeFileSync(
    file,
    '\ufeffkey;name;maker;family;hdt045C;measured.yieldMPa\nbeck-abs;Beck ' +
      'ABS;Beck;abs;97,5;\nskerrow-petg-natural;Skerrow PETG Natural;Skerrow;petg;71;46\nodd;Odd ' +
      'one;Beck;nylon9;80;\nwarm;Warm PLA;Beck;pla;warm;\nbeck-abs;Beck ABS again;Beck;abs;90;\n',
  );
  await page.goto(`${server.url}/library`);
  await expect(page.getByText('55 families, 8 own grades')).toBeVisible();
  await page.getByRole('button', { name: 'Import' }).click();
  const dialog = page.getByTestId('import');
  await dialog.locator('input[type=file]').setInputFiles(file);
  await expect(dialog.getByTestId('import-add')).toHaveText('+ 1 new');
  await expect(dialog.getByTestId('import-change')).toHaveText('± 1 changed');
  await expect(dialog.getByTestId('import-reject')).toHaveText('× 3 cannot be used');
  await dialog.getByTestId('import-reject').click();
  await expect(dialog.getByTestId('import-row').filter({ hasText: 'line 4' })).toContainText(
    'Family: “nylon9” must be one of',
  );
  await expect(dialog.getByTestId('import-row').filter({ hasText: 'line 5' })).toContainText(
    'Heat deflection at 0.45 MPa: “warm” must be a number',
  );
  await expect(dialog.getByTestId('import-row').filter({ hasText: 'line 6' })).toContainText(
    'stands on line 2 already',
  );
  await dialog.getByTestId('import-change').click();
  await expect(dialog.getByTestId('import-row')).toContainText('Heat deflection at 0.45 MPa: 70 71');
  await dialog.getByRole('button', { name: 'Import 2 grades, leave out 3' }).click();
  await expect(dialog.getByText('1 added, 1 changed.')).toBeVisible();
  await expect(page.getByText('55 families, 9 own grades')).toBeVisible();
  await dialog.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByText('55 families, 8 own grades')).toBeVisible();
  await page.getByLabel('Find in the library').fill('skerrow petg');
  await expect(page.getByTestId('library-row')).toHaveCount(1);
});

test('a file that cannot be used says why, and nothing is written', async ({ page, server }) => {
  const file = join(server.dataDir, 'wrong.csv');
  writeFileSync(file, 'name~family\nA~pla\n');
  await page.goto(`${server.url}/library`);
  await page.getByRole('button', { name: 'Import' }).click();
  await page.locator('[data-testid=import] input[type=file]').setInputFiles(file);
  await expect(page.getByTestId('import')).toContainText('wrong.csv has one column only');
  await expect(page.getByText('55 families, 8 own grades')).toBeVisible();
});

test('ten thousand rows are imported, and the library and the ranking stay usable', async ({
  page,
  server,
}) => {
  const file = join(server.dataDir, 'many.csv');
  const rows = Array.from(
    { length: 10_000 },
    (_, i) => `Grade ${i},${i % 2 ? 'pla' : 'petg'},${50 + (i % 30)}`,
  );
  writeFileSync(file, ['name,family,hdt045C', ...rows, ''].join('\n'));
  await page.goto(`${server.url}/library`);
  await page.getByRole('button', { name: 'Import' }).click();
  await page.locator('[data-testid=import] input[type=file]').setInputFiles(file);
  await expect(page.getByTestId('import-add')).toHaveText('+ 10000 new');
  await page.getByTestId('import-write').click();
  await expect(page.getByText('10000 added, 0 changed.')).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('55 families, 10008 own grades')).toBeVisible();
  // Only the rows in sight are drawn.
  await page.getByLabel('Find in the library').fill('Grade 9');
  await expect(page.getByText(/^3439 shown/)).toBeVisible();
  expect(await page.getByTestId('library-row').count()).toBeLessThan(80);
  // A ranking takes in the best of them only.
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Frame-spacing jig' }).click();
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  await expect(page.getByText(/own grades take part, by family/)).toBeVisible();
});

test('a grade whose heat deflection changes the winner of a part', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Hive-scale housing' }).click();
  const before = await page.getByTestId('first-choice').innerText();
  expect(before).not.toBe('Beck Wonder PLA');
  await page.getByRole('link', { name: 'Library' }).click();
  await page.getByRole('button', { name: 'Add a grade' }).click();
  const editor = page.getByTestId('grade-editor');
  await editor.getByLabel('Name on the spool').fill('Beck Wonder PLA');
  await editor.getByLabel('Maker').fill('Beck');
  await expect(editor.getByLabel('Short key')).toHaveValue('beck-beck-wonder-pla');
  await editor.getByLabel('Heat deflection at 0.45 MPa, data sheet').fill('250 F');
  await editor.getByLabel('Ultraviolet half-dose, data sheet').fill('9000');
  await editor.getByLabel('Notched impact at 23 °C, measured here', { exact: true }).fill('40');
  await page.getByTestId('form-save').click();
  await expect(page.getByRole('heading', { name: 'Beck Wonder PLA' })).toBeVisible();
  await expect(page.getByRole('row', { name: /^Heat deflection at 0.45 MPa/ })).toContainText('121 °C');
  await expect(page.getByRole('row', { name: /^Notched impact at 23 °C/ })).toContainText('measured here');
  await expect(page.getByTestId('card')).toContainText('121 °C');
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await expect(page.getByTestId('part-row').filter({ hasText: 'Hive-scale housing' })).toContainText(
    'Beck Wonder PLA',
  );
  await page.getByRole('link', { name: 'Hive-scale housing' }).click();
  await expect(page.getByTestId('first-choice')).toHaveText('Beck Wonder PLA');
  // Put away, it is out of every ranking; brought back, it leads again.
  await page.goto(`${server.url}/library/beck-beck-wonder-pla`);
  await page.getByRole('button', { name: 'Put away' }).click();
  await expect(page.getByRole('button', { name: 'Bring back' })).toBeVisible();
  await page.goto(server.url);
  await expect(page.getByTestId('part-row').filter({ hasText: 'Hive-scale housing' })).toContainText(before);
});

test('the library is filtered by a property in US units, plotted against a brief, and compared', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/settings`);
  await page.getByLabel('US: in, lbf, oz, °F').check();
  await page.getByRole('link', { name: 'Library' }).click();
  await choose(page, 'Which', 'families only');
  await choose(page, 'Add a condition', 'Heat deflection at 1.8 MPa');
  await page.getByLabel('Heat deflection at 1.8 MPa at least').fill('300 F');
  await page.getByRole('button', { name: /^Heat deflection at 0.45 MPa/ }).click();
  // 300 °F is 149 °C: only these bear that.
  await expect(page.getByTestId('library-row')).toHaveCount(6);
  await expect(page.getByTestId('library-row').first()).toContainText('PPS-CF');
  for (const name of ['PEEK', 'PEI'])
    await page.getByRole('checkbox', { name: `Compare ${name}`, exact: true }).check();
  await segment(page, 'Compare 2');
  await expect(page.getByTestId('compare').getByRole('row', { name: /^Glass transition/ })).toContainText(
    '°F',
  );
  await segment(page, 'Plot');
  await choose(page, 'Needs of', 'Solar wax melter latch');
  await expect(page.getByText('The line at 165: the part reaches 64 °C')).toBeVisible();
  await choose(page, 'Across', 'Melting');
  await expect(page.getByText(/without one of these properties/)).toBeVisible();
});

test('a filled family shows its trade', async ({ page, server }) => {
  await page.goto(`${server.url}/library/petg-cf`);
  await expect(page.getByTestId('trade')).toContainText('What the short carbon fibre did to PETG');
  await expect(page.getByTestId('trade').getByRole('listitem').filter({ hasText: 'Young' })).toContainText(
    '1900 → 4200 MPa',
  );
  await expect(page.getByTestId('card')).toContainText('wears brass nozzles');
});

test('the library is searched by what filaments do, and weighs them for what they weigh and cost', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/library`);
  await page.getByLabel('Find in the library').fill('rubber that floats');
  const rows = page.getByTestId('library-row');
  // Two families, and the demo's foaming grade on one of them.
  await expect(rows).toHaveCount(3);
  await expect(page.getByTestId('library-row').filter({ hasText: 'TPE' })).toHaveCount(1);
  // What was understood is said with its limit, and can be dropped.
  const found = page.getByTestId('traits-found');
  await expect(found).toContainText('Floats: Lighter than water, solid through.');
  await found.getByRole('button', { name: 'No longer ask for: Floats' }).click();
  await expect(page.getByLabel('Find in the library')).toHaveValue('rubber');
  await expect(rows).not.toHaveCount(3);

  // From the list of everything that they do.
  await page.getByRole('button', { name: 'What it does (1)' }).click();
  await page.getByRole('checkbox', { name: 'Very soft' }).check();
  await expect(page.getByLabel('Find in the library')).toHaveValue('rubber, very soft');
  await page.getByRole('heading', { name: 'Library' }).click();
  await page.getByLabel('Find in the library').fill('');

  // A derived column sorts as any other.
  await page.getByRole('button', { name: 'Columns' }).click();
  await page.getByRole('checkbox', { name: 'Stiffness for its weight' }).check();
  await page.getByRole('heading', { name: 'Library' }).click();
  await page.getByRole('button', { name: /^Stiffness for its weight/ }).click();
  await expect(rows.first()).toContainText(/carbon|CF/i);

  // The plot is gone through by keyboard, and opens a dot.
  await page.getByLabel('Find in the library').fill('good outdoors, stiff');
  await segment(page, 'Plot');
  await choose(page, 'Across', 'Strength for its price');
  await expect(page.getByText('Strength for its price is strength at yield')).toBeVisible();
  await page.getByTestId('plot').focus();
  await page.keyboard.press('ArrowRight');
  const told = page.getByText(/: Strength for its price [\d.]+ MPa per € a litre, /);
  await expect(told).toHaveCount(1);
  const name = (await told.textContent())!.split(':')[0]!;
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
  // Its page says what else it does, each of which leads back to the others that do it.
  await page.getByTestId('what-it-does').getByRole('link', { name: 'good outdoors' }).click();
  await expect(page.getByTestId('traits-found')).toContainText('Good outdoors');
});
