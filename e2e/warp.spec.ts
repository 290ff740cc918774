import { choose } from './controls';
import { expect, test } from './server';

test('warp is predicted, changed, and measured by bars of one’s own; a decision stays as it was', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Hive-stand levelling foot' }).click();
  // A decision stands from before any bar.
  await page.getByRole('link', { name: 'Decision', exact: true }).click();
  const record = page.getByText('Stands in the sun for eight seasons').first();
  await expect(record).toBeVisible();

  await page.getByRole('link', { name: 'Warp', exact: true }).click();
  const lab = page.getByTestId('warp-page');
  await choose(lab, 'Filament', 'ABS');
  const answer = lab.getByTestId('warp-answer');
  await expect(answer).toContainText('Over 70 mm it bows');
  const before = await answer.innerText();
  await lab.getByLabel('Length, mm').first().fill('200');
  await expect(answer).toContainText('Over 200 mm it bows');
  await expect(lab.getByTestId('remedies').getByRole('listitem').first()).toBeVisible();
  await lab.getByRole('button', { name: 'as it is' }).click();
  await expect(answer).toHaveText(before);
  await lab.getByText('Light to solid').click();
  await expect(lab.getByTestId('warp-sweep').getByRole('img').first()).toHaveAttribute(
    'aria-label',
    /^Light to solid: at 10 % plastic/,
  );

  // A slip is asked about; what is typed stays when the page goes away.
  const bench = lab.getByTestId('bar-bench');
  await bench.getByLabel('One end, mm').fill('7.0 7.1');
  await bench.getByLabel('Middle, mm').fill('8');
  await bench.getByLabel('Other end, mm').fill('7.2');
  await expect(bench.getByRole('alert')).toContainText('upside down');
  await page.reload();
  await choose(lab, 'Filament', 'ABS');
  await expect(bench.getByLabel('One end, mm')).toHaveValue('7.0 7.1');
  await bench.getByLabel('Middle, mm').fill('6');
  await expect(bench.getByRole('alert')).toHaveCount(0);
  await bench.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect(bench.getByTestId('calibration')).toContainText('By 1 bar of it');
  await expect(bench.getByTestId('measuring-effect')).toContainText('This part in ABS bows');
  await expect(bench.getByTestId('measuring-effect')).toContainText('The first choice stays');
  await expect(answer).not.toHaveText(before);
  await expect(bench.getByTestId('bars').getByRole('listitem')).toHaveCount(1);

  await page.getByRole('link', { name: 'Decision', exact: true }).click();
  await expect(record).toBeVisible();
  await page.getByRole('link', { name: 'Warp', exact: true }).click();
  await choose(lab, 'Filament', 'ABS');
  await bench.getByRole('button', { name: /^Take the bar/ }).click();
  await expect(bench.getByTestId('calibration')).toContainText('Nothing of ABS was measured');
  await expect(answer).toHaveText(before);
});

test('the door is compared, and a gauge tells what to type in; the card says it', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Solar wax melter latch' }).click();
  await page.getByRole('link', { name: 'Warp', exact: true }).click();
  const lab = page.getByTestId('warp-page');
  await choose(lab, 'Filament', 'PETG');
  const airs = lab.getByTestId('airs');
  await expect(airs.getByRole('listitem')).toHaveCount(3);
  await expect(airs).toContainText('door open');
  await expect(airs).toContainText('Warm air costs corners');
  await airs.getByRole('button').first().click();
  await expect(page.getByTestId('working')).toContainText('print.cooling');
  await page.keyboard.press('Escape');

  // Nothing of PETG was measured here: a file to print, readings, and what they come to.
  const bench = lab.getByTestId('gauge-bench');
  const download = page.waitForEvent('download');
  await bench.getByRole('link', { name: 'The gauge as STL' }).click();
  expect((await download).suggestedFilename()).toBe('gauge.stl');
  await bench.getByLabel('1 Its length').fill('4.7');
  await expect(bench.getByRole('alert')).toContainText('in inches');
  await bench.getByLabel('1 Its length').fill('119.5 119.52');
  await bench.getByLabel('2 Its width').fill('23.93');
  await bench.getByLabel('5 Wide hole').fill('about ten');
  await expect(bench.getByRole('button', { name: 'Take the gauge' })).toBeDisabled();
  await bench.getByLabel('5 Wide hole').fill('9.78');
  await page.reload();
  await choose(lab, 'Filament', 'PETG');
  await expect(bench.getByLabel('5 Wide hole')).toHaveValue('9.78');
  await bench.getByRole('button', { name: 'Take the gauge' }).click();
  await expect(bench.getByTestId('gauge-answer')).toContainText('To type in: 100.');
  await expect(bench.getByTestId('measuring-effect')).toContainText('This part in PETG is true to');
  await expect(bench.getByLabel('1 Its length')).toHaveValue('');

  await page.getByRole('link', { name: 'Print card', exact: true }).click();
  await choose(page.locator('main'), 'Filament', 'PETG');
  await expect(page.getByText('% along the plate').first()).toBeVisible();
});
