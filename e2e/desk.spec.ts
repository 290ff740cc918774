import { expect, test } from './server';

test('the desk is locked by a pass phrase: nothing is shown until it is given, and nothing typed is lost', async ({
  page,
  server,
  browser,
}) => {
  await page.goto(`${server.url}/settings`);
  const panel = page.getByTestId('desk-panel');
  await panel.getByRole('button', { name: 'Set a pass phrase' }).click();
  const dialog = page.getByRole('dialog', { name: 'Set a pass phrase' });
  await dialog.getByLabel('The new one', { exact: true }).fill('honey in the shed');
  await dialog.getByLabel('The new one again').fill('honey in the shop');
  await dialog.getByTestId('form-save').click();
  await expect(dialog.getByRole('alert')).toContainText('The two are not the same.');
  await dialog.getByLabel('The new one again').fill('honey in the shed');
  await dialog.getByTestId('form-save').click();
  await expect(panel.getByRole('button', { name: 'Lock the desk now' })).toBeVisible();
  // This browser goes on; another one is asked.
  await page.goto(`${server.url}/parts`);
  await expect(page.getByRole('link', { name: 'Solar wax melter latch' })).toBeVisible();
  const context = await browser.newContext();
  const other = await context.newPage();
  await other.goto(`${server.url}/parts`);
  const locked = other.getByTestId('locked-desk');
  await expect(locked.getByRole('heading', { name: 'This desk is locked' })).toBeVisible();
  await expect(other.getByRole('link', { name: 'Solar wax melter latch' })).toHaveCount(0);
  await locked.getByLabel('Pass phrase').fill('honey');
  await locked.getByLabel('Pass phrase').press('Enter');
  await expect(locked).toContainText('The desk has another pass phrase.');
  await locked.getByLabel('Pass phrase').fill('honey in the shed');
  await locked.getByRole('button', { name: 'Open the desk' }).click();
  await other.getByRole('link', { name: 'Solar wax melter latch' }).click();
  // Locked while somebody types, what was typed is there again, and is saved.
  await other.getByRole('link', { name: 'Brief', exact: true }).click();
  const name = other.getByLabel('Name of the part');
  await expect(name).toBeVisible();
  await other.request.delete(`${server.url}/api/desk/session`);
  await name.fill('Latch of the melter');
  await name.blur();
  await expect(locked).toBeVisible();
  await expect(name).toBeHidden();
  await locked.getByLabel('Pass phrase').fill('honey in the shed');
  await locked.getByLabel('Pass phrase').press('Enter');
  await expect(name).toHaveValue('Latch of the melter');
  await expect(other.getByTestId('save-state')).toHaveText('Saved');
  await page.goto(`${server.url}/parts`);
  await expect(page.getByRole('link', { name: 'Latch of the melter' })).toBeVisible();
  // A dialog that stands open goes with the page.
  await other.goto(`${server.url}/settings`);
  await other.getByTestId('desk-panel').getByRole('button', { name: 'Change it' }).click();
  const open = other.getByRole('dialog', { name: 'Change the pass phrase' });
  await open.getByLabel('The present one').fill('honey in the shed');
  for (const label of ['The new one', 'The new one again'])
    await open.getByLabel(label, { exact: true }).fill('honey in the hive');
  await other.request.delete(`${server.url}/api/desk/session`);
  await open.getByTestId('form-save').click();
  await expect(locked).toBeVisible();
  await expect(open).toBeHidden();
  // Taken away, nobody is asked any more.
  await page.goto(`${server.url}/settings`);
  await panel.getByRole('button', { name: 'Take it away' }).click();
  await page.getByLabel('The present one').fill('honey in the shed');
  await page.getByTestId('form-save').click();
  await expect(panel.getByRole('button', { name: 'Set a pass phrase' })).toBeVisible();
  await expect(page.getByTestId('journal')).toContainText('The pass phrase of the desk was set');
  await context.close();
});
