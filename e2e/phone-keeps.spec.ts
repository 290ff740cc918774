import { chromium, type Browser, type Page } from '@playwright/test';
import { expect, test } from './server';

/** A browser that trusts the workshop's certificate, as a phone does that was told to. */
async function trusting(): Promise<Browser> {
  const { launchOptions } = test.info().project.use;
  return chromium.launch({
    ...launchOptions,
    args: [...(launchOptions?.args ?? []), '--ignore-certificate-errors'],
  });
}

async function paired(phone: Page, desk: Page, serverUrl: string): Promise<string> {
  await desk.goto(`${serverUrl}/service/phones`);
  await desk.getByRole('button', { name: 'Pair another phone' }).click();
  const code = (
    await desk
      .getByTestId('pairing-code')
      .getByText(/^\d{6}$/)
      .innerText()
  ).trim();
  const { url } = (await (await desk.request.get(`${serverUrl}/api/phones`)).json()) as { url: string };
  await phone.goto(`${url}/pair#${code}`);
  await phone.getByLabel('What this phone is called').fill('Una’s');
  await phone.getByRole('button', { name: 'Pair it' }).click();
  await expect(phone.getByTestId('due-list')).toContainText('Scale housing, hive 4');
  return url;
}

test('a phone that trusts the workshop opens without a network, takes a look, and sends it later', async ({
  page: desk,
  server,
}) => {
  await server.stop();
  await server.start(true, ['--share', '127.0.0.3']);
  const browser = await trusting();
  const context = await browser.newContext({ viewport: { width: 390, height: 800 } });
  let phone = await context.newPage();
  const url = await paired(phone, desk, server.url);
  await expect(phone.getByTestId('phone-keeps')).toContainText('This phone keeps these pages');
  await phone.evaluate(async () => void (await navigator.serviceWorker.ready));
  // What it is told while the worker listens is kept: the list, and a part that is opened.
  await phone.reload();
  await phone.getByText('Scale housing, hive 4').first().click();
  await expect(phone.getByRole('heading', { name: 'Scale housing, hive 4' })).toBeVisible();
  await expect(phone.getByTestId('as-kept')).toHaveCount(0);
  const address = phone.url();
  await phone.close();

  await server.stop();
  phone = await context.newPage();
  await phone.goto(url);
  await expect(phone.getByTestId('due-list')).toContainText('Scale housing, hive 4');
  await expect(phone.getByTestId('as-kept')).toContainText(
    'The workshop cannot be reached. This is as it was on',
  );
  await phone.goto(address);
  await expect(phone.getByRole('heading', { name: 'Scale housing, hive 4' })).toBeVisible();
  await phone.getByText('● fine', { exact: true }).click();
  await phone.getByRole('button', { name: 'Take the look' }).click();
  await expect(phone.getByText('Kept here; it is sent when')).toBeVisible();
  await phone.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Service' }).click();
  await expect(phone.getByTestId('looks-waiting')).toContainText('A look waits here to be sent');
  await phone.close();

  await server.start(true, ['--share', '127.0.0.3']);
  phone = await context.newPage();
  await phone.goto(url);
  const placed = new URL(address).pathname.split('/')[2];
  const looksOfIt = `${server.url}/api/placements/${placed}/inspections`;
  const lastLook = async (): Promise<unknown> =>
    ((await (await desk.request.get(looksOfIt)).json()) as unknown[])[0];
  await expect.poll(lastLook).toMatchObject({ verdict: 'fine', by: 'Una’s' });
  await expect(phone.getByTestId('due-list')).toContainText('Stand foot, hive 3, front left');
  await expect(phone.getByTestId('due-list')).not.toContainText('Scale housing, hive 4');
  await expect(phone.getByTestId('looks-waiting')).toHaveCount(0);
  await expect(phone.getByTestId('as-kept')).toHaveCount(0);

  // Withdrawn, it forgets what it kept when it next reaches the workshop.
  const keptLists = (): Promise<boolean> => phone.evaluate(() => caches.has('hornblende-asked'));
  expect(await keptLists()).toBe(true);
  const phones = (await (await desk.request.get(`${server.url}/api/phones`)).json()) as {
    phones: { id: string }[];
  };
  await desk.request.post(`${server.url}/api/phones/${phones.phones[0]!.id}/withdrawal`);
  await phone.goto(url);
  await expect(phone.getByText('Is this phone paired?')).toBeVisible();
  await expect.poll(keptLists).toBe(false);
  await browser.close();
});
