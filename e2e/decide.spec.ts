import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Page } from '@playwright/test';
import { expect, test, TestServer } from './server';
import { choose, segment } from './controls';

const root = resolve(import.meta.dirname, '..');
type Listed = { id: string; name: string; given: object; printerId: string };

async function openRank(page: Page, url: string, part: string): Promise<void> {
  await page.goto(url);
  await page.getByRole('link', { name: part }).click();
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  await expect(page.getByTestId('column').first()).toBeVisible();
}
const panel = (page: Page, name: string): Promise<void> => page.getByRole('tab', { name }).click();

test('a decision made by mouse, by keyboard and on the command line is the same record', async ({
  page,
  server,
}) => {
  const part = 'Van frame-rack peg';
  const reason = 'Bears the car in August.';
  const fill = async (): Promise<void> => {
    await page.getByTestId('decide-reason').fill(reason);
    await page.getByTestId('decide-who').fill('R. Thwaite');
  };
  await openRank(page, server.url, part);
  await page.getByRole('link', { name: 'Record the decision' }).click();
  await fill();
  await page.getByTestId('decide').click();
  await expect(page.getByTestId('decision')).toHaveCount(1);

  await page.locator('main').focus();
  await page.keyboard.press('g');
  await page.keyboard.press('d');
  // The form is folded once something is decided: the decision stands there, large.
  await expect(page.getByTestId('decided-panel')).toContainText(reason);
  await page.getByRole('button', { name: 'Decide again' }).press('Enter');
  for (
    let i = 0;
    i < 40 && !(await page.getByTestId('decide-reason').evaluate(el => el === document.activeElement));
    i++
  )
    await page.keyboard.press('Tab');
  await page.keyboard.type(reason);
  await page.keyboard.press('Tab');
  await expect(page.getByTestId('decide-who')).toHaveValue('R. Thwaite');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('decision')).toHaveCount(2);

  const get = async <T>(path: string): Promise<T> =>
    (await (await page.request.get(`${server.url}/api${path}`)).json()) as T;
  const listed = (await get<Listed[]>('/parts')).find(p => p.name === part)!;
  const printer = (await get<{ id: string; profile: object }[]>('/printers')).find(
    p => p.id === listed.printerId,
  )!;
  const decisions = await get<{ id: string; firstChoice: string; secondChoice: string }[]>(
    `/parts/${listed.id}/decisions`,
  );
  const [a, b] = await Promise.all(
    decisions.map(d => get<Record<string, unknown>>(`/parts/${listed.id}/decisions/${d.id}/record.json`)),
  );
  const file = (name: string, text: string): string => {
    const path = join(server.dataDir, name);
    writeFileSync(path, text);
    return path;
  };
  const c = JSON.parse(
    execFileSync(
      process.execPath,
      [
        join(root, 'packages/cli/bin/hornblende.mjs'),
        'decide',
        file('brief.json', JSON.stringify(listed.given)),
        '--printer',
        file('printer.json', JSON.stringify(printer.profile)),
        '--grades',
        file('grades.csv', await (await page.request.get(`${server.url}/api/grades/export.csv`)).text()),
        '--spools',
        file('spools.json', JSON.stringify((await get<{ spool: object }[]>('/spools')).map(s => s.spool))),
        '--humidity',
        String((await get<{ settings: { roomRhPct: number } }>('/workshop')).settings.roomRhPct),
        '--first',
        decisions[0]!.firstChoice,
        '--second',
        decisions[0]!.secondChoice,
        '--reason',
        reason,
        '--by',
        'R. Thwaite',
        '--json',
      ],
      { encoding: 'utf8', maxBuffer: 1 << 26 },
    ),
  ) as Record<string, unknown>;
  const same = (r: Record<string, unknown>): object => ({ ...r, decidedAt: '' });
  expect(same(b!)).toEqual(same(a!));
  expect(same(c)).toEqual(same(a!));
});

test('the report opens from disk without the server, fits A4 and Letter, and asks for nothing', async ({
  page,
}) => {
  const server = new TestServer();
  await server.start();
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Hive-stand levelling foot' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'HTML' }).click();
  const path = join(server.dataDir, 'report.html');
  await (await download).saveAs(path);
  // The page that is left may still be asking for something of its own.
  await page.goto('about:blank');
  await server.stop();
  const asked: string[] = [];
  page.on('request', r => {
    if (!r.url().startsWith('file:')) asked.push(r.url());
  });
  await page.goto(pathToFileURL(path).href);
  await expect(page.getByRole('heading', { name: 'Hive-stand levelling foot' })).toBeVisible();
  await expect(page.getByText('Stands in the sun for eight seasons')).toBeVisible();
  await expect(page.locator('svg')).toHaveCount(2);
  await expect(page.getByRole('row', { name: /^ABS ◐/ }).last()).toContainText('half gone');
  // What is as wide as the paper between its margins must not spill: 180 mm on A4, 186 mm on Letter, at 96
  // dots an inch.
  await page.emulateMedia({ media: 'print' });
  for (const mm of [180, 186]) {
    await page.setViewportSize({ width: Math.round((mm / 25.4) * 96), height: 1000 });
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
    ).toBeLessThanOrEqual(0);
  }
  for (const format of ['A4', 'Letter'])
    expect((await page.pdf({ format })).subarray(0, 5).toString()).toBe('%PDF-');
  expect(asked).toEqual([]);
  expect(readFileSync(path, 'utf8')).not.toContain('<script');
  server.dispose();
});

test('how sure: drawn in a worker while the page goes on, stopped, and begun again', async ({
  page,
  server,
}) => {
  await openRank(page, server.url, 'Solar wax melter latch');
  await panel(page, 'How sure');
  await expect(page.getByTestId('sure-words')).toHaveText(
    /^The first choice leads in \d+ of 100 draws; .+ in \d+\.$/,
  );
  await expect(page.getByTestId('how-sure')).toHaveText(/^first in \d+ of 100 draws$/);
  const words = await page.getByTestId('sure-words').innerText();
  // Another seed: other draws; meanwhile frames are drawn.
  await page.evaluate(() => {
    const w = window as unknown as { frames: number };
    w.frames = 0;
    const tick = (): void => {
      w.frames++;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  // Stopped the moment it can be, by the page itself: a quick machine is done before anyone looks from outside.
  await page.evaluate(() => {
    const w = window as unknown as { trying: string };
    w.trying = '';
    const watching = new MutationObserver(() => {
      const stop = [...document.querySelectorAll('button')].find(b => b.textContent.trim() === 'Stop');
      if (!stop) return;
      watching.disconnect();
      w.trying = stop.closest('[role=status]')?.textContent ?? stop.parentElement?.textContent ?? '';
      stop.click();
    });
    watching.observe(document.body, { childList: true, subtree: true });
  });
  await page.getByLabel('Seed').fill('77');
  await expect(page.getByText('Stopped.')).toBeVisible();
  expect(await page.evaluate(() => (window as unknown as { trying: string }).trying)).toContain(
    'Trying the ranking',
  );
  await page.getByRole('button', { name: 'Try the ranking in 20 000 draws' }).click();
  await expect(page.getByTestId('sure-words')).toBeVisible();
  expect(await page.evaluate(() => (window as unknown as { frames: number }).frames)).toBeGreaterThan(5);
  await page.getByLabel('Seed').fill('1');
  await expect(page.getByTestId('sure-words')).toHaveText(words);
});

test('what would change this: tried beside, never over, and taken only when asked', async ({
  page,
  server,
}) => {
  await openRank(page, server.url, 'Solar wax melter latch');
  await panel(page, 'What would change this?');
  const tips = page.getByTestId('tips');
  await expect(tips.getByRole('listitem').first()).toContainText('would lead');
  await tips
    .getByRole('button', { name: /^Try it: If the part reached/ })
    .first()
    .click();
  const what = page.getByTestId('what-if');
  await expect(what.getByRole('listitem').first()).toContainText('ASA');
  await expect(what).toContainText('As it is');
  await expect(page.getByTestId('first-choice')).toHaveText('ASA');
  const leads = /, (.+) would lead/.exec(await what.locator('b').first().innerText())?.[1] ?? '';
  await what.getByRole('button', { name: 'Take it into the brief' }).click();
  await expect(page.getByTestId('first-choice')).toHaveText(leads);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('first-choice')).toHaveText('ASA');
});

test('a machine that lacks warm air is told what an enclosure would let in', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Hive-scale housing' }).click();
  await choose(page, 'Printer', 'Shed bench, open');
  await page.getByRole('link', { name: 'Rank', exact: true }).click();
  await panel(page, 'What would change this?');
  await expect(page.getByText('What a purchase would let in')).toBeVisible();
  await expect(page.getByTestId('tips')).toContainText('would let');
});

test('weights: a layer is pulled, a key pressed, questions answered', async ({ page, server }) => {
  await openRank(page, server.url, 'Hive-stand levelling foot');
  const chart = page.getByRole('application');
  // What all in the running meet is folded; it is drawn again when it is asked for.
  await expect(page.getByTestId('met-by-all')).toContainText('All that stand as columns meet');
  await expect(chart).toContainText('met by all');
  await page.getByRole('button', { name: 'Draw these layers too' }).click();
  await expect(chart).not.toContainText('met by all');
  const edge = page.getByTestId('pull-heat').locator('rect');
  const box = (await edge.boundingBox())!;
  await page.mouse.move(box.x + 40, box.y + 5);
  await page.mouse.down();
  await page.mouse.move(box.x + 40, box.y - 18, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  const heat = async (): Promise<number> =>
    Number(/Heat\s*([\d.]+)/.exec((await chart.locator('text.label').first().textContent()) ?? '')?.[1]);
  expect(await heat()).toBeLessThan(4);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(heat).toBe(4);
  await chart.focus();
  await page.keyboard.press('-');
  await expect.poll(heat).toBe(3.5);
  await page.keyboard.press('+');
  await expect.poll(heat).toBe(4);

  await page.getByRole('button', { name: 'Weights' }).click();
  await page.getByRole('button', { name: 'Ask me questions instead' }).click();
  const trades = page.getByTestId('trades');
  await segment(trades.getByRole('radiogroup').first(), 'Yes');
  await expect(trades).toContainText('They amount to');
  await page.getByRole('button', { name: 'Use these weights' }).click();
  await expect(page.getByRole('button', { name: 'Reset to what the brief implies' })).toBeEnabled();
  await page.getByRole('button', { name: 'Reset to what the brief implies' }).click();
  await expect.poll(heat).toBe(4);
});

test('two are compared, the points of a criterion set, the schools seen side by side', async ({
  page,
  server,
}) => {
  await openRank(page, server.url, 'Hive-stand levelling foot');
  await panel(page, 'Compare two');
  await choose(page, 'First of the two', 'ASA');
  await choose(page, 'Second of the two', 'PC blend');
  await expect(page.getByTestId('compare-two')).toContainText(
    /ASA instead of PC blend gains .*, and gives up .*; in sum .* leads by|they are level/,
  );
  await panel(page, 'Scoring');
  await expect(page.getByTestId('first-choice')).toHaveText('ASA');
  await page.getByLabel('Comfortable Heat').fill('60');
  await expect(page.getByTestId('first-choice')).not.toHaveText('ASA');
  await page.getByLabel('Comfortable Heat').fill('-5');
  await expect(page.getByTestId('points').getByRole('alert')).toContainText('Heat');
  await page.getByTestId('points').getByRole('button', { name: 'Reset' }).click();
  await expect(page.getByTestId('first-choice')).toHaveText('ASA');
  await page.getByRole('button', { name: 'Side by side' }).click();
  await expect(page.getByTestId('schools')).toContainText('the worst of');
  await expect(page.getByTestId('schools')).toContainText('Field');
});

test('when library data change, the record says so and how', async ({ page, server }) => {
  await page.goto(`${server.url}/library/wherrybank-everyday-pla`);
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Frame-spacing jig' }).click();
  await expect(page.getByTestId('drift')).toContainText('the same answer');
  const { grade, revision } = (await (
    await page.request.get(`${server.url}/api/grades/wherrybank-everyday-pla`)
  ).json()) as { grade: { sheet: object }; revision: number };
  await page.request.put(`${server.url}/api/grades/wherrybank-everyday-pla`, {
    data: { grade: { ...grade, sheet: { ...grade.sheet, alphaPerK: 0.00025, pricePerKg: 90 } }, revision },
  });
  await page.reload();
  await expect(page.getByTestId('drift')).toContainText(
    'Library data changed since: PLA would lead now, Wherrybank Everyday PLA led then.',
  );
  await expect(page.getByTestId('drift')).toContainText('price');
});

test('in US units every sentence, ruler and point speaks them', async ({ page, server }) => {
  await page.goto(`${server.url}/settings`);
  await page.getByLabel('US: in, lbf, oz, °F').check();
  await openRank(page, server.url, 'Solar wax melter latch');
  await expect(page.getByTestId('gate-heat')).toContainText('needs 147 °F');
  await expect(page.getByTestId('ruler').first()).toContainText('147 °F');
  await panel(page, 'Compare two');
  await panel(page, 'Scoring');
  await expect(page.getByLabel('Comfortable Heat')).toHaveValue('18');
  await panel(page, 'What would change this?');
  await expect(page.getByTestId('tips')).toContainText('instead of 147 °F');
  await expect(page.locator('main')).not.toContainText('°C');
  await page.goto(`${server.url}/library/asa`);
  await expect(page.getByTestId('card')).toContainText('205 °F under a light load');
});
