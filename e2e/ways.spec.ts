import { expect, test } from '@playwright/test';
import { readPdf } from '../scripts/test/pdf-text';
import { TestServer, whenLive } from './server';

const server = new TestServer();

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

test('a choosing rung is printed with its ways, and the desk marks the way apart from the answer', async ({
  page
}) => {
  const reply = await page.request.get(`${server.url}/papers/14/print?kind=paper`);
  const text = (await readPdf(await reply.body())).texts.join(' ').replace(/\s+/g, ' ');
  expect(text).toContain('Choose a way, write its name, and work the sum.');
  expect(text).toContain('Adding: from the left, making up, near multiple, near double');

  await server.visit(page, '/marking/12');
  const answer = page.getByRole('textbox', { name: 'Answer' });
  const way = page.getByRole('textbox', { name: 'Way' });
  const entry = page.getByRole('region', { name: 'Entry' });
  const verdicts = page.getByRole('region', { name: 'Verdict and marks' });
  const key = await verdicts.locator('.key strong').allInnerTexts();
  await answer.fill(key[0]!);
  await answer.press('Enter');
  await expect(way).toBeFocused();
  // The beginning of its words will do, and what is read is shown.
  await way.fill('on pa');
  await expect(entry.getByText('on paper', { exact: true })).toBeVisible();
  await expect(verdicts.getByRole('row', { name: /^B1/ })).toContainText('wrong');
  await expect(verdicts.getByRole('row', { name: /^A1/ })).toContainText('right');
  await way.fill(key[1]!);
  await expect(verdicts.getByRole('row', { name: /^B1/ })).toContainText('right');
  const name = await entry.getByRole('heading').innerText();
  await way.press('Enter');
  await expect(entry.getByRole('heading')).not.toHaveText(name);
  await expect(page.getByText('● saved', { exact: false }).first()).toBeVisible();
});

test('sheets are kept for a class, and scores and times are noted and last', async ({ page }) => {
  await server.visit(page, '/workshop/near-doubles/quick?sets=2&count=10');
  await page.getByLabel('Class').selectOption({ label: '7 Amber' });
  await page.getByRole('button', { name: 'Note scores and times' }).click();
  await page.waitForURL(/timed/);
  const cell = (name: string) => page.getByLabel(name);
  await cell('Alder Finch, A: right').fill('8');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.type('2:00');
  await page.keyboard.press('Tab');
  await page.keyboard.type('11');
  await page.keyboard.press('Tab');
  await expect(page.getByText('✗ 1 not saved')).toBeVisible();
  await cell('Alder Finch, B: right').focus();
  await expect(page.getByRole('alert')).toHaveText('The most here is 10.');
  await cell('Alder Finch, B: right').fill('9');
  await cell('Alder Finch, B: time').fill('90');
  await page.keyboard.press('Enter');
  await expect(page.getByText('● saved')).toBeVisible();
  const row = page.getByRole('row', { name: /Alder Finch/ });
  await expect(row).toContainText('6.0');
  await expect(row).toContainText('2.0 more');
  await page.reload();
  await whenLive(page);
  await expect(cell('Alder Finch, B: time')).toHaveValue('1:30');
  await page.getByRole('button', { name: 'remove' }).click();
  await expect(page.getByText('Timed practice: near doubles is in the bin.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Near doubles' })).toBeVisible();
});
