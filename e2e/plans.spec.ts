import { expect, test } from '@playwright/test';
import { TestServer } from './server';

const server = new TestServer(4319);

test.beforeAll(() => server.startDemo());
test.afterAll(() => server.stop());

test('a plan is made, met while it is typed, and says what cannot hold and what would do', async ({
  page
}) => {
  await server.visit(page, '/papers');
  await page.getByRole('link', { name: 'plans of assessments' }).click();
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
  await expect(rows).toHaveCount(2);
  await expect(trial.getByText('20 marks')).toBeVisible();

  // A plan that is removed comes back.
  await page.getByRole('link', { name: 'Plans of assessments' }).click();
  await page.getByRole('button', { name: 'remove Spring assessment, year 8' }).click();
  await page.getByRole('button', { name: 'undo' }).click();
  await page.getByRole('link', { name: 'Spring assessment, year 8' }).click();
  await expect(trial.getByText('40 marks')).toBeVisible();
});
