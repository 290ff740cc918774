import { choose } from './controls';
import { expect, test, type TestServer } from './server';

/** A flat part of styrenic size, on the printer of that name. */
async function keep(server: TestServer, printer: string, brief: object): Promise<string> {
  const printers = (await (await fetch(`${server.url}/api/printers`)).json()) as {
    id: string;
    profile: { name: string };
  }[];
  const printerId = printers.find(p => p.profile.name === printer)!.id;
  const answer = await fetch(`${server.url}/api/parts`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      brief: { format: 'hornblende-brief', version: 1, ...brief },
      printerId,
      weatherId: null,
    }),
  });
  const { id } = (await answer.json()) as { id: string };
  return `${server.url}/parts/${id}`;
}

test('a verdict is provisional until the sun is told; a rescue is pressed, counted and taken back', async ({
  page,
  server,
}) => {
  const part = await keep(server, 'Shed bench, open', {
    name: 'Tray in the van',
    heat: { setting: 'closed-vehicle' },
    loads: [],
    lifeYears: 3,
    geometry: { xMm: 200, yMm: 200, zMm: 8, sharpCorners: 4 },
  });
  await page.goto(`${part}/brief`);
  await expect(page.getByTestId('provisional')).toHaveText('4 of 5 answered; the sun would change it');
  await expect(page.getByTestId('provisional-mark')).toContainText('◌ provisional');
  await choose(page, 'Sun', 'out of the sun');
  await expect(page.getByTestId('provisional')).toBeHidden();
  await page.goto(`${part}/rank`);
  await page.locator('[data-material=asa] .name').first().click();
  const gate = page.getByTestId('gate-printability.chamber');
  const press = gate.getByRole('button', { name: 'Count a brim of 8 mm and discs at its corners' });
  await press.click();
  await expect(press).toBeHidden();
  await page.getByRole('link', { name: 'Print card', exact: true }).click();
  await expect(page.getByTestId('card-amounts')).toContainText('g cut away');
  const aids = page.getByTestId('print-aids');
  await expect(aids.getByLabel('a brim of 8 mm')).toBeChecked();
  await expect(aids.getByTestId('aid-effect')).toContainText('PETG lifts');
  // A stand-in first: what it proves, and its own card.
  const check = page.getByTestId('fit-check');
  await check.getByRole('button', { name: 'PLA is the easiest here' }).click();
  await expect(check).toContainText('The check in Wherrybank Everyday PLA:');
  await expect(check).toContainText('It does not prove heat: Wherrybank Everyday PLA gives way');
  await check.getByRole('button', { name: 'Its card' }).click();
  await expect(page.getByTestId('card-of-check')).toBeVisible();
  await expect(check).toContainText('Then the final in PETG');
  // Taken back: first the stand-in, then the brim and the discs.
  await page.keyboard.press('Control+z');
  await expect(check).not.toContainText('The check in');
  await page.keyboard.press('Control+z');
  await expect(aids.getByLabel('a brim of 8 mm')).not.toBeChecked();
});

test('a class prints three filaments; who is in the room counts; a spool states its own', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/settings`);
  const allowed = page.getByTestId('allowed-filaments');
  for (const name of ['PLA', 'PETG', 'ABS']) {
    await allowed.getByRole('combobox', { name: 'Only these' }).fill(name);
    const list = page.locator('.ant-select-dropdown:not(.ant-select-dropdown-hidden)');
    await list.getByTitle(name, { exact: true }).click();
    await expect(allowed.getByRole('button', { name: `Leave ${name} out` })).toBeVisible();
  }
  await expect(allowed.getByRole('listitem')).toHaveCount(3);
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await page.getByRole('link', { name: 'Frame-spacing jig' }).click();
  await page.getByRole('link', { name: 'Brief', exact: true }).click();
  await page.getByText('Air in the room', { exact: true }).click();
  await choose(page, 'Who is in the room', 'children are in the room');
  await expect(page.getByTestId('room-air').getByRole('listitem').first()).toContainText(
    'no reference value is settled',
  );
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  await expect(page.getByTestId('allowed-line')).toBeVisible();
  await expect(page.locator('[data-material=asa]')).toHaveCount(0);
  await page.getByRole('button', { name: 'As a table' }).click();
  await expect(page.getByRole('columnheader', { name: /Room air/ })).toBeVisible();

  await page.goto(`${server.url}/workshop/spools`);
  await page.getByRole('button', { name: 'Add a spool' }).click();
  const form = page.getByRole('dialog');
  await choose(form, 'Filament: a grade or a family', 'TPU 85A');
  await form.getByText('What you know of this spool yourself').click();
  await choose(form, 'Feeds', 'through a remote drive, slowly');
  await form.getByRole('button', { name: 'Add a peeling' }).click();
  await form.getByLabel('J/m²').fill('260');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form).toBeHidden();
  const spools = (await (await fetch(`${server.url}/api/spools`)).json()) as {
    spool: { material: string; facts: unknown };
  }[];
  expect(spools.find(s => s.spool.material === 'tpu-85a')?.spool.facts).toMatchObject({
    drive: 'slow-bowden',
    holds: [{ plate: 'smooth-pei', adhesive: null, energyJm2: 260 }],
  });
});

test('without a printer the machines that print the first choices are named', async ({ page, server }) => {
  const printers = (await (await fetch(`${server.url}/api/printers`)).json()) as { id: string }[];
  await page.goto(`${server.url}/workshop`);
  for (let left = printers.length; left > 0; left--) {
    await page.getByTestId('printer').first().getByRole('button', { name: 'Remove' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
    await expect(page.getByTestId('printer')).toHaveCount(left - 1);
  }
  await page.goto(`${server.url}/workshop/upgrades`);
  const machines = page.getByTestId('first-machines');
  await expect(machines.getByRole('listitem').first()).toContainText(/prints \d of\s+\d first choices/);
});

test('an insert is pulled, a surface wished for: gates, cautions and the way to get there', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Extractor crank knob' }).click();
  await page.getByRole('link', { name: 'Brief', exact: true }).click();
  await choose(page, 'How it is held', 'a heat-set insert');
  await expect(page.getByLabel('Diameter of the insert').first()).toBeVisible();
  await page.getByText('Looks', { exact: true }).click();
  await page.getByRole('checkbox', { name: 'dyeable' }).check();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  // Only nylons and rubbers take dye; each rescue says how the rest could still be coloured.
  await expect(page.locator('[data-testid=column]').first()).toHaveAttribute('data-material', /^(pa|tpu)/);
  await page
    .locator('[data-material=petg]')
    .first()
    .click({ position: { x: 8, y: 4 } });
  const gates = page.getByTestId('gate-surface');
  await expect(gates).toContainText('takes up no dye');
  await expect(gates).toContainText('paint it');
  await expect(page.getByText('set it in a jig', { exact: false }).first()).toBeVisible();
});

test('what is steamed counts by its cycles, and what softens in steam is out', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Extractor crank knob' }).click();
  await page.getByRole('link', { name: 'Brief', exact: true }).click();
  await page.getByText('Heat and cold', { exact: true }).click();
  await page.getByLabel('Times it is steamed in its life').fill('400');
  await page.getByLabel('Times it is steamed in its life').press('Tab');
  await expect(page.getByLabel('Steam', { exact: true })).toHaveValue('121 °C');
  await page.getByLabel('Steam', { exact: true }).fill('134');
  await page.getByLabel('Steam', { exact: true }).press('Tab');
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  await page
    .locator('[data-material=petg]')
    .first()
    .click({ position: { x: 8, y: 4 } });
  await expect(page.getByTestId('gate-steam')).toContainText('In steam of 134 °C it loses its shape');
});
