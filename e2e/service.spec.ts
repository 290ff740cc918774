import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { choose, segment } from './controls';
import { expect, test } from './server';

/** A picture that a browser can read: a corner of the page itself. */
const picture = async (page: Page): Promise<{ name: string; mimeType: string; buffer: Buffer }> => ({
  name: 'garden.png',
  mimeType: 'image/png',
  buffer: await page.screenshot({ clip: { x: 0, y: 0, width: 60, height: 40 } }),
});
const big = (where: Page | Locator, group: string, answer: string): Promise<void> =>
  where.getByRole('radiogroup', { name: group }).getByText(answer, { exact: true }).click();

async function openRank(page: Page, url: string, part: string): Promise<void> {
  await page.goto(`${url}/parts`);
  await page.getByRole('link', { name: part, exact: true }).click();
  await expect(page.getByText('Thinnest margin')).toBeVisible();
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
}
/** Years after which a candidate's surface is down to half, as its gate has it. */
async function sunYears(page: Page, candidate: string): Promise<number> {
  await page.getByRole('button', { name: 'As a table' }).click();
  await page
    .getByRole('row', { name: new RegExp(`${candidate}\\b`) })
    .first()
    .getByText(candidate, { exact: true })
    .first()
    .click();
  const gate = page
    .getByRole('complementary', { name: candidate, exact: true })
    .getByText(/has [\d.]+, needs 5 years/);
  const text = await gate.innerText();
  await page.getByRole('button', { name: 'As a chart' }).click();
  return Number(/has ([\d.]+)/.exec(text)![1]);
}

test('a part is placed, looked at on a phone with a photograph, fails, and the field school heeds it', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Hive-scale housing', exact: true }).click();
  await expect(page.getByText('Thinnest margin')).toBeVisible();
  await page.getByRole('button', { name: /How to choose/ }).click();
  await choose(page, 'Outdoor school', 'what is logged outdoors');
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  const before = await sunYears(page, 'ASA');

  await page.getByRole('link', { name: 'Service', exact: true }).click();
  await page.getByRole('button', { name: 'Place a part' }).click();
  const form = page.getByTestId('place-page');
  await form.getByRole('button', { name: 'Place it' }).click();
  await expect(form).toContainText('say what it is called, say what it is made of');
  await choose(form, 'One of', 'Hive-scale housing');
  await expect(form.getByLabel('What it is called')).toHaveValue('Hive-scale housing');
  await form.getByLabel('What it is called').fill('Housing by the pond');
  await form.getByLabel('Where, in words').fill('Pond');
  await choose(form, 'What it is made of', 'ASA');
  await form.getByLabel('Out since').click();
  await form.getByLabel('Out since').fill('1 Jun 2026');
  await page.keyboard.press('Enter');
  await form.getByLabel('Hottest air, °C').fill('31');
  await form.locator('input[type=file]').setInputFiles(await picture(page));
  await expect(form.getByAltText('On its first day')).toBeVisible();
  await form.getByRole('button', { name: 'Place it' }).click();
  await expect(page.getByTestId('placed-standing')).toContainText('not looked at yet');
  await expect(page.getByTestId('placed-page')).toContainText('air up to 31 °C');

  // In the garden.
  await page.setViewportSize({ width: 390, height: 800 });
  await page.getByRole('button', { name: 'Look at it' }).click();
  const look = page.getByTestId('look-form');
  await expect(look.getByAltText('On its first day')).toBeVisible();
  await big(look, 'Cracks?', 'through');
  await look.getByLabel('Where').fill('at the lid’s corner');
  await big(look, 'A fingernail leaves', 'flakes');
  await look.locator('input[type=file]').setInputFiles(await picture(page));
  await expect(look.getByAltText('A photograph of this look')).toBeVisible();
  await look.getByLabel('Who looks').fill('Una');
  await look.getByRole('button', { name: 'Take the look' }).click();
  await expect(look.getByRole('alert')).toContainText('Say what it comes to');
  await big(look, 'So it is', '○ failed');
  await look.getByRole('button', { name: 'Take the look' }).click();
  await expect(look.getByRole('alert')).toContainText('Say how it failed');
  await big(look, 'It', 'gone brittle');
  await look.getByRole('button', { name: 'Take the look' }).click();
  await expect(page.getByTestId('service-page')).toBeVisible();

  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByText('All of it', { exact: true }).click();
  const row = page.getByTestId('placed-table').getByRole('row', { name: /Housing by the pond/ });
  await expect(row).toContainText('gone brittle');
  await row.getByRole('link').click();
  await expect(page.getByTestId('look-line')).toContainText('cracked through at the lid’s corner');
  await expect(page.getByTestId('placed-why')).toContainText(
    'it is gone brittle, and the models do not say why',
  );
  // Its first day and its last.
  await expect(
    page.getByRole('region', { name: 'Photographs through the years' }).getByRole('img'),
  ).toHaveCount(2);

  await openRank(page, server.url, 'Hive-scale housing');
  await expect.poll(() => sunYears(page, 'ASA')).toBeLessThan(before);
  await page.getByRole('button', { name: 'As a table' }).click();
  await page.getByRole('row', { name: /ASA\b/ }).first().getByText('ASA', { exact: true }).first().click();
  await expect(page.getByTestId('yours-like')).toContainText('gone brittle after');
  // The working of the field's word.
  await page.goto(`${server.url}/service`);
  await page.getByText('Predictions checked', { exact: true }).click();
  await expect(page.getByTestId('happened-row').first()).toContainText('Housing by the pond');
  await expect(page.getByTestId('happened-row').first()).toContainText('missed');
  const trust = page.getByTestId('model-trust');
  await expect(trust).toContainText(/Of \d+ parts that tell, .+Brier score 0\.\d\d/);
  await expect(trust.getByTestId('model-bias').first()).toContainText(/parts?, \d+ failed that way/);
  const field = page.getByTestId('field-row').filter({ hasText: /^ASA/ });
  await expect(field).toContainText('1 failed by the sun');
  await field.getByRole('button').click();
  await expect(page.getByTestId('working')).toContainText('service.field');
  await expect(page.getByTestId('working')).toContainText('Σ ln 2·(t/L)');
});

test('looks without a connection wait in the browser, and come once, without a loss', async ({
  page,
  server,
}) => {
  await page.setViewportSize({ width: 390, height: 800 });
  await page.goto(`${server.url}/service`);
  const due = page.getByTestId('due-list');
  await expect(due).toContainText('Scale housing, hive 4');
  await page.getByTestId('due-row').first().getByRole('link').click();
  const look = page.getByTestId('look-form');
  await expect(look).toContainText('Straight?');
  await page.context().setOffline(true);
  await big(look, 'So it is', '◐ worn');
  await look.getByLabel('Anything else').fill('written in the garden');
  await look.locator('input[type=file]').setInputFiles(await picture(page));
  await expect(look.getByAltText('A photograph of this look')).toBeVisible();
  await look.getByRole('button', { name: 'Take the look' }).click();
  // On to the next part of the same place; this one waits.
  await expect(page.getByRole('heading', { name: 'Stand foot, hive 3, front left' })).toBeVisible();
  await page.getByRole('link', { name: 'Service' }).last().click();
  await expect(page.getByTestId('looks-waiting')).toContainText('A look waits here to be sent');
  await expect(due.getByTestId('due-row').filter({ hasText: 'Scale housing' })).toContainText(
    'waits to be sent',
  );
  await page.context().setOffline(false);
  await expect(page.getByTestId('looks-waiting')).toHaveCount(0);
  await expect(due).not.toContainText('Scale housing');
  // Sent again, as a browser does that never saw the answer: it is one look.
  const placements = (await (await page.request.get(`${server.url}/api/placements`)).json()) as {
    id: string;
    placement: { code: string };
  }[];
  const { id } = placements.find(p => p.placement.code === 'SCL4')!;
  const looks = async (): Promise<{ id: string; note: string; photos: object[] }[]> =>
    (await page.request.get(`${server.url}/api/placements/${id}/inspections`)).json();
  const all = await looks();
  expect(all[0]).toMatchObject({ note: 'written in the garden', photos: [{}] });
  const again = await page.request.put(`${server.url}/api/inspections/${all[0]!.id}`, {
    data: { inspection: all[0] },
  });
  expect(again.status()).toBe(200);
  expect(await looks()).toHaveLength(all.length);
});

test('a phone is paired from the desk, looks at parts, reads a trial, and is withdrawn', async ({
  browser,
  server,
}) => {
  await server.stop();
  await server.start(true, ['--share', '127.0.0.2']);
  const desk = await browser.newPage();
  await desk.goto(`${server.url}/service/phones`);
  await expect(desk.getByTestId('certificate')).toContainText(/([0-9A-F]{2}:){31}[0-9A-F]{2}/);
  await desk.getByRole('button', { name: 'Pair another phone' }).click();
  const shown = desk.getByTestId('pairing-code');
  await expect(shown.getByRole('img')).toBeVisible();
  const code = (await shown.getByText(/^\d{6}$/).innerText()).trim();
  const { url } = (await (await desk.request.get(`${server.url}/api/phones`)).json()) as { url: string };

  // The phone asks once whether it may trust the workshop's own certificate: here it may.
  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 800 }, ignoreHTTPSErrors: true })
  ).newPage();
  await phone.goto(url);
  await expect(phone.getByText('Is this phone paired?')).toBeVisible();
  await expect(
    phone.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Parts' }),
  ).toHaveCount(0);
  await phone.goto(`${url}/pair#${code}`);
  await phone.getByLabel('What this phone is called').fill('Una’s');
  await phone.getByRole('button', { name: 'Pair it' }).click();
  await expect(phone.getByTestId('due-list')).toContainText('Scale housing, hive 4');
  // Grades stand there by their names, and nothing is asked that a phone may not ask.
  const refused: string[] = [];
  phone.on('response', r => void (r.status() === 403 && refused.push(r.url())));
  await phone.goto(url);
  await expect(phone).toHaveURL(/\/service$/);
  await phone.getByText('All of it', { exact: true }).click();
  await expect(phone.getByTestId('placed-table')).toContainText('Wherrybank');
  await expect(phone.getByText('Read a trial')).toBeVisible();
  // What a phone may not fetch is not offered to it.
  await expect(phone.locator('a[download]')).toHaveCount(0);
  await phone.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Fix' }).click();
  await phone.getByTestId('symptom-ringing').click();
  await expect(phone.getByTestId('fix-kept')).toHaveText('Kept in the workshop');
  expect(refused).toEqual([]);
  // By its tag, as a label leads to it.
  await phone.goto(`${url}/s/knob`);
  await expect(phone.getByRole('heading', { name: 'Crank knob' })).toBeVisible();
  await big(phone, 'So it is', '● fine');
  await phone.getByRole('button', { name: 'Take the look' }).click();
  await expect(phone.getByTestId('service-page')).toBeVisible();

  // Beside looks it reads open trials: the next cell, a slip asked about, taken, and taken back.
  await phone.getByRole('link', { name: 'Read a trial' }).click();
  const bench = phone.getByTestId('phone-bench');
  await expect(bench).toContainText(/piece \d of \d/);
  const figure = bench.getByRole('textbox').last();
  await figure.fill('nothing');
  await bench.getByRole('button', { name: 'Take it' }).click();
  await expect(bench.getByTestId('reading-problem')).toBeVisible();
  await choose(phone, 'What is read', 'Mass');
  await figure.fill('14.2');
  await bench.getByRole('button', { name: 'Take it' }).click();
  await expect(bench.getByTestId('last-reading')).toContainText('mass: 14.2 g');
  await bench.getByRole('button', { name: 'Undo' }).click();
  await expect(bench.getByTestId('last-reading')).toHaveCount(0);

  await desk.reload();
  const row = desk.getByTestId('phone-row').filter({ hasText: 'Una’s' });
  await row.getByRole('button', { name: 'Withdraw it' }).click();
  await desk.getByRole('dialog').getByRole('button', { name: 'Withdraw it' }).click();
  await expect(row).toContainText('withdrawn');
  await phone.goto(`${url}/service`);
  await expect(phone.getByText('Is this phone paired?')).toBeVisible();
  await desk.close();
  await phone.close();
});

test('what is out there goes out as labels, as a calendar and as a table; curves stand by words', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/parts`);
  await expect(page.getByTestId('due-notice')).toContainText(
    '1 part out there is overdue, 3 to look at this week',
  );
  await page.keyboard.press('g');
  await page.keyboard.press('v');
  await page.getByText('How long it lasts', { exact: true }).click();
  const groups = page.getByTestId('evidence-group');
  await expect(groups.filter({ hasText: /^PLA/ })).toContainText('2 of 3 failed: 67 % bent out of shape');
  await expect(groups.filter({ hasText: /^ASA/ })).toContainText('at least 37 % do, at 95 %');
  await expect(groups.filter({ hasText: 'not known which' })).toContainText('So few are a hint');
  await groups.filter({ hasText: /^PLA/ }).getByRole('button').click();
  await expect(page.getByRole('img', { name: /^PLA: 2 of 3 failed/ })).toBeVisible();
  // What rests on a single part is one line, until it is opened.
  await expect(groups.filter({ hasText: /^ABS/ })).toHaveCount(0);
  await page.getByTestId('single-groups').click();
  await expect(groups.filter({ hasText: /^ABS/ })).toContainText('1 of 1 have stood');
  await page.getByRole('button', { name: 'Labels' }).click();
  await expect(page.getByTestId('label')).toHaveCount(10);
  await expect(page.getByTestId('label').first().getByRole('img')).toBeVisible();
  const calendar = await (await page.request.get(`${server.url}/api/service/due.ics`)).text();
  expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(10);
  // Opened by itself, the page names the parts that groups stand for.
  await page.goto(`${server.url}/service`);
  await page.getByText('How long it lasts', { exact: true }).click();
  await segment(page, 'Part');
  await expect(groups.filter({ hasText: 'Hive-stand levelling foot' })).toHaveCount(1);
  // The story of one part goes out as text and as a sheet.
  await page.getByText('All of it', { exact: true }).click();
  await page
    .getByRole('link', { name: /^Float, the trough/ })
    .first()
    .click();
  const saved = page.waitForEvent('download');
  await page.getByTestId('placed-page').getByRole('button', { name: 'Markdown' }).click();
  expect(readFileSync(await (await saved).path(), 'utf8')).toContain('| When | It was | Seen |');
  const opened = page.waitForEvent('popup');
  await page.getByRole('button', { name: 'Open the sheet to print' }).click();
  await expect((await opened).getByRole('heading', { name: 'Its story' })).toBeVisible();
  await page.goto(`${server.url}/library/pla`);
  await expect(page.getByTestId('own-lesson')).toContainText('2 bent out of shape');
});

test('a part that winters indoors, with a spare broken on purpose; a model that is judged otherwise here', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/service/new`);
  const form = page.getByTestId('place-page');
  await form.getByLabel('What it is called').fill('Gate latch by the pond');
  await choose(form, 'What it is made of', 'PETG');
  await choose(form, 'It bears', 'something that moves it');
  await form.getByLabel('Out since').click();
  await form.getByLabel('Out since').fill('1 Jun 2024');
  await page.keyboard.press('Enter');
  await form.getByLabel(/^A bought one costs/).fill('12.5');
  await form.getByLabel('A fresh one broke at, N').fill('200');
  await form.getByLabel('Freezes and thaws, times a year').fill('40');
  await form.getByRole('button', { name: 'It was taken in for a while' }).click();
  const day = async (label: string, typed: string): Promise<void> => {
    await form.getByLabel(label).click();
    await form.getByLabel(label).fill(typed);
    await page.keyboard.press('Enter');
  };
  await day('Taken in, 1', '1 Nov 2025');
  await day('Out again, 1', '1 Mar 2025');
  await expect(form.getByTestId('pauses').getByRole('alert')).toContainText('must not be before 2025-11-01');
  await day('Out again, 1', '1 Mar 2026');
  await expect(form.getByTestId('pauses').getByRole('alert')).toHaveCount(0);
  await form.getByRole('button', { name: 'Place it' }).click();
  const placed = page.getByTestId('placed-page');
  await expect(placed).toContainText('1 Nov 2025 to 1 Mar 2026');
  await expect(placed).toContainText('a bought one for €12.5');
  await expect(placed).toContainText('freezes 40 times a year');

  await page.getByRole('button', { name: 'Look at it' }).click();
  const look = page.getByTestId('look-form');
  await look.getByLabel('Worn away where it slides or hums, mm').fill('0.4');
  await look.getByLabel(/^A spare of the same age broke at/).fill('100');
  await big(look, 'So it is', '● fine');
  await look.getByRole('button', { name: 'Take the look' }).click();
  await expect(page.getByTestId('service-page')).toBeVisible();
  await page.getByText('All of it', { exact: true }).click();
  await choose(page, 'In the order of', 'what it is made of');
  await page.getByTestId('placed-table').getByRole('link', { name: 'Gate latch by the pond' }).click();
  await expect(page.getByTestId('strength-kept')).toContainText('50 % after');
  await expect(page.getByTestId('strength-kept')).toContainText('half is left after about');
  await expect(page.getByTestId('look-line')).toContainText('worn by 0.4 mm; a spare broke at 100 N');

  // What parts in service say of a model is taken over for this workshop, said beside each ranking, and taken back.
  await page.goto(`${server.url}/service`);
  await page.getByText('Predictions checked', { exact: true }).click();
  const trust = page.getByTestId('model-trust');
  const scale = trust.getByRole('button', { name: /^Judge so here: life in the sun × / });
  const said = (await scale.innerText()).replace('Judge so here: ', '');
  await scale.click();
  await expect(trust.getByTestId('accepted-scales')).toContainText(said);
  await openRank(page, server.url, 'Hive-scale housing');
  await expect(page.getByTestId('scales-line')).toContainText(said);
  await page.getByTestId('scales-line').getByRole('link').click();
  await page.getByText('Predictions checked', { exact: true }).click();
  await trust.getByRole('button', { name: 'Take it back' }).click();
  await expect(trust.getByTestId('accepted-scales')).toHaveCount(0);
  await openRank(page, server.url, 'Hive-scale housing');
  await expect(page.getByTestId('scales-line')).toHaveCount(0);
});

test('the map shows where parts are; places are drawn, named and moved, and all of it can be taken back', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/service`);
  await page.getByText('Map', { exact: true }).click();
  const panel = page.getByTestId('map-panel');
  const sheet = panel.getByTestId('map-sheet');
  // Every part of the demo stands in the place that it is said to be at.
  await expect(sheet.getByTestId('map-mark')).toHaveCount(14);
  await expect(panel.getByTestId('map-off')).toHaveCount(0);
  await sheet
    .getByRole('button', { name: /^Float, the trough/ })
    .first()
    .click();
  await expect(panel.getByTestId('map-chosen')).toContainText('Trough by the gate');

  await panel.getByRole('button', { name: 'Draw on it' }).click();
  const van = sheet.getByRole('button', { name: /^Place: The van\./ });
  const left = (locator: typeof van): Promise<string> => locator.evaluate(e => (e as HTMLElement).style.left);
  await van.focus();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(() => left(van)).toBe('78%');
  // A place that is removed leaves its parts off the map, from where one is put back by itself.
  await panel.getByRole('button', { name: 'Remove the place' }).click();
  await expect(panel.getByTestId('map-off')).toContainText('Press one to put it on');
  await expect(sheet.getByTestId('map-mark')).toHaveCount(12);
  await panel.getByTestId('map-off').getByRole('button').first().click();
  await expect(sheet.getByTestId('map-mark')).toHaveCount(13);
  // A place is drawn over free ground by hand: it takes the name that waits for one.
  await sheet.scrollIntoViewIfNeeded();
  const box = (await sheet.boundingBox())!;
  const to = (x: number, y: number): Promise<void> =>
    page.mouse.move(box.x + x * box.width, box.y + y * box.height);
  await to(0.8, 0.58);
  await page.mouse.down();
  await to(0.9, 0.65);
  await to(0.97, 0.7);
  await page.mouse.up();
  await expect(sheet.getByTestId('map-area')).toHaveCount(6);
  await expect(panel.getByLabel('This place is called')).toHaveValue('The van');
  await expect(sheet.getByTestId('map-mark')).toHaveCount(14);
  for (const count of [13, 12]) {
    await panel.getByRole('button', { name: 'Undo' }).click();
    await expect(sheet.getByTestId('map-mark')).toHaveCount(count);
  }
  await panel.getByRole('button', { name: 'Redo' }).click();
  await expect(panel.getByRole('status').filter({ hasText: 'Saved.' })).toBeVisible();
  await page.reload();
  await expect(sheet.getByTestId('map-mark')).toHaveCount(13);

  // Another map begins blank, takes a name, and goes for good.
  await panel.getByRole('button', { name: 'Another map' }).click();
  await panel.getByLabel('What the map is called').fill('The shelf');
  await panel.getByRole('button', { name: 'Done' }).click();
  await choose(panel, 'Map', 'The co-op’s ground');
  await expect(sheet.getByTestId('map-mark')).toHaveCount(13);
  await choose(panel, 'Map', 'The shelf');
  await panel.getByRole('button', { name: 'Draw on it' }).click();
  await panel.getByRole('button', { name: 'Remove the map' }).click();
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(panel.getByText('The co-op’s ground')).toBeVisible();
});
