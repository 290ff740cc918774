import { expect, test } from './server';
import { choose, chosen } from './controls';

test('five questions, a changed verdict, the working, a decision that stays', async ({ page, server }) => {
  await page.goto(server.url);
  await expect(page.getByRole('heading', { name: 'Parts' })).toBeVisible();
  await expect(page.getByTestId('part-row').filter({ hasText: 'Solar wax melter latch' })).toContainText(
    'ASA',
  );

  await page.getByRole('button', { name: 'New part' }).click();
  await page.getByLabel('What is it called?').fill('Rain gauge bracket');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByLabel('Name of the part')).toHaveValue('Rain gauge bracket');

  // The five questions: a working part on a shelf indoors.
  await choose(page, 'Purpose', 'a working part');
  await choose(page, 'Setting', 'indoors');
  await choose(page, 'Load', 'no load to speak of');
  await choose(page, 'Flexibility', 'stay rigid');
  await page.getByLabel('Size along X').fill('100');
  await expect(page.getByTestId('first-choice')).toHaveText('Wherrybank Everyday PLA');
  await expect(page.getByTestId('part-temperature')).toHaveText('28 °C');

  // Out into full sun in a hot place: the verdict changes while one types.
  await choose(page, 'Setting', 'outdoors');
  await choose(page, 'Sun', 'in full sun');
  // A light one: what comes in black only is out.
  await page.getByRole('button', { name: /Looks/ }).click();
  await choose(page, 'Colour', 'light');
  await page.getByLabel('Hottest air').first().fill('118 F');
  await expect(page.getByText('118 °F = 47.7778 °C')).toBeVisible();
  await expect(page.getByTestId('first-choice')).toHaveText('ASA');
  await expect(page.getByTestId('save-state')).toHaveText('Saved');

  // The working behind the part's temperature.
  await page.getByTestId('part-temperature').click();
  const working = page.getByTestId('working');
  await expect(working.getByText('heat.surface')).toBeVisible();
  await expect(working.getByText('2.8 + 3.0·v')).toBeVisible();
  await expect(working.getByText('Watmuff', { exact: false }).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(working).toBeHidden();

  // The ranking shows why the indoor favourite is out.
  await page.getByRole('link', { name: 'Rank' }).click();
  await expect(page.getByTestId('column').first()).toHaveAttribute('data-material', 'asa');
  await page.getByTestId('out-column').and(page.locator('[data-material=pla]')).click();
  await expect(page.getByTestId('gate-heat')).toContainText('fails');
  await expect(page.getByTestId('gate-heat')).toContainText('passes in');
  await expect(page.getByTestId('ruler').first()).toContainText('Heat it bears');

  await page.getByRole('link', { name: 'Record the decision' }).click();
  await expect(chosen(page, 'First choice')).toHaveText('ASA');
  await expect(page.getByRole('listitem').filter({ hasText: /^ABS ○ out/ })).toContainText(
    'half its toughness',
  );
  await page.getByTestId('decide').click();
  await expect(page.getByText(/^Why/).first()).toBeVisible();
  await page.getByTestId('decide-reason').fill('Holds its shape and its skin in the sun.');
  // A look back at the ranking does not lose what was written.
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  await page.getByRole('link', { name: 'Decision', exact: true }).click();
  await expect(page.getByTestId('decide-reason')).toHaveValue('Holds its shape and its skin in the sun.');
  await page.getByTestId('decide-who').fill('R. Thwaite');
  await page.getByTestId('decide').click();
  await expect(page.getByTestId('decision')).toContainText('Holds its shape and its skin in the sun.');

  await page.reload();
  await expect(page.getByTestId('decision')).toContainText('ASA');
  await expect(page.getByTestId('decision')).toContainText('R. Thwaite');
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await expect(page.getByTestId('part-row').filter({ hasText: 'Rain gauge bracket' })).toContainText('ASA');
});

test('typed nonsense changes nothing and says what is allowed', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Hive-scale housing' }).click();
  const field = page.getByLabel('Size along X');
  await field.fill('12 hands-breadths');
  await expect(page.getByText('"hands-breadths" is not a unit known here')).toBeVisible();
  await field.fill('99 km');
  await expect(page.getByText('out of range; allowed: 0.1 mm to 2000 mm')).toBeVisible();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await field.fill('5 in');
  await field.blur();
  await expect(field).toHaveValue('127 mm');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(field).toHaveValue('130 mm');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(field).toHaveValue('127 mm');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
});

test('units switch without touching what is stored', async ({ page, server }) => {
  const stored = async (): Promise<string> =>
    JSON.stringify(
      (
        (await (await page.request.get(`${server.url}/api/parts`)).json()) as {
          name: string;
          brief: object;
        }[]
      ).find(p => p.name === 'Solar wax melter latch')?.brief,
    );
  await page.goto(`${server.url}/settings`);
  const before = await stored();
  await page.getByLabel('US: in, lbf, oz, °F').check();
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Solar wax melter latch' }).click();
  await expect(page.getByTestId('part-temperature')).toHaveText('147 °F');
  const field = page.getByLabel('The part reaches');
  await field.focus();
  await field.blur();
  await page.goto(`${server.url}/settings`);
  await page.getByLabel('Metric').check();
  expect(await stored()).toBe(before);
});

test('two tabs: the second is told, sees both, and chooses', async ({ context, server }) => {
  const one = await context.newPage();
  const two = await context.newPage();
  for (const page of [one, two]) {
    await page.goto(server.url);
    await page.getByRole('link', { name: 'Entrance-gate hinge' }).click();
    await expect(page.getByLabel('Service life')).toHaveValue('4 years');
  }
  await one.getByLabel('Service life').fill('6 years');
  await expect(one.getByTestId('save-state')).toHaveText('Saved');
  await two.getByLabel('Service life').fill('9 years');
  const conflict = two.getByTestId('conflict');
  await expect(conflict).toBeVisible();
  await expect(conflict.getByRole('row', { name: /9 years 6 years$/ })).toBeVisible();
  await conflict.getByRole('button', { name: 'Keep what is here' }).click();
  await expect(two.getByTestId('save-state')).toHaveText('Saved');
  await one.reload();
  await expect(one.getByLabel('Service life')).toHaveValue('9 years');
});

test('a brief that nothing satisfies says what to ask less of, and the change works', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('button', { name: 'New part' }).click();
  await page.getByLabel('What is it called?').fill('Kiln peg');
  await page.getByRole('button', { name: 'Begin' }).click();
  await choose(page, 'Setting', 'near something hot');
  await page.getByLabel('The part reaches').fill('260 C');
  await expect(page.getByTestId('first-choice')).toHaveText('Nothing fits');
  await page.getByRole('link', { name: 'Rank' }).click();
  const notice = page.getByTestId('nothing-fits');
  await expect(notice.getByRole('listitem').first()).toContainText(
    'Keep the part under 117 °C instead of 260 °C: lets PC in',
  );
  const ways = page.getByTestId('other-ways');
  await expect(ways).toContainText('Whatever it is made of has to keep its shape at 260 °C.');
  await expect(ways.getByRole('listitem')).toHaveCount(1);
  await expect(ways.getByRole('listitem')).toContainText(
    'Stainless sheet, cut and folded by a service, each costs €',
  );
  await ways.getByRole('button', { name: 'Those that would not, and why' }).click();
  await expect(ways).toContainText('it gets 260 °C hot, and 150 °C is the most');
  await notice.getByRole('button', { name: 'Change the brief so' }).first().click();
  await expect(page.getByTestId('first-choice')).toHaveText('PC');
});

test('where a failure injures, the notice must be acknowledged', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('button', { name: 'New part' }).click();
  await page.getByLabel('What is it called?').fill('Ladder hook');
  await page.getByRole('button', { name: 'Begin' }).click();
  await choose(page, 'If it fails', 'someone could be hurt');
  await page.getByRole('link', { name: 'Record the decision' }).click();
  await page.getByTestId('decide-reason').fill('Only for the mock-up.');
  await page.getByTestId('decide-who').fill('R. Thwaite');
  await page.getByTestId('decide').click();
  await expect(page.getByText('The notice must be acknowledged')).toBeVisible();
  await page.getByRole('checkbox', { name: 'I have read this' }).check();
  await page.getByTestId('decide').click();
  await expect(page.getByTestId('decision')).toContainText('Only for the mock-up.');
});

test('a machine that can print nothing says so, and what would help', async ({ page, server }) => {
  await page.goto(`${server.url}/workshop`);
  await page.getByRole('button', { name: 'Add a printer' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('Name').fill('Toy machine');
  await form.getByLabel('Hottest nozzle').fill('150 C');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByTestId('reach').getByRole('columnheader', { name: /Toy machine/ })).toContainText(
    '0 of 55',
  );
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Hive-scale housing' }).click();
  await choose(page, 'Printer', 'Toy machine');
  await expect(page.getByTestId('first-choice')).toHaveText('Nothing fits');
  await page.getByRole('link', { name: 'Rank' }).click();
  await expect(page.getByTestId('nothing-fits')).toContainText('all-metal hot end');
});
