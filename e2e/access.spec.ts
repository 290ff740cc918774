import type { Page } from '@playwright/test';
import { chooseByKeyboard, segment } from './controls';
import { lookedAt } from './looks';
import { expect, test } from './server';

/** The pages of the house, a few for each test: two tests run side by side. */
const house = [
  ['/parts', '/library', '/settings', '/fix'],
  ['/library/pla', '/library/tarnbeck-hill-asa', '/workshop', '/workshop/spools'],
  ['/workshop/upgrades', '/workshop/bench'],
] as const;

/** The pages of parts. */
const leaves = [
  ['latch/brief', 'latch/rank'],
  ['latch/shape', 'latch/warp', 'latch/card'],
  ['gasket/trial', 'foot/decision'],
] as const;

const demoParts: Readonly<Record<string, string>> = {
  latch: 'Solar wax melter latch',
  foot: 'Hive-stand levelling foot',
  gasket: 'Syrup-feeder gasket',
};

/** The demo's parts by name. */
async function partIds(page: Page, url: string): Promise<(name: string) => string> {
  const list = (await (await page.request.get(`${url}/api/parts`)).json()) as { id: string; name: string }[];
  return name => list.find(p => p.name === name)!.id;
}

for (const paths of house)
  test(`nothing is hard to use or to read, and all fits: ${paths.join(', ')}`, async ({ page, server }) => {
    for (const path of paths) {
      await page.goto(server.url + path);
      await expect(page.locator('h1').first()).toBeVisible();
      await lookedAt(page, path);
    }
  });

for (const paths of leaves)
  test(`nothing is hard to use or to read, and all fits, for a part: ${paths.join(', ')}`, async ({
    page,
    server,
  }) => {
    const idOf = await partIds(page, server.url);
    for (const path of paths) {
      const [part, leaf] = path.split('/') as [string, string];
      await page.goto(`${server.url}/parts/${idOf(demoParts[part]!)}/${leaf}`);
      await expect(page.locator('h1, h2').first()).toBeVisible();
      await lookedAt(page, path);
    }
  });

test('what follows from the answers stands beside the questions or beneath them', async ({
  page,
  server,
}) => {
  const idOf = await partIds(page, server.url);
  const latch = `/parts/${idOf(demoParts.latch!)}`;
  // Its margins are not cut.
  await page.setViewportSize({ width: 1024, height: 800 });
  await page.goto(`${server.url}${latch}/brief`);
  const thin = page.getByRole('button', { name: /: has .*, needs / }).first();
  await expect(thin).toBeVisible();
  expect(await thin.evaluate(el => el.scrollWidth - el.clientWidth)).toBeLessThanOrEqual(1);
  const questions = (await page.locator('.questions').boundingBox())!;
  const follows = (await page.getByRole('heading', { name: 'What follows' }).boundingBox())!;
  const beside = follows.x >= questions.x + questions.width;
  const beneath = follows.y >= questions.y + questions.height;
  expect(beside || beneath).toBe(true);
});

test('nothing in the service is hard to use or to read, and each page fits', async ({ page, server }) => {
  await page.goto(`${server.url}/service`);
  for (const [side, ready] of [
    ['To look at', 'due-list'],
    ['All of it', 'placed-table'],
    ['Map', 'map-mark'],
    ['How long it lasts', 'evidence-group'],
    ['Predictions checked', 'happened-row'],
  ] as const) {
    await segment(page, side);
    await expect(page.getByTestId(ready).first()).toBeVisible();
    await lookedAt(page, side);
  }
  await segment(page, 'Map');
  await page.getByRole('button', { name: 'Draw on it' }).click();
  await page.getByTestId('map-area').first().focus();
  await expect(page.getByLabel('This place is called')).toBeVisible();
  await lookedAt(page, 'a map that is drawn on');
});

test('nothing on the pages of a placed part and in the drills is hard to use or to read', async ({
  page,
  server,
}) => {
  const list = (await (await page.request.get(`${server.url}/api/placements`)).json()) as { id: string }[];
  const { id } = list[0]!;
  for (const path of ['new', 'phones', 'labels', id, `${id}/look`]) {
    await page.goto(`${server.url}/service/${path}`);
    await expect(page.locator('h1').first()).toBeVisible();
    await expect(page.locator('main form, main dl, main ul, main p').first()).toBeVisible();
    await lookedAt(page, path);
  }
  await page.goto(`${server.url}/drills`);
  await page.getByRole('button', { name: 'Drill it: Read the durometer' }).click();
  await page.getByTestId('drill-option').first().click();
  await page.getByTestId('drill-sure').first().click();
  await expect(page.getByTestId('drill-answer')).toBeVisible();
  await lookedAt(page, 'a drill');
  for (const [side, ready] of [
    ['How sure', 'calibration'],
    ['Ladder', 'ladder-next'],
  ] as const) {
    await segment(page, side);
    await expect(page.getByTestId(ready)).toBeVisible();
    await lookedAt(page, side);
  }
});

test('nothing in the panels is hard to use or to read, and each fits', async ({ page, server }) => {
  const idOf = await partIds(page, server.url);
  await page.goto(`${server.url}/parts/${idOf(demoParts.latch!)}/rank`);
  for (const [tab, ready] of [
    ['How sure', 'sure-words'],
    ['What would change this?', 'tips'],
    ['Compare two', 'compare-two'],
    ['Scoring', 'points'],
  ] as const) {
    // By key: on a narrow screen the last tabs lie beyond its edge.
    await page.getByRole('tab', { name: tab }).press('Enter');
    await expect(page.getByTestId(ready)).toBeVisible();
    await lookedAt(page, tab);
  }
});

test('nothing in the views of the library is hard to use or to read, and each fits', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/library`);
  for (const name of ['ASA', 'ABS'])
    await page.getByRole('checkbox', { name: `Compare ${name}`, exact: true }).check();
  for (const [view, ready] of [
    ['Compare 2', 'compare'],
    ['Plot', 'plot'],
  ] as const) {
    await segment(page, view);
    await expect(page.getByTestId(ready)).toBeVisible();
    await lookedAt(page, view);
  }
});

/** Looks at a dialog or drawer, and closes it. */
async function checkAndClose(page: Page, where: string): Promise<void> {
  await lookedAt(page, where, false);
  await page.keyboard.press('Escape');
}

test('nothing in the dialogs of the library is hard to use or to read', async ({ page, server }) => {
  await page.goto(`${server.url}/library/skerrow-petg-natural`);
  await page.getByRole('button', { name: 'Change' }).click();
  await expect(page.getByTestId('grade-editor')).toBeVisible();
  await checkAndClose(page, 'grade editor');
  await page.goto(`${server.url}/library`);
  await expect(page.locator('h1').first()).toBeVisible();
  await page.keyboard.press('j');
  await expect(page.getByTestId('finding').first()).toBeVisible();
  await checkAndClose(page, 'what jumps elsewhere');
  await page.getByRole('button', { name: 'Import' }).click();
  await page.locator('[data-testid=import] input[type=file]').setInputFiles({
    name: 'g.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('name,family\nA,pla\nB,zinc\n'),
  });
  await expect(page.getByTestId('import-row').first()).toBeVisible();
  await checkAndClose(page, 'import');
});

test('nothing in the drawers of the workshop and the ranking is hard to use or to read', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/workshop/spools`);
  await page.getByRole('button', { name: 'HB-07', exact: true }).click();
  await expect(page.getByTestId('ledger')).toBeVisible();
  await checkAndClose(page, 'ledger');
  await page.goto(`${server.url}/workshop/upgrades`);
  await expect(page.getByTestId('worth')).toBeVisible();
  await checkAndClose(page, 'upgrades, weighed');
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Solar wax melter latch' }).click();
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  await page.getByRole('button', { name: 'Weights' }).click();
  await page.getByRole('button', { name: 'Ask me questions instead' }).click();
  await expect(page.getByTestId('trades')).toBeVisible();
  await checkAndClose(page, 'questions');
});

test('nothing is asked of any other machine, and no script breaks', async ({ page, server }) => {
  const outside: string[] = [];
  const broken: string[] = [];
  page.on('request', r => {
    if (!r.url().startsWith(server.url) && !r.url().startsWith('data:') && !r.url().startsWith('blob:'))
      outside.push(r.url());
  });
  page.on('pageerror', e => broken.push(e.message));
  page.on('console', m => {
    if (m.type() === 'error') broken.push(m.text());
  });
  for (const path of house.flat()) {
    await page.goto(server.url + path);
    await expect(page.locator('h1').first()).toBeVisible();
  }
  expect(outside).toEqual([]);
  expect(broken).toEqual([]);
});

test('the main job without a mouse', async ({ page, server }) => {
  await page.goto(server.url);
  await expect(page.getByTestId('part-row').first()).toBeVisible();
  await page.keyboard.press('n');
  await page.getByLabel('What is it called?').waitFor();
  await expect(page.getByLabel('What is it called?')).toBeFocused();
  await page.keyboard.type('Keyboard part');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the part')).toHaveValue('Keyboard part');
  // Each question is reached by Tab and answered by typing its word.
  await chooseByKeyboard(page, 'Setting', 'outdoors');
  await chooseByKeyboard(page, 'Sun', 'in full');
  await expect(page.getByTestId('first-choice')).toHaveText('ASA');
  await page.locator('main').focus();
  await page.keyboard.press('g');
  await page.keyboard.press('r');
  const chart = page.getByRole('application');
  await chart.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('working')).toContainText('score.desirability');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('working')).toBeHidden();
  await page.locator('main').focus();
  await page.keyboard.press('g');
  await page.keyboard.press('d');
  await expect(page.getByRole('heading', { name: 'Record the decision' })).toBeVisible();
  await page.keyboard.press('Shift+?');
  await expect(page.getByRole('dialog', { name: 'Shortcuts' })).toBeVisible();
});
