import { expect, test } from '@playwright/test';
import { TestServer } from './server';

test('a kill −9 right after an acknowledged save loses nothing, and Ctrl-C ends cleanly', async ({
  page,
}) => {
  const server = new TestServer();
  try {
    await server.start();
    await page.goto(server.url);
    await page.getByRole('link', { name: 'Van frame-rack peg' }).click();
    const saved = page.waitForResponse(r => r.request().method() === 'PUT' && r.ok());
    await page.getByLabel('Service life').fill('7 years');
    await saved;
    await server.stop('SIGKILL');
    await server.start();
    await page.reload();
    await expect(page.getByLabel('Service life')).toHaveValue('7 years');
    expect(await server.stop('SIGINT')).toBe(0);
  } finally {
    await server.stop('SIGKILL');
    server.dispose();
  }
});

test('with a full disk the page says so in a sentence, keeps what was typed, and saves when there is room', async ({
  page,
}) => {
  const server = new TestServer();
  try {
    await server.start();
    await page.goto(server.url);
    await page.getByRole('link', { name: 'Van frame-rack peg' }).click();
    const message = 'is full: nothing was saved. Make room on it and save again';
    await page.route('**/api/parts/*', (route, request) =>
      request.method() === 'PUT'
        ? route.fulfill({ status: 507, json: { errors: [{ field: '(disk)', value: null, message }] } })
        : route.fallback(),
    );
    await page.getByLabel('Service life').fill('9 years');
    await expect(
      page.getByRole('alert').filter({ hasText: 'The disk is full: nothing was saved' }),
    ).toBeVisible();
    await expect(page.getByLabel('Service life')).toHaveValue('9 years');
    await page.unroute('**/api/parts/*');
    await expect(page.getByTestId('save-state')).toHaveText('Saved');
    await page.reload();
    await expect(page.getByLabel('Service life')).toHaveValue('9 years');
  } finally {
    await server.stop('SIGKILL');
    server.dispose();
  }
});

test('what is typed while the server is away is kept, and saved when it is back', async ({ page }) => {
  const server = new TestServer();
  try {
    await server.start();
    await page.goto(server.url);
    await page.getByRole('link', { name: 'Van frame-rack peg' }).click();
    await expect(page.getByLabel('Service life')).toHaveValue('4 years');
    await server.stop('SIGKILL');
    await page.getByLabel('Service life').fill('3 years');
    await expect(page.getByTestId('save-state')).toHaveText('Not saved');
    await server.start();
    await page.reload();
    await expect(page.getByLabel('Service life')).toHaveValue('3 years');
    await expect(page.getByTestId('save-state')).toHaveText('Saved');

    // And without a reload: the page finds the server again by itself.
    await server.stop('SIGKILL');
    await page.getByLabel('Service life').fill('2 years');
    await expect(page.getByTestId('save-state')).toHaveText('Not saved');
    await server.start();
    await expect(page.getByTestId('save-state')).toHaveText('Saved');
  } finally {
    await server.stop('SIGKILL');
    server.dispose();
  }
});
