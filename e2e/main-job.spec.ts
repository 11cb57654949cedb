import { expect, test, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { readPdf } from '../scripts/test/pdf-text';
import { TestServer, whenLive } from './server';

const server = new TestServer();

test.beforeAll(() => server.start());
test.afterAll(() => server.stop());

// Each goes on from what the one before left.
test.describe.configure({ mode: 'serial' });

/** Types into whatever has the focus, as a marker does without looking. */
async function type(page: Page, text: string, ...keys: string[]) {
  await page.keyboard.type(text);
  for (const key of keys) await page.keyboard.press(key);
}

test('from an empty database to results, and all of it again after a restart', async ({ page }) => {
  // A class list: what can be read is taken, what cannot is named and stays to be mended.
  await server.visit(page, `/`);
  await expect(page.getByRole('heading', { name: 'From a class list to results' })).toBeVisible();
  await server.visit(page, `/classes/import`);
  const paste = page.getByLabel('or its text');
  await paste.fill('name,class\nOona Fell,7 Amber\n,7 Amber\nBram Wick,7 Amber\n');
  await page.getByRole('button', { name: 'Look at it first' }).click();
  await expect(page.getByText('Line 3: There is no name.')).toBeVisible();
  await page.getByRole('button', { name: 'Add 2 pupils' }).click();
  await expect(page.getByText('2 pupils added')).toBeVisible();
  await expect(paste).toHaveValue(/^name,class\s+,7 Amber$/);
  await paste.fill('name,class\nTilda Mossop,7 Amber\n');
  await page.getByRole('button', { name: 'Look at it first' }).click();
  await page.getByRole('button', { name: 'Add 1 pupil' }).click();
  await expect(page.getByRole('heading', { name: '7 Amber' })).toBeVisible();

  // Controls with a live exact count: the published number for two 3-digit addends and two carries.
  const controls = { addends: 2, digits: 3, shortest: 3 };
  await server.visit(page, `/workshop/column-addition?controls=${JSON.stringify(controls)}`);
  await expect(page.getByTestId('count')).toHaveText(/810\s?000/);
  await page
    .getByRole('group', { name: /^Carries/ })
    .getByRole('button', { name: '2', exact: true })
    .click();
  await expect(page.getByTestId('count')).toHaveText(/291\s?600/);
  const impossible = page
    .getByRole('group', { name: /^Carries/ })
    .getByRole('button', { name: /^4/ });
  await expect(impossible).toContainText('impossible');
  // It says what blocks it, and offers what would allow it.
  await impossible.click();
  const refused = page.getByRole('status').filter({ hasText: 'carries 4 is blocked by digits 3' });
  await refused.getByRole('button', { name: 'carries 4 with digits 4' }).click();
  await expect(page.getByTestId('count')).toHaveText(/^[1-9]/);
  await server.visit(
    page,
    `/workshop/column-addition?controls=${JSON.stringify({ ...controls, carries: 2 })}`
  );

  // A ladder, with one item of one's own, saved by itself.
  await page.getByRole('button', { name: 'Start a practice ladder' }).click();
  await expect(page.getByRole('region', { name: /Worked example/ })).toBeVisible();
  await page.getByLabel('Title of the paper').fill('Lantern counts');
  await page.getByLabel('Title of the paper').blur();
  await page.getByRole('group', { name: 'Item 3' }).getByTitle('Change the numbers').click();
  await page.getByLabel('Numbers of item 3').fill('58 + 67');
  await page.keyboard.press('Enter');
  await expect(page.getByText('typed by hand')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('typed by hand')).toHaveCount(0);
  await page.getByRole('button', { name: 'Redo' }).click();
  await page.getByRole('group', { name: 'Item 4' }).getByTitle('Change the numbers').click();
  await page.getByLabel('Numbers of item 4').fill('487 + 365');
  await page.keyboard.press('Enter');
  await expect(page.getByText('● Saved')).toBeVisible();
  const paperUrl = page.url();

  // The prints: every text of the questions is there, tagged.
  const printed = await page.request.get(`${paperUrl}/print?kind=paper`, { maxRetries: 1 });
  const paper = await readPdf(await printed.body());
  expect(paper.isTagged).toBe(true);
  expect(paper.text).toContain('Work out 487 + 365.');
  expect(paper.text).toContain('Lantern counts');
  expect(paper.text).toMatch(/seed \d+/);
  expect(paper.text).not.toContain('852');
  const key = await readPdf(
    await (await page.request.get(`${paperUrl}/print?kind=key`, { maxRetries: 1 })).body()
  );
  expect(key.text).toContain('852');
  const solutions = await readPdf(
    await (await page.request.get(`${paperUrl}/print?kind=solutions`, { maxRetries: 1 })).body()
  );
  expect(solutions.text).toContain('Ones: 7 + 5 = 12. Write 2.');

  // The class sits it, and three scripts are marked by keyboard alone.
  await page.getByRole('button', { name: 'A class sits it' }).click();
  await page.getByLabel('Day').fill('2026-11-20');
  await page.getByRole('button', { name: 'Make the pile of scripts' }).click();
  await page.waitForLoadState('networkidle');
  await whenLive(page);
  await page.getByRole('button', { name: 'by script' }).click();
  await expect(page).toHaveURL(/by=script/);
  const heading = page.getByRole('heading', { level: 2 });
  await expect(heading).toContainText('Oona Fell');
  await expect(page.getByRole('textbox', { name: 'Answer' })).toBeFocused();
  // Enter with nothing typed marks nothing.
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing is typed.')).toBeVisible();
  // Oona: one digit slips, its carry written; the rest as the key.
  await type(page, '=');
  await type(page, '862', 'Enter');
  await expect(page.getByLabel(/^Digit of the tens/)).toHaveValue('6');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowUp');
  await type(page, '1');
  await expect(page.getByText('one slip, method sound')).toBeVisible();
  await page.keyboard.press('Enter');
  await type(page, '='.repeat(13));
  // Tilda comes by herself, and after her Bram: 58 + 67 right; 487 + 365 with its carries dropped; the rest as the key.
  await expect(page.getByRole('status').filter({ hasText: 'Now Tilda Mossop.' })).toBeVisible();
  await expect(heading).toContainText('Tilda Mossop');
  await type(page, '='.repeat(15));
  await expect(heading).toContainText('Bram Wick');
  await type(page, '125', 'Enter');
  await type(page, '742', 'Enter');
  await expect(page.getByText('explains all that is written')).toBeVisible();
  await page.keyboard.press('Enter');
  await type(page, '='.repeat(13));
  await expect(page.getByText('This script is marked.')).toBeVisible();
  await expect(page.getByText('● saved')).toBeVisible();

  // Results, and the same after the server was killed and started again.
  await page.getByRole('link', { name: 'To the results' }).click();
  const row = (name: string) => page.getByRole('row', { name: new RegExp(name) }).first();
  // The units of the problems at its end may have a mark or not.
  const head = await page.getByRole('columnheader', { name: /^of \d+$/ }).textContent();
  const total = Number(/\d+/.exec(head!)![0]);
  expect(total).toBeGreaterThanOrEqual(30);
  await expect(row('Bram Wick')).toContainText(String(total - 2));
  await expect(row('Oona Fell')).toContainText(String(total - 1));
  await expect(row('Tilda Mossop')).toContainText(String(total));
  await server.kill();
  await server.start();
  await page.reload();
  await whenLive(page);
  await expect(row('Oona Fell')).toContainText(String(total - 1));
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'CSV' }).click()
  ]);
  expect(file.suggestedFilename()).toBe('7 Amber, Lantern counts, 2026-11-20.csv');
  const csv = readFileSync(await file.path(), 'utf8');
  expect(csv).toMatch(/^\ufeffname,/);
  expect(csv).toContain('Tilda Mossop');
  await page.getByRole('button', { name: 'practice against Carry dropped' }).click();
  await expect(page.getByLabel('Title of the paper')).toHaveValue(
    'Practice: carry dropped (7 Amber)'
  );
});

test('two windows on one script do not overwrite each other unseen', async ({ page, context }) => {
  const other = await context.newPage();
  await server.visit(page, `/marking/1?by=script`);
  await server.visit(other, `/marking/1?by=script`);
  const answer = (window: Page) => window.getByRole('textbox', { name: 'Answer' });
  await answer(page).fill('126');
  await expect(page.getByText('● saved')).toBeVisible();
  await answer(other).fill('521');
  await expect(other.getByRole('alertdialog')).toContainText('changed in another window');
  await other.getByRole('button', { name: 'Take what is there' }).click();
  await expect(answer(other)).toHaveValue('126');
});

test('nothing can be typed before the page hears it', async ({ page }) => {
  const answer = page.getByRole('textbox', { name: 'Answer' });
  let release = () => {};
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/_app/immutable/**/*.js', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto(`${server.url}/marking/1?by=script`, { waitUntil: 'domcontentloaded' });
  const before = await answer.inputValue();
  const { x, y } = (await answer.boundingBox())!;
  await page.mouse.click(x + 4, y + 4);
  await page.keyboard.type('131');
  await expect(answer).toHaveValue(before);
  release();
  await expect(answer).toBeFocused();
  await page.keyboard.type('131');
  await expect(page.getByText('○ saving')).toBeHidden();
  await expect(page.getByText('● saved')).toBeVisible();
  await page.reload();
  await whenLive(page);
  await expect(answer).toHaveValue('131');
});

test('a killed server loses no acknowledged entry, and what was typed meanwhile is saved later', async ({
  page
}) => {
  await server.visit(page, `/marking/1?by=script`);
  const answer = page.getByRole('textbox', { name: 'Answer' });
  await answer.fill('127');
  await expect(page.getByText('● saved')).toBeVisible();
  await server.kill();
  await answer.fill('128');
  await expect(page.getByText('The server does not answer')).toBeVisible();
  await server.start();
  await expect(page.getByText('● saved')).toBeVisible();
  await page.reload();
  await whenLive(page);
  await expect(answer).toHaveValue('128');
});

test('a mark is changed by keyboard, only with a reason, and the total says so', async ({
  page
}) => {
  await server.visit(page, `/marking/1?by=script`);
  await page.getByRole('textbox', { name: 'Answer' }).fill('129');
  await page.keyboard.press('Alt+m');
  await type(page, '1', 'Tab');
  await expect(page.getByText('Not changed until there is a reason.')).toBeVisible();
  await type(page, 'said the carries aloud', 'Tab');
  await expect(page.getByText('proposed 0, changed by hand')).toBeVisible();
  await expect(page.getByText('● saved')).toBeVisible();
  await page.reload();
  await whenLive(page);
  await expect(page.getByText('proposed 0, changed by hand')).toBeVisible();
});
