import { expect, test } from './server';

// What stands above every page of a part: it may not move while one works, nor hide what matters.
for (const width of [1280, 1024])
  test(`the verdict bar keeps its height and its thinnest margin, at ${width} px`, async ({
    page,
    server,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(server.url);
    await page.getByRole('link', { name: 'Solar wax melter latch' }).click();
    const bar = page.getByLabel('Verdict', { exact: true });
    await expect(bar.getByText('draws')).toBeVisible();
    const height = async (): Promise<number> => Math.round((await bar.boundingBox())!.height);
    const first = await height();
    for (const stage of ['Rank', 'Decision', 'Print card', 'Brief']) {
      await page.getByRole('link', { name: stage, exact: true }).click();
      await expect(page).toHaveURL(new RegExp(`/(rank|decision|card|brief)$`));
      expect(await height(), stage).toBe(first);
      await expect(bar.getByText('Thinnest margin')).toBeVisible();
    }
    // Another winner, another margin, and nothing at all: the page beneath does not jump.
    const temperature = page.getByLabel('The part reaches');
    for (const [typed, winner] of [
      ['40 C', /\w/],
      ['120 C', /\w/],
      ['300 C', 'Nothing fits'],
    ] as const) {
      await temperature.fill(typed);
      await temperature.press('Tab');
      await expect(page.getByTestId('first-choice')).toHaveText(winner);
      expect(await height(), typed).toBe(first);
    }
  });

test('a long name of a part is not cut, wherever it stands', async ({ page, server }) => {
  const name = 'Bracket for the upper rail of the second extractor, left side, with the cable guide';
  const made = await page.request.post(`${server.url}/api/parts`, {
    data: { brief: { format: 'hornblende-brief', version: 1, name } },
  });
  const { id } = (await made.json()) as { id: string };
  for (const width of [1280, 1024, 390]) {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(`${server.url}/parts/${id}/brief`);
    const title = page.getByLabel('Name of the part');
    await expect(title).toHaveValue(name);
    const cut = await title.evaluate(
      el => el.scrollWidth > el.clientWidth + 1 || el.scrollHeight > el.clientHeight + 4,
    );
    expect(cut, `${width} px`).toBe(false);
    await page.goto(`${server.url}/parts`);
    const link = page.getByRole('link', { name });
    await expect(link).toBeVisible();
    expect(
      await link.evaluate(
        el => el.scrollWidth <= el.clientWidth + 1 || getComputedStyle(el).display === 'inline',
      ),
    ).toBe(true);
  }
});
