import { expect, test } from '@playwright/test';
import { TestServer, whenLive } from './server';

const server = new TestServer();

test.beforeAll(() => server.start());
test.afterAll(() => server.stop());

test('a page of a script is uploaded and shown: a PDF drawn, a picture as it is, anything else refused', async ({
  page
}) => {
  await server.visit(page, `/classes`);
  await page.getByLabel('New class').fill('8 Tin');
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByLabel('Add a pupil').fill('Wren Hollow');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('1 pupil', { exact: true })).toBeVisible();
  await server.visit(page, `/papers`);
  await page.getByRole('button', { name: 'New practice' }).click();
  await page.waitForURL(/\/papers\/\d+/);
  const pdf = await (await page.request.get(`${page.url()}/print`)).body();
  await page.getByRole('button', { name: 'A class sits it' }).click();
  await page.getByRole('button', { name: 'Make the pile of scripts' }).click();
  await page.waitForURL(/\/marking\//);
  await page.waitForLoadState('networkidle');
  await whenLive(page);
  const file = page.getByLabel('Add pages of this script');
  await file.setInputFiles({
    name: 'page.pdf',
    mimeType: 'application/pdf',
    buffer: Buffer.from('no PDF')
  });
  await expect(page.getByText('A page is a PNG, a JPEG or a PDF file.')).toBeVisible();
  await file.setInputFiles({ name: 'page.pdf', mimeType: 'application/pdf', buffer: pdf });
  await expect(page.locator('[aria-label="Page of the script"] canvas').first()).toBeVisible();
  await file.setInputFiles({
    name: 'page.png',
    mimeType: 'image/png',
    buffer: await page.screenshot()
  });
  await page.getByRole('button', { name: 'page 2' }).click();
  await expect(page.getByRole('img', { name: 'Page 2 of the script' })).toBeVisible();

  // Files can be dropped as well, several at once.
  const png = (await page.screenshot()).toString('base64');
  const dropped = await page.evaluateHandle((bytes) => {
    const data = new DataTransfer();
    for (const name of ['third.png', 'fourth.png']) {
      const own = Uint8Array.from(atob(bytes), (one) => one.charCodeAt(0));
      data.items.add(new File([own], name, { type: 'image/png' }));
    }
    return data;
  }, png);
  await page
    .locator('label')
    .filter({ hasText: 'Add pages of this script' })
    .dispatchEvent('drop', { dataTransfer: dropped });
  await page.getByRole('button', { name: 'page 4' }).click();
  await expect(page.getByRole('img', { name: 'Page 4 of the script' })).toBeVisible();

  // A page belongs to its own sitting, and is shown under no other.
  const address = new URL(page.url()).pathname;
  await server.visit(page, `/papers/1`);
  await page.getByRole('button', { name: 'A class sits it' }).click();
  await page.getByLabel('Day').fill('2026-11-20');
  await page.getByRole('button', { name: 'Make the pile of scripts' }).click();
  await page.waitForURL(/\/marking\//);
  const other = new URL(page.url()).pathname;
  expect(other).not.toBe(address);
  const status = async (path: string) =>
    (await page.request.get(`${server.url}${path}/pages/1`)).status();
  expect([await status(address), await status(other)]).toEqual([200, 404]);
  const foreign = { scriptId: 1, partId: 3, version: 0, working: {}, isMarked: true, given: {} };
  const saved = await page.request.post(`${server.url}${other}/save`, { data: foreign });
  expect(saved.status()).toBe(404);
});
