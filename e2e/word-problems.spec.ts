import { expect, test } from '@playwright/test';
import { readPdf } from '../scripts/test/pdf-text';
import { problemsOf } from './problems';
import { TestServer } from './server';

const server = new TestServer();

test.beforeAll(() => server.startDemo());
test.afterAll(() => server.stop());

test('a problem is drawn by situation, its bars are built up row by row, and its arithmetic has squares of its own', async ({
  page
}) => {
  const problems = problemsOf(page);
  await server.visit(page, '/workshop/word-problem');
  const feature = (title: string) => page.getByRole('group', { name: new RegExp(`^${title}`) });
  await feature('Numbers').getByRole('button', { name: 'whole' }).click();
  await feature('Situation').getByRole('button', { name: 'compare' }).click();
  await feature('Arithmetic').getByRole('button', { name: 'column addition' }).click();
  await expect(page).toHaveURL(/column-addition/);
  await expect(page.getByTestId('count')).toHaveText(/[1-9]/);
  const carries = feature('Column addition: carries');
  await carries.getByRole('button', { name: '2', exact: true }).click();
  const sample = page
    .getByRole('listitem')
    .getByRole('button', { name: /than .*\?/ })
    .first();
  await expect(sample).toBeVisible();
  await sample.click();
  const sheet = page.getByRole('region', { name: 'Worked sheet' });
  await expect(sheet.getByText(/^The answer is/)).toBeVisible();
  const bars = sheet.getByRole('img', { name: /together/ });
  await expect(bars).toBeVisible();
  await expect(bars).not.toHaveAccessibleName(/not known/);
  const boxes = bars.locator('rect');
  await expect(boxes).toHaveCount(3);
  await page.getByRole('button', { name: 'Empty sheet' }).click();
  const drawn = sheet.locator('.bars rect');
  await expect.poll(() => drawn.count()).toBeLessThan(3);
  await page.getByRole('button', { name: 'Next step' }).click();
  await expect(drawn).toHaveCount(3);
  await expect(sheet.getByRole('img', { name: /not known/ })).toBeVisible();
  expect(problems).toEqual([]);
});

test('a ladder of sums ends with problems, which print with their text', async ({ page }) => {
  await server.visit(page, '/workshop/short-multiplication');
  await expect(page.getByTestId('count')).toHaveText(/\d/);
  await page.getByRole('button', { name: 'Start a practice ladder' }).click();
  await expect(page.getByLabel('Title of the paper')).toHaveValue(/multiplication/i);
  await expect(page.getByText(/How (many|much) /).first()).toBeVisible();
  const href = await page.getByRole('link', { name: 'PDF of the paper' }).getAttribute('href');
  const pdf = await fetch(new URL(href!, page.url()));
  const { text } = await readPdf(new Uint8Array(await pdf.arrayBuffer()));
  expect(text.replaceAll(/\s+/g, ' ')).toMatch(/How (many|much) [^?]+\?/);
});

test('items come with their bars over the API, and results name who follows key words', async ({
  page
}) => {
  const reply = await fetch(`${server.url}/api/items`, {
    ...{ method: 'POST', headers: { 'content-type': 'application/json' } },
    body: JSON.stringify({
      ...{ skill: 'word-problem', count: 1, seed: 7 },
      controls: { steps: 1, situation: ['compare'], distractors: 0 }
    })
  });
  const { items } = (await reply.json()) as { items: { model: { rows: unknown[] } }[] };
  expect(items[0]!.model.rows.length).toBe(2);
  await server.visit(page, '/results/13');
  await expect(page.getByText('Followed a key word').first()).toBeVisible();
});

test('what a pupil wrote into the bars is typed into them, and is the same square as the result', async ({
  page
}) => {
  await server.visit(page, '/marking/13?by=question');
  await page.keyboard.press('ArrowDown');
  const inBars = page.getByLabel(/, in the bars$/).first();
  await expect(inBars).toBeVisible();
  const label = (await inBars.getAttribute('aria-label'))!.replace(', in the bars', '');
  await inBars.fill('17');
  await expect(page.getByLabel(new RegExp(`^${label}(?!.*in the bars)`)).first()).toHaveValue('17');
});
