import { expect, test } from './server';

/** A box as an OBJ, in whatever it is drawn in. */
function box(x: number, y: number, z: number): Buffer {
  const points = [0, 1, 2, 3, 4, 5, 6, 7].map(i => [i & 1 ? x : 0, i & 2 ? y : 0, i & 4 ? z : 0]);
  const faces = ['1 3 4 2', '5 6 8 7', '1 2 6 5', '3 7 8 4', '1 5 7 3', '2 4 8 6'];
  return Buffer.from([...points.map(p => `v ${p.join(' ')}`), ...faces.map(f => `f ${f}`)].join('\n'));
}

test('a part’s file fills the brief in one step; inches are asked about; what is no shape changes nothing', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Van frame-rack peg' }).click();
  await page.getByRole('button', { name: 'Shape and accuracy' }).click();
  const corners = page.getByLabel('Sharp corners on the plate');
  const volume = page.getByLabel('Volume of the model');
  const before = await volume.inputValue();
  const file = page.locator('[data-testid=shape-file] input[type=file]');

  await file.setInputFiles({ name: 'clip.obj', mimeType: 'model/obj', buffer: box(60, 20, 10) });
  await expect(page.getByTestId('shape-facts')).toContainText(
    '60 mm × 20 mm × 10 mm, 12 cm³, 4 sharp corners',
  );
  await expect(volume).toHaveValue('12 cm³');
  await expect(corners).toHaveValue('4');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(volume).toHaveValue(before);

  await file.setInputFiles({ name: 'clip.obj', mimeType: 'model/obj', buffer: box(2, 1, 0.5) });
  await expect(page.getByText('was it drawn in inches? Then it is 50.8 mm')).toBeVisible();
  await page.getByRole('button', { name: 'It is in inches' }).click();
  await expect(page.getByTestId('shape-facts')).toContainText('50.8 mm × 25.4 mm × 12.7 mm');
  await expect(volume).toHaveValue('16.4 cm³');

  await file.setInputFiles({
    name: 'clip.stl',
    mimeType: 'model/stl',
    buffer: Buffer.from('no shape at all'),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'clip.stl cannot be used' })).toContainText(
    'holds no triangle',
  );
  await expect(volume).toHaveValue('16.4 cm³');
});

test('a part that is larger than its printer is cut where its face is smallest, and what joins it is told', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Van frame-rack peg' }).click();
  await page.getByRole('button', { name: 'Shape and accuracy' }).click();
  const file = page.locator('[data-testid=shape-file] input[type=file]');
  await file.setInputFiles({ name: 'rail.obj', mimeType: 'model/obj', buffer: box(400, 30, 20) });
  await expect(page.getByTestId('shape-facts')).toContainText('400 mm × 30 mm × 20 mm');
  await page.getByRole('link', { name: 'Shape', exact: true }).click();
  const pieces = page.getByTestId('in-pieces');
  await expect(pieces).toContainText('It is larger than this printer prints');
  await pieces.getByRole('button', { name: 'Find where to cut it' }).click();
  await expect(pieces.getByRole('heading', { level: 3 })).toHaveText(/^Across X at \d+ mm: 2 pieces$/);
  await expect(pieces).toContainText('The face to join is 600 mm²');
  await expect(pieces.getByRole('row', { name: /glued with/ })).toContainText(/\d+ N to \d+ N/);
  await expect(pieces.getByRole('row', { name: /printed pins/ })).toContainText('bears no pull');
});
