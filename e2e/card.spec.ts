import { readFileSync } from 'node:fs';
import { choose, chosen, segment } from './controls';
import { expect, test } from './server';

test('the card follows the filament and the spool, is ticked off, goes out, and a print comes off the spool', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Entrance-gate hinge' }).click();
  await page.getByRole('link', { name: 'Print card' }).click();
  const card = page.getByTestId('print-card');
  await expect(card.getByTestId('card-amounts')).toContainText('The next print succeeds');

  // Another filament, another machine setting; the spool's ledger says how to dry it.
  await choose(card, 'Filament', 'PETG');
  await expect(card.getByTestId('line-plate')).toContainText('let go');
  await choose(card, 'Filament', 'ASA');
  await expect(card).toContainText('Gives off styrene');
  await expect(card.getByTestId('line-air')).toContainText('min before');

  await card.getByRole('checkbox', { name: /^Nozzle/ }).check();
  await page.reload();
  await choose(card, 'Filament', 'ASA');
  await expect(card.getByRole('checkbox', { name: /^Nozzle/ })).toBeChecked();

  const download = page.waitForEvent('download');
  await card.getByRole('button', { name: 'Markdown' }).click();
  const text = readFileSync((await (await download).path())!, 'utf8');
  expect(text).toContain('# Entrance-gate hinge in ASA');
  expect(text).toContain('- [ ] **Bed**: 100 °C');
});

test('a print written down comes off its spool, and can be taken back', async ({ page, server }) => {
  const spools = async (): Promise<
    { spool: { material: string; events: { kind: string; note: string }[] } }[]
  > => (await (await page.request.get(`${server.url}/api/spools`)).json()) as never;
  const used = (await spools()).map(s => s.spool.material);
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Frame-spacing jig' }).click();
  await page.getByRole('link', { name: 'Print card' }).click();
  const card = page.getByTestId('print-card');
  expect(used).toContain('petg');
  await choose(card, 'Filament', 'PETG');
  await segment(card, 'Log of prints');
  await card.getByRole('radio', { name: 'It failed' }).check();
  await card.getByLabel('What went wrong').fill('a corner lifted');
  await card.getByLabel('Grams that went in').fill('7');
  await card.getByRole('button', { name: /^Take it off/ }).click();
  await expect(page.getByText(/7 g came off/)).toBeVisible();
  const notes = async (): Promise<string[]> => (await spools()).flatMap(s => s.spool.events.map(e => e.note));
  expect(await notes()).toContain('Frame-spacing jig, failed: a corner lifted');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect.poll(notes).not.toContain('Frame-spacing jig, failed: a corner lifted');
  // What is half typed stays as one looks at the card; the side stays as the page is loaded again.
  await card.getByLabel('Grams that went in').fill('8');
  await segment(card, 'Card');
  await expect(card.getByTestId('line-nozzle')).toBeVisible();
  await expect(card.getByLabel('Grams that went in')).toBeHidden();
  await segment(card, 'Log of prints');
  await expect(card.getByLabel('Grams that went in')).toHaveValue('8');
  await page.reload();
  await expect(card.getByRole('heading', { name: 'Write this print down' })).toBeVisible();
});

test('a way to the surface is chosen, and goes on the card of the filament', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Solar wax melter latch' }).click();
  await page.getByRole('link', { name: 'Print card', exact: true }).click();
  const surface = page.getByRole('region', { name: 'Surface', exact: true });
  await surface.getByRole('button', { name: 'All ways, with what each takes' }).click();
  // 95 × 28 × 14 mm: 2 · (26.6 + 3.92 + 13.3) cm².
  await expect(surface).toContainText('For about 88 cm² of outside.');
  const solvent = surface.getByTestId('surface-route').filter({ hasText: 'Solvent or its vapour' });
  await expect(solvent).toContainText('vapour of acetone');
  await expect(solvent).toContainText('17 min');
  await expect(solvent).toContainText('no flame or spark near');
  await solvent.getByRole('radio').check();
  const card = page.getByTestId('print-card');
  await expect(card).toContainText('17 min by hand, 24 h to wait.');
  await expect(card).toContainText('0.05 mm off each face');
  // It stays with the part, also for a filament that it does not go with.
  await page.reload();
  await expect(chosen(surface, 'Way to the surface')).toHaveText('solvent or its vapour');
  await choose(page.locator('main'), 'Filament', 'PETG');
  await expect(card).toContainText('the way that was chosen does not go with this filament');
  await expect(chosen(surface, 'Way to the surface')).toHaveText('a way that this filament does not take');
  await choose(surface, 'Way to the surface', 'not said');
  await expect(card).not.toContainText('the way that was chosen');
});
