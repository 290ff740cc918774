import { expect, test } from './server';
import { choose, chooseByKeyboard, chosen, writeByKeyboard } from './controls';
import type { Locator, Page } from '@playwright/test';

/** Begins a part by its name, and its kind when there is one. */
async function begin(page: Page, url: string, name: string, kind = ''): Promise<void> {
  await page.goto(url);
  await page.getByRole('button', { name: 'New part' }).click();
  await page.getByLabel('What is it called?').fill(name);
  if (kind) await choose(page, 'What kind of part is it?', kind);
  if (kind) await expect(page.getByText('The usual traps')).toBeVisible();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByLabel('Name of the part')).toHaveValue(name);
}
const weatherFile = (page: Page): Locator => page.locator('input[type=file][accept*=epw]');
/** A year of hourly CSV. */
function csv(airC: (hour: number) => number, ghi: number): Buffer {
  return Buffer.from(
    [
      'time,airC,ghiWm2,windMs',
      ...Array.from({ length: 8760 }, (_, h) => `${h},${airC(h)},${h % 24 > 9 && h % 24 < 16 ? ghi : 0},1`),
    ].join('\n'),
  );
}

test('the wax melter latch from nothing, by keyboard only', async ({ page, server }) => {
  await page.goto(server.url);
  await expect(page.getByTestId('part-row').first()).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByLabel('What is it called?')).toBeFocused();
  await page.keyboard.type('Latch by keyboard');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the part')).toHaveValue('Latch by keyboard');
  await writeByKeyboard(page, 'Service life', '6 years');
  await chooseByKeyboard(page, 'Setting', 'near');
  await writeByKeyboard(page, 'The part reaches', '147 F');
  await chooseByKeyboard(page, 'Sun', 'in full');
  await chooseByKeyboard(page, 'Water', 'in the rain');
  await chooseByKeyboard(page, 'Load', 'a load held');
  await writeByKeyboard(page, 'Length', '40');
  await writeByKeyboard(page, 'Section width', '18');
  await writeByKeyboard(page, 'Section height', '8');
  await writeByKeyboard(page, 'Force', '3 to 4 N');
  await writeByKeyboard(page, 'Size along X', '95 mm');
  await expect(page.getByTestId('first-choice')).toHaveText('ASA');
  await expect(page.getByTestId('part-temperature')).toHaveText('64 °C');
  await expect(page.getByText('0.6 to 0.8 MPa')).toBeVisible();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
});

test('an hourly CSV: the hours above the limit change the verdict', async ({ page, server }) => {
  await begin(page, server.url, 'Weather box');
  await choose(page, 'Setting', 'outdoors');
  await choose(page, 'Sun', 'in full sun');
  await page.getByRole('button', { name: 'Heat and cold' }).click();
  await choose(page, 'Weather', 'a year: Hill farm');
  await expect(page.getByTestId('year')).toContainText('Through the year');
  await expect(page.getByTestId('year')).not.toContainText('hours too hot. ○');
  await weatherFile(page).setInputFiles({
    name: 'furnace-yard.csv',
    mimeType: 'text/csv',
    buffer: csv(h => (h % 24 > 9 && h % 24 < 16 ? 58 : 30), 900),
  });
  await expect(chosen(page, 'Weather')).toHaveText('a year: furnace-yard (read from a file)');
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.getByRole('link', { name: 'Rank' }).click();
  await page.getByTestId('out-column').and(page.locator('[data-material=petg]')).click();
  await expect(page.getByTestId('gate-heat')).toContainText('hours of the year');
  await page.reload();
  await expect(page.getByTestId('out-column').and(page.locator('[data-material=petg]'))).toBeVisible();

  await page.getByRole('link', { name: 'Brief' }).click();
  await page.getByRole('button', { name: 'Heat and cold' }).click();
  await weatherFile(page).setInputFiles({
    name: 'short.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('airC\n1\n2\n'),
  });
  await expect(page.getByTestId('weather-problems')).toContainText(
    '"2 hours" must have every hour of a year: 8760, or 8784 in a leap year',
  );
  await weatherFile(page).setInputFiles({
    name: 'big.csv',
    mimeType: 'text/csv',
    buffer: Buffer.alloc(21_000_000, 'a'),
  });
  await expect(page.getByTestId('weather-problems')).toContainText('a year of hourly weather is under 20 MB');
});

test('a slip is asked about, not refused', async ({ page, server }) => {
  await begin(page, server.url, 'Kettle stand');
  await choose(page, 'Setting', 'near something hot');
  await page.getByLabel('The part reaches').fill('165');
  const doubts = page.getByTestId('doubts');
  await expect(doubts).toContainText('Did you mean 165 °F, which is 73.9 °C?');
  await doubts.getByRole('button', { name: 'Make it 73.9 °C' }).click();
  await expect(page.getByTestId('part-temperature')).toHaveText('74 °C');
  await expect(doubts).toBeHidden();
  await page.getByLabel('The part reaches').fill('150 C');
  await doubts.getByRole('button', { name: 'It is so' }).click();
  await expect(doubts).toBeHidden();
  await expect(page.getByTestId('part-temperature')).toHaveText('150 °C');
});

test('what was not said is listed, and a click says it', async ({ page, server }) => {
  await begin(page, server.url, 'Assumed part');
  const assumed = page.getByTestId('assumed');
  await expect(assumed).toContainText('if it fails it annoys');
  await assumed.getByRole('button', { name: 'if it fails it annoys' }).click();
  await expect(assumed).not.toContainText('if it fails');
  await page.getByLabel('Service life').fill('3');
  await expect(assumed.getByRole('button', { name: /^lasts/ })).toBeHidden();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.reload();
  await expect(page.getByTestId('assumed')).not.toContainText('if it fails');
});

test('a starting point brings its traps, and the load sketch moves by keyboard', async ({ page, server }) => {
  await begin(page, server.url, 'Shelf bracket', 'Bracket');
  await expect(page.getByLabel('Force', { exact: true })).toHaveValue('15 N');
  await page.getByRole('button', { name: 'Every load' }).click();
  const handle = page.getByRole('slider', { name: 'Section height' });
  await handle.focus();
  await page.keyboard.press('PageUp');
  await expect(page.getByLabel('Section height', { exact: true }).first()).toHaveValue('13 mm');
  await expect(page.getByText('asked, with safety')).toBeVisible();
  const choices = page.getByRole('region', { name: 'This member alone, printed' });
  await expect(choices.getByRole('row', { name: /^two walls more/ })).toContainText('min');
  await expect(choices.getByRole('row', { name: /^solid/ })).toContainText('100 %');

  // And by dragging: the free end to the right makes the arm longer.
  const end = page.getByRole('slider', { name: 'Length' });
  await end.hover(); // waits until the fold has stopped moving
  const box = (await end.boundingBox())!;
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 60, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByLabel('Length', { exact: true }).first()).not.toHaveValue('60 mm');
  const length = await page.getByLabel('Length', { exact: true }).first().inputValue();
  expect(Number.parseFloat(length)).toBeLessThan(60);
});

test('a squeezed joint is drawn with the grip that is left of it', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Extractor crank knob' }).click();
  await page.getByRole('button', { name: 'Every load' }).click();
  const sketch = page.getByRole('img', { name: 'Sketch of load 3' });
  // 1/(1 + A·t^n·e^(k·(T − 23))) of PETG over five years indoors leaves about 0.6 of it.
  await expect(sketch).toHaveAccessibleName(/grip 250 N at first, 15\d N after 5 years/);
  await expect(sketch).toContainText('at first');
});

test('versions say what changed and what it did', async ({ page, server }) => {
  await begin(page, server.url, 'Changing part');
  await choose(page, 'Setting', 'outdoors');
  await choose(page, 'Sun', 'in full sun');
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.getByRole('button', { name: 'Versions' }).click();
  const versions = page.getByTestId('versions');
  await expect(versions).toContainText('First choice: Wherrybank Everyday PLA, then ASA');
  await expect(versions.getByRole('row', { name: /^Where it lives: indoors → outdoors/ })).toBeVisible();
  await versions.getByRole('button', { name: 'Go back to version 1' }).click();
  await expect(page.getByTestId('first-choice')).toHaveText('Wherrybank Everyday PLA');
});

test('a brief goes out as a file and comes in again; a bad one is named field by field', async ({
  page,
  server,
}) => {
  await begin(page, server.url, 'Travelling part');
  await page.getByLabel('Service life').fill('9 years');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const file = await (await download).path();
  await page.getByLabel('Service life').fill('2 years');
  await page.locator('input[type=file][accept*=json]').setInputFiles(file);
  await expect(page.getByLabel('Service life')).toHaveValue('9 years');
  await page.locator('input[type=file][accept*=json]').setInputFiles({
    name: 'bad.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"hornblende-brief","version":1,"name":"x","sun":"blazing"}'),
  });
  await expect(page.getByRole('dialog')).toContainText('sun: must be one of none, reflected, part, full');
});
