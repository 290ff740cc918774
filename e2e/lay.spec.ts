import { choose, chosen, segment } from './controls';
import { objFile } from './obj';
import { expect, test } from './server';

/** A bowl without its hollow, drawn foot down: all four of its sides hang over, and none upside down. */
const bowl = objFile(
  'bowl.obj',
  [10, 40].flatMap((size, k) =>
    [0, 1, 2, 3].map(i => `${i & 1 ? size / 2 : -size / 2} ${i & 2 ? size / 2 : -size / 2} ${8 * k}`),
  ),
  ['1 3 4 2', '5 6 8 7', '1 2 6 5', '3 7 8 4', '1 5 7 3', '2 4 8 6'],
);

test('a file is dropped, laid better, printed and written down: brief, card, spool, plate and record follow', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Van frame-rack peg' }).click();
  await page.getByRole('link', { name: 'Shape', exact: true }).click();
  const shape = page.getByTestId('shape-page');
  // Without a file the ways are those of a box of its sizes.
  await expect(shape.getByText('Only its sizes are known')).toBeVisible();
  await expect(shape.getByTestId('ways').getByRole('listitem').filter({ hasText: 'takes' })).toHaveCount(3);

  await shape.locator('input[type=file]').setInputFiles(bowl);
  const ways = shape.getByTestId('ways');
  const now = ways.locator('> li').filter({ hasText: 'as it is now' });
  await expect(now).toContainText('of supports to tear off');
  await expect(shape.getByTestId('lay-answer')).toContainText('Another way is better');
  await expect(shape.getByTestId('marks')).toContainText('1700 mm²');
  const best = ways.locator('> li').first();
  await expect(best).toContainText('needs no supports');
  await best.getByRole('button', { name: 'Lay it so' }).click();
  await expect(shape.getByTestId('lay-answer')).toHaveText('As it does now.');
  await expect(shape.getByTestId('marks')).toContainText('Nothing hangs over.');

  // One step of undo, and back again.
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(shape.getByTestId('lay-answer')).toContainText('Another way is better');
  await page.getByRole('button', { name: 'Redo', exact: true }).click();
  await expect(shape.getByTestId('lay-answer')).toHaveText('As it does now.');
  await shape.getByTestId('marks').getByRole('button').first().click();

  // It is kept with the part, and its sizes are marked as the file's in the brief.
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await expect(shape.getByTestId('lay-answer')).toHaveText('As it does now.');
  await page.getByRole('link', { name: 'Brief', exact: true }).click();
  await page.getByRole('button', { name: 'Shape and accuracy' }).click();
  await expect(page.getByTestId('from-file')).toContainText('stand as bowl.obj has them');

  await page.getByRole('link', { name: 'Print card', exact: true }).click();
  const card = page.getByTestId('print-card');
  await choose(card, 'Filament', 'PETG');
  await expect(card.getByTestId('line-supports')).toContainText('none');
  await segment(card, 'Log of prints');
  const place = card.getByText(/it stands \d/);
  const before = await place.innerText();
  await card.getByLabel('Minutes it took').fill('64');
  await card.getByRole('button', { name: /^(Take it off|Write it down)/ }).click();
  await expect(page.getByText(/^The print is written down/)).toBeVisible();
  await expect(card.getByTestId('card-record')).toContainText('1 of 1 of these prints went well');
  await expect(card.getByTestId('print-log')).toContainText('in 64 min');
  await expect(place).not.toHaveText(before);
});

test('a load is placed on the part by its faces, and turns with it', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Solar wax melter latch' }).click();
  await page.getByRole('link', { name: 'Shape', exact: true }).click();
  const shape = page.getByTestId('shape-page');
  const loads = shape.getByTestId('load-places');
  await expect(loads).toContainText('it runs along the layers');
  await choose(loads, 'Load 1, held at', 'its underside (−Z)');
  await choose(loads, 'Load 1, acting at', 'its top (+Z)');
  await expect(loads).toContainText('it pulls the layers apart');
  await expect(shape.getByTestId('ways').locator('> li').filter({ hasText: 'as it is now' })).toContainText(
    'load 1 pulls its layers apart',
  );
  await choose(loads, 'Load 1, acting at', 'a place not said');
  await expect(loads).toContainText('say where it is held and where it acts, and it is known');
  // Another filament is compared in its own figures.
  const takes = shape.getByTestId('ways').locator('> li').first().locator('dd').first();
  const asa = await takes.innerText();
  await choose(shape, 'Filament', 'PETG');
  await expect(chosen(shape, 'Filament')).toHaveText('PETG');
  await expect(takes).not.toHaveText(asa);
});

test('a load is worked out on the shape itself, painted, and counts in the ranking', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Solar wax melter latch' }).click();
  await page.getByRole('link', { name: 'Shape', exact: true }).click();
  const own = page.getByTestId('own-shape');
  await choose(own, 'Load 1, pulling', 'down (−Z)');
  await own.getByRole('button', { name: 'Work it out on the shape' }).press('Enter');
  const answer = own.getByTestId('own-shape-answer');
  await expect(answer).toContainText(/carries [\d.]+ times what is asked there/);
  await expect(own).toContainText(/The bar of the brief says 0\.8 MPa, the shape [\d.]+ MPa/);
  // The first answer stands while the fine one is on its way; that can be stopped.
  await own.getByRole('button', { name: 'Stop' }).click();
  await own.getByRole('checkbox', { name: 'Paint what each place bears' }).check();
  await expect(own).toContainText(/from nothing to [\d.]+ % of what/);
  await choose(own, 'Drawn', '20 times as far as it bends');
  await own.getByRole('button', { name: 'Show me the place' }).click();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  // The bar alone would ask for 0.8 MPa, with its safety 1.2.
  await expect(page.getByTestId('gate-strength')).toContainText(/needs (?!1\.2 )[\d.]+ MPa/);
  // Off the plate it bows by its own shape, and pulls hardest at a place of its own.
  await page.getByRole('link', { name: 'Warp', exact: true }).click();
  const warp = page.getByTestId('own-warp');
  await warp.getByRole('button', { name: 'Work it out on the shape' }).press('Enter');
  await expect(warp.getByTestId('own-warp-answer')).toContainText(
    /Its own shape bows [\d.]+ mm; the bar above/,
    {
      timeout: 60_000,
    },
  );
  await expect(warp.getByTestId('own-warp-lift')).toContainText(
    /It lets go there .+ in 100; the figures above/,
  );
  await expect(warp.getByRole('listitem').first()).toContainText('the edge from');
  await expect(warp.getByRole('img', { name: /^The part as it lets go, 5 times/ })).toBeVisible();
  expect(await warp.locator('svg path').last().getAttribute('d')).toContain('L');
  // Walls and infill are compared on the shape as well, with what each carries.
  await page.getByRole('link', { name: 'Print card', exact: true }).click();
  await segment(page.getByTestId('print-card'), 'Other settings');
  const settings = page.getByTestId('settings-on-shape');
  await settings.getByRole('button', { name: 'work out walls and infill' }).press('Enter');
  await expect(page.getByTestId('settings-on-shape-answer')).toContainText(/carries what is asked/);
  await expect(settings.getByRole('row').filter({ hasText: 'as now' })).toContainText(/times what is asked/);
  // Another place is another question: the bar stands again until it is asked.
  await page.getByRole('link', { name: 'Shape', exact: true }).click();
  const places = page.getByTestId('load-places');
  await choose(places, 'Load 1, also held at', 'its underside (−Z)');
  await expect(own).toContainText('a bar stands for it until it is worked out again');
  await expect(chosen(places, 'Load 1, also held at (2)')).toHaveText('no other place');
  // It may be a pressure on the face instead, in whatever unit.
  await choose(own, 'Load 1, acting as', 'a pressure on that face');
  const pressure = own.getByLabel('Load 1, pressure');
  await pressure.fill('30 psi');
  await pressure.blur();
  await expect(pressure).toHaveValue('0.207 MPa');
  await choose(places, 'Load 1, also held at', 'no other place');
  await expect(places.getByLabel('Load 1, also held at (2)')).toHaveCount(0);
});

test('settings are traded, a second filament is judged, and a G-code file counts for the printer', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Hive-stand levelling foot' }).click();
  await page.getByRole('link', { name: 'Print card', exact: true }).click();
  const card = page.getByTestId('print-card');
  await segment(card, 'Other settings');
  const trade = card.getByTestId('settings-trade');
  await expect(trade).toContainText(/Two more walls make it \d+ % stronger/);
  await expect(trade.getByRole('img').first()).toHaveAttribute(
    'aria-label',
    /\d+ ways to print it, \d+ unbeaten/,
  );

  const pair = card.getByTestId('pair');
  await choose(pair, 'Second filament', 'PP');
  await expect(pair).toContainText('does not go together');
  await choose(pair, 'Second filament', 'HIPS');
  await expect(pair).toContainText('Over 70 mm one contracts');
  await expect(pair).toContainText(/Pulled apart, the seam breaks at [\d.]+ to [\d.]+ MPa/);
  await expect(pair).toContainText(/With one nozzle each layer that has both takes 2 changes/);
  await expect(pair.getByTestId('moving-gap')).toContainText(/Leave 0\.\d\d mm between upright faces/);
  await segment(card, 'Log of prints');

  const gcode = card.getByTestId('gcode');
  const moves = Array.from({ length: 40 }, (_, i) => `G1 X${i % 2 ? 0 : 100} Y${i} E2 F1200`);
  await gcode.locator('input[type=file]').setInputFiles({
    name: 'foot.gcode',
    mimeType: 'text/plain',
    buffer: Buffer.from(['M83', 'G1 Z0.2', ...moves].join('\n')),
  });
  await expect(gcode).toContainText('foot.gcode takes 3 min');
  await expect(gcode).toContainText('is another part');
  const record = card.getByTestId('card-record');
  await expect(record).toContainText('of these prints went well');
  const was = await record.innerText();
  await gcode.getByRole('button', { name: 'Let its time count' }).click();
  await expect(record).not.toHaveText(was);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(record).toHaveText(was);
  await gcode.locator('input[type=file]').setInputFiles({
    name: 'bad.gcode',
    mimeType: 'text/plain',
    buffer: Buffer.from('; nothing'),
  });
  await expect(gcode.getByRole('alert')).toContainText('bad.gcode cannot be used: it holds no G-code');
});

test('without three dimensions a plain drawing stands in, and the ways to lay it are compared all the same', async ({
  page,
  server,
}) => {
  await page.addInitScript(() => {
    const real = HTMLCanvasElement.prototype.getContext as (this: unknown, ...args: unknown[]) => unknown;
    HTMLCanvasElement.prototype.getContext = function (this: unknown, kind: string, ...rest: unknown[]) {
      return kind.startsWith('webgl') ? null : real.call(this, kind, ...rest);
    } as never;
  });
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Hive-scale housing' }).click();
  await page.getByRole('link', { name: 'Shape', exact: true }).click();
  const shape = page.getByTestId('shape-page');
  await expect(shape.getByTestId('stage')).toHaveAttribute('data-drawn', 'lines');
  await expect(shape.getByTestId('stage').getByRole('img')).toHaveAttribute('aria-label', /on the plate/);
  await expect(shape.getByTestId('marks')).toContainText('90°, 4 places');
  await expect(shape.getByTestId('lay-answer')).toHaveText('As it does now.');
  await expect(shape.getByTestId('plate-plan')).toContainText('from the left');
});
