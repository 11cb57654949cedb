import { expect, test, type Locator, type Page } from '@playwright/test';
import Database from 'better-sqlite3';
import { readPdf } from '../scripts/test/pdf-text';
import { TestServer } from './server';

const server = new TestServer();

test.beforeAll(() => server.start());
test.afterAll(() => server.stop());

// The second marks what the first has printed.
test.describe.configure({ mode: 'serial' });

const forenames = ['Oona', 'Bram', 'Tilda', 'Edrick', 'Wren'];
const surnames = ['Fell', 'Wick', 'Mossop', 'Vane', 'Tinder'];
const names = surnames.flatMap((surname) => forenames.map((forename) => `${forename} ${surname}`));

/** Counts what a person does: each press of a button, text put in, or choice made. */
class Hands {
  actions = 0;
  constructor(private readonly page: Page) {}

  async click(target: Locator) {
    this.actions++;
    await target.click();
    await this.page.waitForLoadState('networkidle');
  }
  async fill(target: Locator, text: string) {
    this.actions++;
    await target.fill(text);
  }
}

test('a class of 25 and a printed practice take at most 13 actions from nothing', async ({
  page
}) => {
  const hands = new Hands(page);
  await server.visit(page, '/');
  await hands.click(page.getByRole('link', { name: 'Import a class list' }));
  await hands.fill(page.getByLabel('or a new one'), '7 Copper');
  await hands.fill(page.getByLabel('or its text'), names.join('\n'));
  await hands.click(page.getByRole('button', { name: 'Look at it first' }));
  await hands.click(page.getByRole('button', { name: 'Add 25 pupils' }));
  await expect(page.getByRole('heading', { name: '7 Copper' })).toBeVisible();
  await hands.click(page.getByRole('link', { name: 'Workshop' }));
  const choose = (feature: RegExp, value: string) =>
    hands.click(
      page.getByRole('group', { name: feature }).getByRole('button', { name: value, exact: true })
    );
  await choose(/^Addends/, '2');
  await choose(/^Digits/, '3');
  await choose(/^Carries/, '2');
  // What stands above the button moves it once, when it is counted.
  await expect(page.getByTestId('count')).toHaveText(/[1-9]/);
  await hands.click(page.getByRole('button', { name: 'Start a practice ladder' }));
  await expect(page.getByText('● Saved')).toBeVisible();
  const link = page.getByRole('link', { name: 'PDF of the paper' });
  hands.actions++;
  const printed = await page.request.get(
    new URL((await link.getAttribute('href'))!, page.url()).href
  );
  const { text, isTagged } = await readPdf(await printed.body());
  expect(isTagged).toBe(true);
  expect(text).toContain('Column addition');
  await hands.click(page.getByRole('button', { name: 'A class sits it' }));
  await hands.click(page.getByRole('button', { name: 'Make the pile of scripts' }));
  await page.waitForURL(/\/marking\//);
  console.log(`from nothing to a pile of 25: ${hands.actions} actions`);
  expect(hands.actions).toBeLessThanOrEqual(13);
});

test('an exam of three skills in two sections takes at most 20 actions', async ({ page }) => {
  const hands = new Hands(page);
  await server.visit(page, '/');
  await hands.click(page.getByRole('link', { name: 'Papers' }));
  await hands.click(page.getByRole('button', { name: 'New exam' }));
  const rows = page.getByRole('list', { name: 'Rows of the plan' }).getByRole('listitem');
  await expect(rows).toHaveCount(1);
  await hands.click(page.getByRole('button', { name: 'sections' }));
  const added = page.getByRole('combobox', { name: 'Another row' });
  const addRow = async (words: string) => {
    await hands.fill(added, words);
    hands.actions++;
    await added.press('Enter');
    await hands.click(page.getByRole('button', { name: 'Add the row' }));
  };
  await addRow('short mult');
  await hands.click(page.getByRole('button', { name: 'another section' }));
  await addRow('long mult');
  await expect(rows).toHaveCount(3);
  await hands.fill(page.getByRole('spinbutton', { name: 'Marks', exact: true }), '24');
  await hands.click(page.getByRole('button', { name: 'Make the exam' }));
  await page.waitForURL(/\/papers\/\d+\/exam/);
  await expect(page.getByText(/ 24 marks/).first()).toBeVisible();
  const link = page.getByRole('link', { name: 'PDF of the paper' });
  hands.actions++;
  const printed = await page.request.get(
    new URL((await link.getAttribute('href'))!, page.url()).href
  );
  const { text } = await readPdf(await printed.body());
  for (const section of ['Section A', 'Section B']) expect(text).toContain(section);
  console.log(`an exam of three skills in two sections: ${hands.actions} actions`);
  expect(hands.actions).toBeLessThanOrEqual(20);
});

test('marking takes at most 1.7 keys an item where four of five answers are right', async ({
  page
}) => {
  let keys = 0;
  const press = async (key: string) => {
    keys++;
    await page.keyboard.press(key);
  };
  await server.visit(page, `/marking/1?by=question`);
  const answer = page.getByRole('textbox', { name: 'Answer' });
  for (let item = 0; item < names.length; item++) {
    await expect(answer).toBeFocused();
    await expect(answer).toHaveValue('');
    if (item % 5 < 4) await press('=');
    else {
      for (const digit of '111') await press(digit);
      await press('Shift+Enter');
    }
  }
  await expect(page.getByText('● saved')).toBeVisible();
  const database = new Database(server.database, { readonly: true });
  const marked = database.prepare('select outcome from responses where isMarked').pluck().all();
  database.close();
  expect(marked).toHaveLength(names.length);
  console.log(`${keys} keys for ${names.length} items`);
  expect(keys / names.length).toBeLessThanOrEqual(1.7);
});

test('by script, the last key leads to the next script, what is typed at once is typed there, and undo leads back', async ({
  page
}) => {
  await server.visit(page, `/marking/1?by=script`);
  const answer = page.getByRole('textbox', { name: 'Answer' });
  const heading = page.getByLabel('Entry').getByRole('heading');
  const [first] = /^\S+ \S+/.exec((await heading.textContent())!.trim())!;
  const left = Number(await page.locator('.left strong').textContent());
  expect(left).toBeGreaterThan(1);
  await expect(answer).toBeFocused();
  for (let item = 0; item < left; item++) await page.keyboard.press('=');
  // Nothing is waited for: these are typed before the next script is there.
  await page.keyboard.type('98');
  await expect(page.getByRole('status').filter({ hasText: /^Now / })).toBeVisible();
  await expect(heading).not.toContainText(first);
  await expect(answer).toHaveValue('98');
  await expect(answer).toBeFocused();
  await expect(page.getByText('● saved')).toBeVisible();
  const database = new Database(server.database, { readonly: true });
  const [script] = database
    .prepare(
      `select m.scriptId as id, sum(r.outcome ->> 'awarded') as awarded, sum(r.outcome ->> 'available') as available,
        count(*) as parts from responses r join markings m on m.id = r.markingId where r.isMarked group by m.scriptId
        order by parts desc`
    )
    .all() as { id: number; awarded: number; available: number; parts: number }[];
  database.close();
  expect(script).toMatchObject({ awarded: script!.available, parts: left + 1 });
  // Each digit is taken back here, and then the last mark of the script before.
  for (let key = 0; key < 3; key++) await page.keyboard.press('Control+z');
  await expect(heading).toContainText(first);
  await expect(answer).toBeFocused();
  await expect(page.locator('.left strong')).toHaveText('1');
});
