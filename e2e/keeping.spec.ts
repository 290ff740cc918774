import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from './server';

test('backed up, changed, and put back; every record is read through', async ({ page, server }) => {
  await page.goto(`${server.url}/settings`);
  await page.getByRole('button', { name: 'Back up now' }).click();
  // The day's own may come at any time: this one was asked for.
  const row = page.getByTestId('backup').filter({ hasText: 'asked for' });
  await expect(row).toContainText('10 parts, 3 decisions, 2 printers');
  await page.getByRole('button', { name: 'Read every record through' }).click();
  await expect(page.getByTestId('verified')).toContainText('all sound');

  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await page.getByRole('button', { name: 'More for Van frame-rack peg' }).click();
  await page.getByRole('menuitem', { name: 'Put away' }).click();
  await expect(page.getByTestId('part-row').filter({ hasText: 'Van frame-rack peg' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Settings', exact: true }).click();
  await row.getByRole('button', { name: /^Restore the backup/ }).click();
  await expect(page.getByRole('dialog')).toContainText('set aside in its folder, not deleted');
  const reloaded = page.waitForEvent('load');
  await page.getByRole('button', { name: 'Restore it' }).click();
  await reloaded;
  await page.getByRole('link', { name: 'Parts', exact: true }).click();
  await expect(page.getByTestId('part-row').filter({ hasText: 'Van frame-rack peg' })).toHaveCount(1);
});

test('an archive goes out, shows what it would do, is taken over and taken back', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/settings`);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export everything' }).click();
  const path = join(server.dataDir, 'out.zip');
  await (await download).saveAs(path);

  // Changed here since: the archive has it otherwise.
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Van frame-rack peg' }).click();
  const saved = page.waitForResponse(r => r.request().method() === 'PUT' && r.ok());
  await page.getByLabel('Service life').fill('7 years');
  await saved;

  await page.goto(`${server.url}/settings`);
  await page.locator('input[type=file]').setInputFiles(path);
  const dialog = page.getByTestId('archive');
  await expect(dialog).toContainText('Van frame-rack peg (changed here since)');
  await expect(dialog.getByRole('row', { name: /^parts \d/ })).toContainText('9');
  await dialog.getByRole('radio', { name: 'Take the archive’s' }).check();
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(dialog).toContainText('● 0 records added');
  const part = async (): Promise<number> => {
    const list = (await (await page.request.get(`${server.url}/api/parts`)).json()) as {
      name: string;
      brief: { lifeYears: number };
    }[];
    return list.find(p => p.name === 'Van frame-rack peg')!.brief.lifeYears;
  };
  expect(await part()).not.toBe(7);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(dialog).toContainText('The import was taken back');
  expect(await part()).toBe(7);
});

test('a file that is no archive says so; a damaged workshop says so on every page', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/settings`);
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'x.zip', mimeType: 'application/zip', buffer: Buffer.from('no zip') });
  await expect(page.getByTestId('archive')).toContainText(
    'is no zip with anything in it, or is cut short. Nothing was written.',
  );

  await server.stop();
  const file = join(server.dataDir, 'hornblende.db');
  const bytes = readFileSync(file);
  // Far enough in to leave the schema readable.
  bytes.fill(0xa5, Math.floor(bytes.length * 0.6));
  writeFileSync(file, bytes);
  await server.start(false);
  for (const path of ['/library', '/workshop', '/settings']) {
    await page.goto(server.url + path);
    await expect(page.getByRole('alert').filter({ hasText: 'file is damaged' })).toBeVisible();
  }
  await expect(page.getByRole('heading', { name: 'Backups' })).toBeVisible();
});
