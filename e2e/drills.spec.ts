import type { Page } from '@playwright/test';
import { expect, test } from './server';

/** The drill that is on, and what it asks. */
async function onDrill(page: Page): Promise<string> {
  await expect(page.getByTestId('drill-option').first()).toBeEnabled();
  return page.getByTestId('drill').getByRole('heading').innerText();
}

test('ten drills by keyboard: chosen, held to be so likely, told why, and kept', async ({ page, server }) => {
  await page.goto(`${server.url}/drills`);
  const begin = page.getByTestId('drills-begin');
  await expect(begin).toContainText('12 are new');
  await begin.getByLabel('A word that a class shares').fill('hornet');
  await page.keyboard.press('Enter');
  const asked: string[] = [];
  let right = 0;
  for (let n = 0; n < 10; n++) {
    asked.push(await onDrill(page));
    await page.keyboard.press('1');
    await expect(page.getByTestId('drill-option').first()).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('d');
    const answer = page.getByTestId('drill-answer');
    await expect(answer).toContainText(/Right\.|Not so\./);
    if ((await answer.innerText()).includes('Right.')) right++;
    // Once it is told, nothing of it changes any more.
    await page.keyboard.press('2');
    await expect(page.getByTestId('drill-option').nth(1)).toHaveAttribute('aria-pressed', 'false');
    await page.keyboard.press('Enter');
  }
  const end = page.getByTestId('round-end');
  await expect(end).toContainText(`${right} of 10 right, Brier score`);
  await expect(end.getByRole('listitem')).toHaveCount(10);
  expect(new Set(asked).size).toBeGreaterThan(5);
  const kept = (await (await page.request.get(`${server.url}/api/drills/answers`)).json()) as object[];
  expect(kept).toHaveLength(10);
  // The same word gives the same ten to whoever says it.
  await page.goto(`${server.url}/drills?class=Hornet`);
  await begin.getByRole('button', { name: 'Begin with it' }).click();
  expect(await onDrill(page)).toBe(asked[0]);
  await page.getByRole('button', { name: 'Stop here' }).click();
  await expect(begin).toContainText('You drilled on 1 of the last 7 days');
  await page.getByText('How sure', { exact: true }).click();
  await expect(page.getByTestId('calibration')).toContainText('10 answered');
});

test('a drill at 390 px by thumb opens its working and leads to where it can be felt', async ({
  page,
  server,
}) => {
  await page.setViewportSize({ width: 390, height: 800 });
  await page.goto(`${server.url}/drills`);
  await page.getByRole('button', { name: 'Drill it: How soft is half the depth' }).click();
  await onDrill(page);
  let missed = false;
  for (let n = 0; n < 10 && !missed; n++) {
    await page
      .getByTestId('drill-option')
      .nth(n % 4)
      .click();
    await page.getByTestId('drill-sure').filter({ hasText: '50 %' }).click();
    missed = (await page.getByTestId('drill-answer').innerText()).includes('Not so.');
    if (!missed) await page.getByRole('button', { name: /Next/ }).click();
  }
  const answer = page.getByTestId('drill-answer');
  expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
  await answer.getByRole('button', { name: 'Working' }).click();
  await expect(page.getByTestId('working')).toContainText('flex.indentation');
  await page.keyboard.press('Escape');
  await answer.getByRole('link', { name: 'Try it at the bench' }).click();
  await expect(page).toHaveURL(/workshop\/bench/);
});

test('the ladder knows what was printed well, says what to learn next, and gives the coupon for it', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/drills?side=ladder`);
  const ladder = page.getByTestId('ladder');
  const rung = (name: string): ReturnType<typeof ladder.getByRole> =>
    ladder.getByRole('listitem').filter({ has: page.getByRole('link', { name, exact: true }) });
  await expect(rung('PLA')).toContainText('● 3 well');
  await expect(rung('PETG')).toContainText('○ not yet');
  const next = page.getByTestId('ladder-next');
  await expect(next).toContainText('Next: PETG');
  const href = await next.getByRole('link', { name: /as STL/ }).getAttribute('href');
  const coupon = await page.request.get(`${server.url}${href}`);
  expect(coupon.ok()).toBe(true);
  expect((await coupon.body()).length).toBeGreaterThan(500);
  await ladder.getByRole('button', { name: /^All \d+ filaments/ }).click();
  await expect(rung('PEEK')).toContainText('○ not here');
  await expect(rung('ASA')).toContainText('4 well, 1 failed');
});
