import { expect, test } from './server';
import { choose, chosen } from './controls';
import { TestServer } from './server';

test('parts are found, copied, put away and brought back', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByLabel('Find a part').fill('crank');
  await expect(page.getByTestId('part-row')).toHaveCount(1);
  await page.getByLabel('Find a part').fill('zzz');
  await expect(page.getByText('No part is called anything like “zzz”')).toBeVisible();
  await page.getByLabel('Find a part').fill('');
  await page.getByRole('button', { name: 'More for Extractor crank knob' }).click();
  await page.getByRole('menuitem', { name: 'Start a new part from it' }).click();
  await page.getByLabel('What is it called?').fill('Second knob');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByLabel('Name of the part')).toHaveValue('Second knob');
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('0.6 kg');

  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await page.getByRole('button', { name: 'More for Second knob' }).click();
  await page.getByRole('menuitem', { name: 'Put away' }).click();
  await expect(page.getByTestId('part-row').filter({ hasText: 'Second knob' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('part-row').filter({ hasText: 'Second knob' })).toHaveCount(1);
});

test('the library sorts, searches and shows a family with its disputes', async ({ page, server }) => {
  await page.goto(`${server.url}/library`);
  const first = page.getByTestId('library-row').first();
  await choose(page, 'Which', 'families only');
  await page.getByRole('button', { name: /^Young's modulus/ }).click();
  await expect(first).toContainText('PPS-CF');
  await expect(page.getByRole('columnheader', { name: /Young's modulus/ })).toHaveAttribute(
    'aria-sort',
    'descending',
  );
  await page.getByRole('button', { name: /^Young's modulus/ }).click();
  await expect(first).toContainText('TPU 60A');
  await page.getByLabel('Find in the library').fill('petg');
  await expect(page.getByTestId('library-row')).toHaveCount(3);
  await page.getByRole('link', { name: 'PETG', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Does PETG need an enclosure?' })).toBeVisible();
  const row = page.getByRole('row', { name: /^Glass transition/ });
  await expect(row).toContainText('80 °C');
  await expect(row).toContainText('ISO 11357-2');
  await expect(page.getByRole('row', { name: /^Melting/ })).toContainText('amorphous: it softens');
  await page.goto(`${server.url}/library/unobtainium`);
  await expect(page.getByRole('heading', { name: 'No such family or grade' })).toBeVisible();
});

test('a printer is changed, made default and removed', async ({ page, server }) => {
  await page.goto(`${server.url}/workshop`);
  const open = page.getByTestId('printer').filter({ hasText: 'Shed bench, open' });
  const asa = page.getByTestId('reach').getByRole('row', { name: /^ASA / }).getByRole('cell').nth(2);
  await expect(asa).toContainText('Hot-end liner');
  await expect(asa).not.toContainText('Nozzle');
  await open.getByRole('button', { name: 'Change' }).click();
  const form = page.getByRole('dialog');
  await choose(form, 'Around the print', 'enclosed');
  await expect(form.getByLabel('Air after half an hour')).toHaveValue('45 °C');
  await form.getByLabel('Hottest nozzle').fill('hot');
  await expect(form.getByText('"hot" is not a number with a unit')).toBeVisible();
  await form.getByLabel('Hottest nozzle').fill('420 F');
  await form.getByRole('checkbox', { name: 'New parts are meant for it' }).check();
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(
    page.getByTestId('reach').getByRole('row', { name: /^ASA / }).getByRole('cell').nth(1),
  ).toContainText('Nozzle');
  await expect(page.getByTestId('printer').first()).toContainText('Shed bench, open');
  await expect(page.getByTestId('printer').first()).toContainText('default');
  await page.getByTestId('printer').first().getByRole('button', { name: 'Remove' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByTestId('printer').filter({ hasText: 'Shed bench' })).toHaveCount(0);
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Frame-spacing jig' }).click();
  await page.getByRole('link', { name: 'Brief', exact: true }).click();
  await expect(chosen(page, 'Printer')).toHaveText('any printer');
});

test('an empty workshop invites; a full one stays usable', async ({ page }) => {
  const server = new TestServer();
  try {
    await server.start(false);
    await page.goto(server.url);
    await expect(page.getByRole('heading', { name: 'No parts yet' })).toBeVisible();
    await page.goto(`${server.url}/workshop`);
    await expect(page.getByText('No printer yet')).toBeVisible();
    for (let i = 0; i < 150; i++)
      await page.request.post(`${server.url}/api/parts`, {
        data: {
          brief: {
            format: 'hornblende-brief',
            version: 1,
            name: `Part ${String(i).padStart(3, '0')} with a rather long name that has to wrap somewhere`,
            sun: i % 2 ? 'full' : 'none',
            heat: { setting: i % 3 ? 'outdoors' : 'indoors' },
          },
        },
      });
    await page.goto(server.url);
    await expect(page.getByTestId('part-row')).toHaveCount(100);
    await page.getByRole('button', { name: 'More parts' }).click();
    await expect(page.getByTestId('part-row')).toHaveCount(150);
    await page.reload();
    // It stands on the second page: what is looked for is fetched.
    await page.getByLabel('Find a part').fill('003');
    await expect(page.getByTestId('part-row')).toHaveCount(1);
    const spill = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(spill).toBeLessThanOrEqual(0);
  } finally {
    await server.stop();
    server.dispose();
  }
});

test('a page that is not there, and a server that is gone, say so', async ({ page }) => {
  const server = new TestServer();
  try {
    await server.start();
    await page.goto(`${server.url}/nowhere/at-all`);
    await expect(page.getByRole('heading', { name: 'Not here' })).toBeVisible();
    await page.goto(`${server.url}/parts/no-such-part/brief`);
    await expect(page.getByText('There is no such part; it may have been removed.')).toBeVisible();
    await page.goto(`${server.url}/library`);
    await expect(page.locator('tbody tr').first()).toBeVisible();
    // The other pages' scripts are fetched ahead, so that they open without the server.
    await page.waitForLoadState('networkidle');
    await server.stop('SIGKILL');
    await page.getByRole('link', { name: 'Parts', exact: true }).click();
    await expect(page.getByText(/parts could not be fetched.*is it still running/)).toBeVisible();
    await server.start();
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByTestId('part-row').first()).toBeVisible();
  } finally {
    await server.stop('SIGKILL');
    server.dispose();
  }
});

test('the guide opens at the page one is on, by key and by the rail, and turns to any chapter', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/fix`);
  await expect(page.getByTestId('fix-page')).toBeVisible();
  await page.keyboard.press('h');
  const guide = page.getByTestId('guide');
  await expect(guide.getByRole('heading', { name: 'Fix', exact: true })).toBeVisible();
  await expect(guide.getByRole('img', { name: 'What is seen of a fault' })).toBeVisible();
  await guide.getByRole('button', { name: 'Found it?' }).click();
  await expect(guide.getByRole('heading', { name: 'Found it?' })).toBeFocused();
  await expect(guide).toContainText('Press once for what you see');
  await choose(guide, 'Chapter', 'Service');
  await expect(guide).toContainText('A part that goes out is placed');
  await guide.getByLabel('Find in the guide').fill('elephant');
  await expect(guide.getByTestId('guide-found')).toContainText('found');
  await guide.getByRole('button', { name: 'Words of the trade' }).first().click();
  await expect(guide.getByRole('heading', { name: 'Words of the trade' })).toBeVisible();
  await expect(guide).toContainText('the first layers stand out because the plate keeps them soft');
  await page.keyboard.press('Escape');
  await expect(guide).toBeHidden();
  // A word of the trade says what it means where it stands.
  await page.goto(`${server.url}/library/petg`);
  await page.getByRole('button', { name: 'Glass transition' }).press('Enter');
  await expect(page.getByTestId('term-said')).toContainText('where a plastic goes from hard to soft');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('term-said')).toBeHidden();
  // A page that is still on its way closes what is open as it comes.
  await page.goto(`${server.url}/library`);
  await expect(page.getByTestId('library-row').first()).toBeVisible();
  await page.getByRole('button', { name: 'Guide' }).click();
  await expect(guide.getByRole('heading', { name: 'The library' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.setViewportSize({ width: 390, height: 800 });
  await page.goto(`${server.url}/service`);
  await expect(page.getByTestId('service-page')).toBeVisible();
  await page.getByRole('button', { name: 'Guide' }).click();
  await expect(guide.getByRole('heading', { name: 'Service' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
});

test('an empty workshop lays the demo out when it is asked to', async ({ page }) => {
  const server = new TestServer();
  try {
    await server.start(false);
    await page.goto(`${server.url}/drills?side=ladder`);
    await expect(page.getByTestId('ladder-empty')).toContainText('say which one you have');
    await page.goto(server.url);
    await page.getByRole('button', { name: 'Lay the demo out here' }).click();
    await expect(page.getByTestId('part-row')).toHaveCount(10);
    await expect(page.getByRole('heading', { name: 'No parts yet' })).toBeHidden();
    await expect(page.getByTestId('due-notice')).toContainText('to look at this week');
  } finally {
    await server.stop();
    server.dispose();
  }
});

test('the first part is said in a line; who wants to is shown round, and leaves at any stop', async ({
  page,
}) => {
  const server = new TestServer();
  await server.start(false);
  try {
    await page.goto(`${server.url}/parts`);
    const first = page.getByTestId('first-part');
    await expect(first.getByRole('img', { name: 'What an answer looks like' })).toBeVisible();
    await first.getByRole('button', { name: /hook outside in the sun/ }).click();
    await expect(first.getByTestId('said')).toContainText('3 kg');
    await first.getByRole('button', { name: 'Begin with this' }).click();
    await expect(page).toHaveURL(/\/parts\/[\w-]+\/brief/);
    await expect(page.getByTestId('first-choice')).not.toHaveText('Not asked yet');
    await page.keyboard.press('h');
    await page.getByRole('button', { name: 'Show me round, in two minutes' }).click();
    const stop = page.locator('.ant-tour');
    await expect(stop).toContainText('Each part stands here');
    for (const title of ['The brief', 'The verdict', 'The ranking']) {
      await page.keyboard.press('Enter');
      await expect(stop.locator('.ant-tour-title')).toHaveText(title);
    }
    await expect(page).toHaveURL(/\/rank$/);
    await page.keyboard.press('Escape');
    await expect(stop).toBeHidden();
  } finally {
    await server.stop();
    server.dispose();
  }
});

test('a few letters jump to a part, a part in service, a filament or a page, by keys alone', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await expect(page.getByTestId('part-row').first()).toBeVisible();
  const dialog = page.getByRole('dialog', { name: 'Jump to' });
  const words = dialog.getByLabel('What to jump to');
  const found = dialog.getByTestId('finding');
  const begin = async (typed: string): Promise<void> => {
    await expect(words).toBeFocused();
    await page.keyboard.type(typed);
  };
  await page.keyboard.press('j');
  await expect(dialog.getByRole('heading', { name: 'Pages' })).toBeVisible();
  await begin('knob');
  await expect(found.first()).toHaveText('Extractor crank knob');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the part')).toHaveValue('Extractor crank knob');
  await expect(dialog).toBeHidden();

  // A part in service is found by its place, which stands beside its name.
  await page.locator('h1, h2').first().click();
  await page.keyboard.press('j');
  await begin('honey shed');
  await expect(found.first()).toContainText('Honey shed');
  await page.keyboard.press('ArrowDown');
  await expect(found.first()).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/service\//);

  await page.getByRole('button', { name: /^Jump to/ }).click();
  await begin('print card');
  await expect(dialog.getByRole('link', { name: /^Print card/ })).toContainText('Extractor crank knob');
  await words.fill('zzz');
  await expect(dialog.getByText('Nothing here is called anything like that.')).toBeVisible();
  await words.fill('PETG');
  await dialog.getByRole('link', { name: 'PETG', exact: true }).click();
  await expect(page).toHaveURL(/\/library\/petg$/);
});
