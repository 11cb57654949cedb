import { expect, test } from '@playwright/test';
import { readPdf } from '../scripts/test/pdf-text';
import { TestServer } from './server';

const server = new TestServer(4317);

test.beforeAll(() => server.startDemo());
test.afterAll(() => server.stop());

test('a sum is typed, its ways are weighed, one is stepped through, and sheets of it are printed', async ({
  page
}) => {
  await server.visit(page, '/workshop');
  await page.getByRole('link', { name: 'Ways of working a sum' }).click();
  const sum = page.getByLabel('Any sum of whole numbers');
  await sum.fill('174 + 179');
  await sum.press('Enter');
  await expect(page.getByText('tie, and none costs less.')).toBeVisible();
  await sum.fill('532 − 298');
  await sum.press('Enter');
  await expect(page.getByText('Cheapest is subtracting near a multiple.')).toBeVisible();
  const picture = page.getByRole('region', { name: 'Worked by Subtracting near a multiple' });
  // 232 is held while what was too much is found: with it four digits.
  await picture.getByRole('button', { name: 'Step back' }).click();
  await expect(picture.getByText('232', { exact: true }).last()).toBeVisible();
  await expect(picture.getByText('4 digits')).toBeVisible();
  await expect(page.getByText('298 is within 2 of a multiple of 100: 2 below 300.')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'How many sums suit' })).toBeVisible();
  await sum.fill('3.5 + x');
  await sum.press('Enter');
  await expect(page.getByText('Write whole numbers with')).toBeVisible();
  await page.goBack();
  await expect(sum).toHaveValue('532 − 298');

  await page.getByRole('link', { name: 'its items, and wrong answers to this one' }).click();
  await page.getByRole('link', { name: 'quick practice' }).click();
  await expect(page.getByRole('heading', { name: 'Quick practice' })).toBeVisible();
  await page.getByLabel('Sheets as hard as each other').selectOption('2');
  await page.getByLabel('Items on a sheet').fill('20');
  await page.keyboard.press('Tab');
  const items = page.locator('ol').getByRole('listitem');
  await expect(items).toHaveCount(20);
  const first = (await items.first().locator('.figures').first().innerText()).replace(/\s/g, '');
  const link = page.getByRole('link', { name: 'Sheets, answers on the fold' });
  const reply = await page.request.get(
    new URL((await link.getAttribute('href'))!, page.url()).href
  );
  expect(reply.status()).toBe(200);
  const pdf = await readPdf(await reply.body());
  expect(pdf.pages).toBe(2);
  expect(pdf.texts[0]!.replace(/\s/g, '')).toContain(first);
});
