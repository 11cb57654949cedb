import { expect, test } from '@playwright/test';
import { problemsOf } from './problems';
import { TestServer } from './server';

const server = new TestServer();

test.beforeAll(() => server.startDemo());
test.afterAll(() => server.stop());

test('a context is written with examples beside it, used in problems, and read when it is gone', async ({
  page
}) => {
  const problems = problemsOf(page);
  await server.visit(page, '/house-style/contexts');
  await page.getByLabel('Where its stories take place').fill('The ice house');
  await page.getByRole('button', { name: 'New context' }).click();
  const examples = page.getByRole('region', { name: 'Examples' });
  await expect(examples.getByRole('listitem')).toHaveCount(10);
  const told = page.getByRole('group', { name: 'change' }).getByLabel('Told', { exact: true });

  // Without its slot a sentence is refused beside its field, and nothing can be used.
  await told.fill('In the morning {A} sells lamps.');
  await expect(page.getByText('Write {} once')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Use in problems' })).toBeDisabled();
  await told.fill('At the ice house {A} sells {}.');
  await expect(examples.getByText('At the ice house').first()).toBeVisible();
  await page.getByRole('button', { name: 'Use in problems' }).click();
  await expect(page.getByRole('button', { name: 'Used in problems' })).toBeDisabled();

  const controls = encodeURIComponent(JSON.stringify({ context: ['the-ice-house'] }));
  await server.visit(page, `/workshop/word-problem?controls=${controls}`);
  await expect(page.getByTestId('count')).toHaveText(/[1-9]/);
  await expect(page.getByText('At the ice house').first()).toBeVisible();
  await page.getByRole('button', { name: 'Start a paper' }).click();
  await page.waitForURL(/papers\/\d+/);
  await expect(page.getByText(/lamps/).first()).toBeVisible();
  const paper = page.url();

  await server.visit(page, '/house-style/contexts');
  await page.getByRole('button', { name: 'remove The ice house' }).click();
  await expect(page.getByText('The ice house is in the bin.')).toBeVisible();
  await server.visit(page, new URL(paper).pathname);
  await expect(page.getByText(/lamps/).first()).toBeVisible();
  const href = await page.getByRole('link', { name: 'PDF of the paper' }).getAttribute('href');
  const pdf = await page.request.get(new URL(href!, server.url).href);
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  expect(problems).toEqual([]);
});

test('a context is taken out as a file and brought in again; another file is refused', async ({
  page
}) => {
  await server.visit(page, '/house-style/contexts');
  const href = await page
    .getByRole('link', { name: 'take out The lamp fair' })
    .getAttribute('href');
  const file = await page.request.get(new URL(href!, server.url).href);
  const bring = async (name: string, buffer: Buffer) => {
    await page
      .getByLabel('A context from a file')
      .setInputFiles({ name, mimeType: 'application/json', buffer });
    await page.getByRole('button', { name: 'Bring it in' }).click();
  };
  await bring('other.json', Buffer.from('{"title": "A list"}'));
  await expect(page.getByText('This file holds no context of word problems.')).toBeVisible();
  await bring('fair.json', await file.body());
  await expect(page.getByLabel('Title of the context')).toHaveValue('The lamp fair');
  await expect(page.getByRole('region', { name: 'Examples' }).getByRole('listitem')).toHaveCount(
    10
  );
});
