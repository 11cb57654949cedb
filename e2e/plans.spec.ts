import { expect, test } from '@playwright/test';
import { TestServer, whenLive } from './server';

const server = new TestServer();

test.beforeAll(() => server.startDemo());
test.afterAll(() => server.stop());

test('a plan is made, met while it is typed, and says what cannot hold and what would do', async ({
  page
}) => {
  await server.visit(page, '/papers');
  await page.getByRole('link', { name: 'plans of exams' }).click();
  await page.getByRole('button', { name: 'New plan' }).click();
  const trial = page.getByRole('region', { name: 'A paper that meets it' });
  await expect(trial.getByText('20 marks')).toBeVisible();
  const rows = page.getByRole('list', { name: 'Rows of the plan' }).getByRole('listitem');
  await page.getByRole('button', { name: 'or a question of your own' }).click();
  await expect(rows).toHaveCount(2);
  await expect(trial.getByText('Own question')).toBeVisible();
  await expect(trial.getByText('20 marks')).toBeVisible();
  // The marks of the parts are those of the plan.
  const marks = await trial.locator('tbody td:nth-child(3)').allInnerTexts();
  expect(marks.reduce((sum, text) => sum + Number(text), 0)).toBe(20);

  await page.getByLabel('Minutes, at most').fill('1');
  await page.keyboard.press('Tab');
  await expect(trial.getByText('cannot hold together')).toBeVisible();
  await trial
    .getByRole('listitem')
    .filter({ hasText: 'Minutes' })
    .getByRole('button', { name: /change to at most/ })
    .click();
  await expect(trial.getByText('20 marks')).toBeVisible();
  await expect(page.getByText('● Saved')).toBeVisible();
  await page.reload();
  await whenLive(page);
  await expect(rows).toHaveCount(2);
  await expect(trial.getByText('20 marks')).toBeVisible();

  // A plan that is removed comes back.
  await page.getByRole('link', { name: 'Plans of exams' }).click();
  await page.getByRole('button', { name: 'remove Spring assessment, year 8' }).click();
  await page.getByRole('button', { name: 'undo' }).click();
  await page.getByRole('link', { name: 'Spring assessment, year 8' }).click();
  await expect(trial.getByText('40 marks')).toBeVisible();
});

test('a plan has sections, an error to show, a row of two skills and questions of two parts, new to a class', async ({
  page
}) => {
  await server.visit(page, '/papers/plans');
  await page.getByRole('button', { name: 'New plan' }).click();
  const trial = page.getByRole('region', { name: 'A paper that meets it' });
  await expect(trial.getByText('20 marks')).toBeVisible();
  await page.getByRole('button', { name: 'sections' }).click();
  await page.getByRole('button', { name: 'another section' }).click();
  const sections = page.getByRole('list', { name: 'Sections of the plan' });
  await sections.getByRole('spinbutton', { name: 'Least marks of section B' }).fill('8');
  const added = page.getByRole('combobox', { name: 'Another row' });
  await added.fill('short mult');
  await added.press('Enter');
  await page.getByRole('button', { name: 'Add the row' }).click();
  const rows = page.getByRole('list', { name: 'Rows of the plan' }).getByRole('listitem');
  await expect(rows).toHaveCount(2);
  await expect(rows.nth(1).getByLabel(/^Section of/)).toHaveValue('B');

  // Either of two skills, both of them at least once, two parts to a question.
  await rows
    .nth(1)
    .getByRole('button', { name: /or another skill/ })
    .click();
  const also = rows.nth(1).getByRole('combobox', { name: 'Or items of' });
  await also.fill('long mult');
  await also.press('Enter');
  await rows.nth(1).getByLabel('each skill at least once').check();
  await rows
    .nth(1)
    .getByLabel(/^Questions of/)
    .selectOption('2');
  const errors = page.getByLabel('An error pattern that parts would show');
  await errors.selectOption({ index: 2 });
  await expect(page.getByText('part that would show')).toBeVisible();
  await page.getByLabel('Class to which the items are new').selectOption({ label: '7 Copper' });
  await expect(trial.getByText('20 marks')).toBeVisible();
  await expect(trial.getByText('Short multiplication').first()).toBeVisible();
  await expect(trial.getByText('Long multiplication').first()).toBeVisible();
  await expect(page.getByText('● Saved')).toBeVisible();
  await page.reload();
  await whenLive(page);
  await expect(page.getByLabel('Class to which the items are new')).not.toHaveValue('0');
  await expect(sections.getByRole('listitem')).toHaveCount(2);

  await page.getByRole('button', { name: 'Make the exam' }).click();
  await page.waitForURL('**/exam');
  await page.getByRole('tab', { name: 'Plan' }).click();
  await expect(page.getByText('Every line of the plan is met.')).toBeVisible();
});

test('a row says what it asks, opens to be changed, and takes controls one by one', async ({
  page
}) => {
  await server.visit(page, '/papers/plans');
  await page.getByRole('button', { name: 'New plan' }).click();
  const row = page.getByRole('list', { name: 'Rows of the plan' }).getByRole('listitem').first();
  await expect(row.locator('strong').filter({ hasText: '1 to 20 parts of' })).toBeVisible();
  await row.getByRole('button', { name: /^change/ }).click();
  await row.getByLabel('Most parts').fill('4');
  await row.getByLabel(/^Difficulty of/).selectOption('easy or middling');
  await row.getByLabel(/^Items of/).selectOption('other controls …');
  const digits = row.getByRole('group', { name: /^Digits/ });
  await digits.getByRole('button', { name: '4', exact: true }).click();
  await row.getByRole('button', { name: /^close/ }).click();
  await expect(row.locator('strong').filter({ hasText: '1 to 4 parts of' })).toBeVisible();
  await expect(row.getByText('easy or middling')).toBeVisible();
  await expect(row.getByText(/digits (3 to )?4/)).toBeVisible();
  await expect(page.getByText('● Saved')).toBeVisible();
});

test('a practice is fitted to the ramp that is wanted, and undo takes it back', async ({
  page
}) => {
  await server.visit(page, '/papers');
  await page.getByRole('link', { name: 'Bakery orders: three numbers and more' }).first().click();
  await page.waitForURL(/papers\/\d+$/);
  await page.getByRole('tab', { name: 'Ramp' }).click();
  const lines = () => page.locator('[data-item] .sum').allInnerTexts();
  const before = await lines();
  await page.getByLabel(/^Wanted of the last item/).fill('4');
  await page.getByRole('button', { name: 'Fit the items to this' }).click();
  await expect.poll(lines).not.toEqual(before);
  await expect(page.getByText('● Saved')).toBeVisible();
  const meant = page.getByRole('table', { name: 'Predicted difficulty by item' }).getByRole('row');
  await expect(meant).toHaveCount(before.length);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(lines).toEqual(before);
});
