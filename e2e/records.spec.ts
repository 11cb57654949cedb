import { expect, test, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { TestServer } from './server';

const server = new TestServer();

test.beforeAll(() => server.startDemo());
test.afterAll(() => server.stop());

// Each goes on from what the one before left.
test.describe.configure({ mode: 'serial' });

const row = (page: Page, text: string) => page.getByRole('row').filter({ hasText: text });

test('what is removed says what goes along, and comes back from the bin', async ({ page }) => {
  await server.visit(page, '/papers');
  await page.getByRole('button', { name: 'remove Bakery orders' }).click();
  await expect(page.getByText(/Bakery orders.* is in the bin/)).toBeVisible();
  await page.getByRole('button', { name: 'undo' }).click();
  await expect(row(page, 'Bakery orders')).toBeVisible();

  await page.getByRole('button', { name: 'remove Crates by the wagon' }).click();
  await expect(row(page, 'Crates by the wagon')).toContainText('1 sitting, 16 scripts, 160');
  await page.getByRole('button', { name: 'remove all of it' }).click();
  await expect(row(page, 'Crates by the wagon')).toHaveCount(0);
  await server.visit(page, '/results');
  await expect(page.getByText('Crates by the wagon')).toHaveCount(0);
  await server.visit(page, '/records/bin');
  await page.getByRole('button', { name: 'Bring back Crates by the wagon' }).click();
  await expect(page.getByText('Crates by the wagon: sharing out is back.')).toBeVisible();
  await server.visit(page, '/results');
  await page.getByRole('link', { name: /Crates by the wagon/ }).click();
  await expect(page.getByRole('heading', { name: /9 Slate/ })).toBeVisible();

  // A class that was the wrong one is taken back while nothing is marked.
  await server.visit(page, '/papers/6');
  await page.getByRole('button', { name: 'A class sits it' }).click();
  await page.getByRole('button', { name: 'Make the pile of scripts' }).click();
  await page.waitForURL(/\/marking\/\d+/);
  await server.visit(page, '/marking');
  await page.getByRole('button', { name: /^remove.*Bakery orders/ }).click();
  await expect(page.getByRole('link', { name: /Bakery orders/ })).toHaveCount(0);
});

test('a pupil is in one record, and erased keeps the marks of the class', async ({ page }) => {
  await server.visit(page, '/classes/2');
  const [pupil] = await page.locator('ol a').allInnerTexts();
  await page.getByRole('link', { name: pupil!, exact: true }).click();
  await expect(page.getByRole('heading', { name: pupil! })).toBeVisible();
  const started = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save as JSON' }).click();
  const file = await (await started).path();
  const record = JSON.parse(readFileSync(file, 'utf8'));
  expect(record.name).toBe(pupil);
  expect(record.papers.length).toBeGreaterThan(1);
  const totals = () => page.locator('table tbody td:last-child').allInnerTexts();
  await server.visit(page, '/results/1');
  const before = (await totals()).sort();
  await page.goBack();
  await page.getByRole('button', { name: /erase this pupil/ }).click();
  await page.getByRole('button', { name: `Erase ${pupil}` }).click();
  await page.waitForURL(/\/classes\/2$/);
  await expect(page.getByText(pupil!)).toHaveCount(0);
  await server.visit(page, '/results/1');
  await expect(page.getByText('No name').first()).toBeVisible();
  expect((await totals()).sort()).toEqual(before);
});

test('a backup is made by one press, and restored gives what stood there', async ({ page }) => {
  await server.visit(page, '/records/backups');
  await page.getByRole('button', { name: 'Make a backup now' }).click();
  await expect(page.getByText('was opened to see that it is sound')).toBeVisible();
  await server.visit(page, '/classes/3');
  await page.getByRole('button', { name: 'remove the class' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Remove the class' }).click();
  await expect(page.getByText('9 Slate is in the bin.')).toBeVisible();
  await server.visit(page, '/records/backups');
  await row(page, 'by hand')
    .getByRole('button', { name: /restore/ })
    .click();
  await page.getByRole('button', { name: 'Restore it' }).click();
  await expect(page.getByText(/Everything is as it was on/)).toBeVisible();
  await expect(row(page, 'before a restore')).toBeVisible();
  await server.visit(page, '/classes');
  await expect(page.getByRole('link', { name: '9 Slate' })).toBeVisible();
});

test('the file of a backup is sent in pieces and restored; another file is refused with the reason', async ({
  page
}) => {
  await server.visit(page, '/records/backups');
  const saved = page.waitForEvent('download');
  await row(page, 'by hand').getByRole('link', { name: 'save the file' }).first().click();
  const file = await (await saved).path();
  await page.getByRole('button', { name: 'Restore this file' }).click();
  await expect(page.getByText('Choose the file of a backup.')).toBeVisible();
  const choose = page.getByLabel('File of a backup');
  await choose.setInputFiles({
    name: 'lamps.tar.gz',
    mimeType: 'application/gzip',
    // More than one piece.
    buffer: Buffer.alloc(9_000_000, 'lamp oil')
  });
  await page.getByRole('button', { name: 'Restore this file' }).click();
  await expect(page.getByText(/cannot be unpacked/)).toBeVisible();
  await choose.setInputFiles(file);
  await page.getByRole('button', { name: 'Restore this file' }).click();
  await expect(page.getByText(/Everything is as it was on/)).toBeVisible();
});

test('a name typed while the server is away is added once when it is back', async ({ page }) => {
  await server.visit(page, '/classes/1');
  await server.kill();
  await page.getByLabel('Add a pupil, or paste a list').fill('Gale, Nessa');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/does not answer/)).toBeVisible();
  await server.start();
  await expect(page.getByRole('link', { name: 'Nessa Gale' })).toHaveCount(1);
  await expect(page.getByLabel('Add a pupil, or paste a list')).toHaveValue('');
});

test('two windows change the house style without taking each other back', async ({
  page,
  context
}) => {
  const other = await context.newPage();
  const choose = (window: Page, question: string, word: string) =>
    window.getByRole('group', { name: question }).getByText(word, { exact: true }).click();
  await server.visit(page, '/house-style');
  await server.visit(other, '/house-style');
  await choose(page, 'The first place is called', 'units');
  await expect(page.getByText('● Saved')).toBeVisible();
  await choose(other, 'The answer stands between', 'two rules');
  await expect(other.getByText('● Saved')).toBeVisible();
  await expect(other.getByRole('radio', { name: 'units' })).toBeChecked();
  // Where both chose otherwise, both are shown and one is taken.
  await choose(page, 'Making a ten is called', 'carry and borrow');
  await expect(page.getByText('● Saved')).toBeVisible();
  await choose(other, 'Making a ten is called', 'regroup');
  const clash = other.getByRole('alertdialog');
  await expect(clash).toContainText('carry and borrow');
  await expect(clash).toContainText('regroup');
  await clash.getByRole('button', { name: 'Take what is there' }).click();
  await server.visit(other, '/house-style');
  await expect(other.getByRole('radio', { name: 'carry and borrow' })).toBeChecked();
  await expect(other.getByRole('radio', { name: 'two rules' })).toBeChecked();
});
