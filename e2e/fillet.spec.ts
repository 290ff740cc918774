import { choose } from './controls';
import { objFile } from './obj';
import { expect, test } from './server';

/** Two legs of 40 mm, 8 mm thick, at a right angle: its inner corner is the weak place. */
const angle = objFile(
  'angle.obj',
  [0, 20].flatMap(y => ['0 0', '40 0', '40 8', '8 8', '8 40', '0 40'].map(xz => xz.replace(' ', ` ${y} `))),
  [
    ...['1 2 3', '1 3 4', '1 4 5', '1 5 6', '7 9 8', '7 10 9', '7 11 10', '7 12 11'],
    ...[1, 2, 3, 4, 5, 6].map(i => `${i} ${i + 6} ${(i % 6) + 7} ${(i % 6) + 1}`),
  ],
);

test('the weak inner corner is pointed at, a radius is tried there, counted, and taken back', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Solar wax melter latch' }).click();
  await page.getByRole('link', { name: 'Shape', exact: true }).click();
  const shape = page.getByTestId('shape-page');
  await shape.locator('input[type=file]').setInputFiles(angle);
  const places = page.getByTestId('load-places');
  await choose(places, 'Load 1, held at', 'its left end (−X)');
  await choose(places, 'Load 1, acting at', 'its right end (+X)');
  const own = page.getByTestId('own-shape');
  await choose(own, 'Load 1, pulling', 'down (−Z)');
  await own.getByRole('button', { name: 'Work it out on the shape' }).press('Enter');
  const answer = own.getByTestId('own-shape-answer');
  await expect(answer).toContainText(/carries [\d.]+ times/);
  // Coarse cells do not see the corner: the fine answer does.
  await expect(own.getByLabel('Radius in that corner')).toBeVisible();
  await expect(own.getByRole('button', { name: 'Stop' })).toHaveCount(0);
  const before = Number(/carries ([\d.]+) times/.exec(await answer.innerText())![1]);
  await own.getByLabel('Radius in that corner').fill('6 mm');
  await own.getByRole('button', { name: 'Try it' }).press('Enter');
  const tried = own.getByTestId('fillet-answer');
  await expect(tried).toContainText('With a radius of 6 mm');
  const then = Number(/carry ([\d.]+) times/.exec(await tried.innerText())![1]);
  expect(then).toBeGreaterThan(1.1 * before);
  await own.getByRole('button', { name: 'Count the radius' }).press('Enter');
  await expect(answer).toContainText(`carries ${then} times`);
  await expect(own.getByTestId('fillet-counted')).toContainText('A radius of 6 mm is counted');
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  // It is one step for undo, and can be taken back by itself.
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(own.getByTestId('fillet-counted')).toHaveCount(0);
  await page.getByRole('button', { name: 'Redo', exact: true }).click();
  await own.getByTestId('fillet-counted').getByRole('button', { name: 'Take it back' }).click();
  await expect(own).toContainText('a bar stands for it until it is worked out again');
});
