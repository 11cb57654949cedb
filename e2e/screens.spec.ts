import { expect, test } from '@playwright/test';
import Database from 'better-sqlite3';
import { loadedAtOnce, weightOf } from '../scripts/bench/first-load';
import { readPdf } from '../scripts/test/pdf-text';
import { addresses, unvisited } from './addresses';
import { problemsOf } from './problems';
import { TestServer, whenLive } from './server';

const server = new TestServer();

test.beforeAll(() => server.startDemo());
test.afterAll(() => server.stop());

test('the workshop goes through all skills and back, and a ladder is of its own skill', async ({
  page
}) => {
  const { skills } = await (await fetch(`${server.url}/api/skills`)).json();
  const titles: string[] = skills.map(({ title }: { title: string }) => title);
  const problems = problemsOf(page);
  await server.visit(page, `/workshop/${skills[0].id}`);
  const picker = page.getByRole('combobox', { name: 'Skill' });
  const sheet = page.getByRole('region', { name: 'Worked sheet' });
  const go = async (title: string) => {
    await picker.click();
    await page.keyboard.type(title);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(title);
    await expect(sheet).toBeVisible();
  };
  // There and back; every pair of kinds is a matter of the unit tests.
  for (const title of [...titles.slice(1), ...titles.slice(0, -1).reverse()]) await go(title);
  await expect(page.getByTestId('count')).toHaveText(/\d/);
  const last = titles.at(-2)!;
  await go(last);
  await page.getByRole('button', { name: 'Start a practice ladder' }).click();
  await expect(page.getByLabel('Title of the paper')).toHaveValue(last);
  expect(problems).toEqual([]);
});

test('no page loads more than 100 kB of script and 25 kB of style at once, and none of it is of a skill', async () => {
  const { skills } = await (await fetch(`${server.url}/api/skills`)).json();
  // What the patterns of a skill are called is said nowhere but in the skill.
  const words: string[] = skills.map(
    ({ errorPatterns }: { errorPatterns: { title: string }[] }) => errorPatterns.at(-1)!.title
  );
  expect(unvisited(addresses)).toEqual([]);
  const workshops = skills.map(({ id }: { id: string }) => `/workshop/${id}`);
  for (const page of [...addresses, ...workshops]) {
    const scripts = await loadedAtOnce(server.url, page);
    expect(scripts.length).toBeGreaterThan(5);
    expect(weightOf(scripts), page).toBeLessThan(100_000);
    for (const word of words) expect(scripts.some(({ text }) => text.includes(word))).toBe(false);
    const styles = await loadedAtOnce(server.url, page, 'css');
    expect(styles.length).toBeGreaterThan(0);
    expect(weightOf(styles), page).toBeLessThan(25_000);
  }
});

test('rungs and items move by keyboard', async ({ page }) => {
  await server.visit(page, '/papers/6');
  const items = page.getByRole('group', { name: /^Item \d+$/ });
  const sumOf = (at: number) => items.nth(at).getByTitle('Change the numbers').textContent();
  const [first, second] = [await sumOf(1), await sumOf(2)];
  await items.nth(1).getByTitle('Change the numbers').focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect.poll(() => sumOf(2)).toBe(first);
  expect(await sumOf(1)).toBe(second);
  await page.getByLabel('Kind of rung 2').focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(page.getByLabel('Kind of rung 1')).toHaveValue('bare');
  await expect(page.getByText('● Saved')).toBeVisible();
});

test('a dialog that is left as soon as it is there stays shut, on a slow machine too', async ({
  page
}) => {
  await server.visit(page, '/papers/4');
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: 8 });
  for (let time = 0; time < 12; time++) {
    await page.getByRole('button', { name: 'take items out' }).click();
    await page.getByRole('dialog').locator('textarea').waitFor({ state: 'attached' });
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
});

test('a skill is found by typing; a rung spreads a feature; the paper is worked as the house does', async ({
  page
}) => {
  await server.visit(page, '/papers');
  const picker = page.getByRole('combobox', { name: 'Skill it starts with' });
  await picker.click();
  const options = page.getByRole('listbox').getByRole('option');
  const { skills } = await (await fetch(`${server.url}/api/skills`)).json();
  await expect(options).toHaveCount(skills.length);
  await page.keyboard.type('fract subtr');
  await expect(options).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(picker).toHaveValue('Mixed-number subtraction');
  await page.getByRole('button', { name: 'New practice' }).click();
  const rung = page.getByRole('region', { name: /Rung 3/ });
  await rung.getByRole('button', { name: 'controls' }).click();
  await page.getByLabel('Worked by').selectOption('improper');
  await page.getByLabel('Spread').selectOption('regroups');
  await page.getByLabel('Items with exchanges yes').fill('2');
  await page.getByLabel('Items with exchanges no').fill('1');
  await page.getByRole('button', { name: 'Draw', exact: true }).click();
  await expect(rung).toContainText('improper fractions');
  await expect(rung).toContainText('exchanges yes ×2, no ×1');
  await expect(rung.getByRole('group', { name: /^Item/ })).toHaveCount(3);
  await expect(page.getByText('● Saved')).toBeVisible();
  await page.reload();
  await whenLive(page);
  await expect(rung).toContainText('exchanges yes ×2, no ×1');
});

test('lists, fractions and algebra are marked from the keyboard', async ({ page }) => {
  const answer = page.getByRole('textbox', { name: /^Answer/ }).first();
  const key = page.locator('.key');
  const keyOf = (part: number): string => {
    const database = new Database(server.database, { readonly: true });
    const item = database.prepare('select item from snapshots where partId = ?').pluck().get(part);
    database.close();
    return (JSON.parse(item as string) as { answer: string }).answer;
  };
  const open = async (item: number) => {
    await server.visit(page, `/marking/3?by=question&item=${item}`);
    await expect(answer).toBeFocused();
  };
  // Padded numbers are right, and it is said that they were padded.
  await open(45);
  const padded = keyOf(45).replace(/\d+\.\d+/g, (number) => Number(number).toFixed(3));
  expect(padded).not.toBe(keyOf(45));
  await page.keyboard.type(padded);
  await expect(key).toContainText('answer right');
  await expect(page.getByText('not written as given; that costs nothing')).toBeVisible();
  // The right value in another form: numerator and denominator doubled.
  await open(47);
  const doubled = keyOf(47).replace(/(\d+)\/(\d+)/, (_, top, bottom) => `${2 * top}/${2 * bottom}`);
  expect(doubled).not.toBe(keyOf(47));
  await page.keyboard.type(doubled);
  await expect(key).toContainText('answer right');
  await expect(page.getByText(/not in its simplest form/)).toBeVisible();
  // 4x² - 17x + 4: an expression with its factors the other way round, then a wrong one opens the grid.
  await open(53);
  await page.keyboard.type('(4x-1)(x-4)');
  await expect(key).toContainText('answer right');
  await answer.fill('(4x+1)(x+4)');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: /^Grid, top left/ })).toBeVisible();
  await expect(page.locator('.verdicts')).toContainText('Signs of the pair flipped');
});

test('a pasted register is shown before it is kept; names are changed, and marks never go unasked', async ({
  page
}) => {
  await server.visit(page, '/classes');
  await page.getByLabel('New class').fill('8 Tin');
  await page.getByRole('button', { name: 'Make it' }).click();
  const field = page.getByLabel('Add a pupil, or paste a list');
  await expect(field).toBeFocused();
  await field.evaluate((input) => {
    const data = new DataTransfer();
    data.setData('text/plain', 'Vane, Edrick\nAsh, Gethin\nAsh, Gethin\n');
    input.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })
    );
  });
  await expect(page.getByText('Read as surname, forename.')).toBeVisible();
  await expect(page.getByLabel('Into the class')).toHaveValue(/\d+/);
  await page.getByRole('button', { name: 'Add 3 pupils' }).click();
  const pupils = page.getByRole('list').getByRole('listitem');
  await expect(pupils.filter({ hasText: 'Gethin Ash (1)' })).toBeVisible();
  await page.getByRole('button', { name: 'rename Gethin Ash (2)' }).click();
  await page.getByLabel('Name of the pupil').fill('Ash, Hester');
  await page.keyboard.press('Enter');
  await expect(pupils.filter({ hasText: 'Hester Ash' })).toBeVisible();
  await expect(pupils.filter({ hasText: '(1)' })).toHaveCount(0);
  // A class with marks is asked about; one kept is as it was.
  await server.visit(page, '/classes/1');
  await page.getByRole('button', { name: 'remove Oona Fell' }).click();
  await expect(page.getByText('with the marks of 2 scripts')).toBeVisible();
  await page.getByRole('button', { name: 'keep', exact: true }).click();
  await expect(pupils.filter({ hasText: 'Oona Fell' })).toBeVisible();
  await page.getByRole('button', { name: 'remove the class' }).click();
  await expect(page.getByRole('alertdialog')).toContainText(/pupils, 2 sittings/);
});

test('a paper of all kinds of working prints, and its key has every answer', async ({
  request
}) => {
  const database = new Database(server.database, { readonly: true });
  const rows = database
    .prepare('select item from snapshots join forms on forms.id = formId where paperId = 4')
    .pluck()
    .all() as string[];
  database.close();
  const items = rows.map((row) => JSON.parse(row) as { prompt: string; answer: string });
  // Fractions are set in two lines, so that only their figures come in order.
  const plain = (text: string) => text.replaceAll('−', '-').replace(/[\s/]/g, '');
  const texts: Record<string, string> = {};
  for (const kind of ['paper', 'key', 'solutions']) {
    // A connection that was idle while a print was read may be closed as it is used again.
    const address = `${server.url}/papers/4/print?kind=${kind}`;
    const response = await request.get(address, { maxRetries: 1 });
    expect(response.status()).toBe(200);
    const pdf = await readPdf(await response.body());
    expect(pdf.isTagged).toBe(true);
    texts[kind] = plain(pdf.text);
  }
  expect(items.length).toBeGreaterThan(14);
  for (const { prompt, answer } of items) {
    expect(texts['paper']).toContain(plain(prompt));
    expect(texts['solutions']).toContain(plain(prompt));
    expect(texts['solutions']).toContain(plain(answer));
  }
  const answered = items.filter(({ answer }) => texts['key']!.includes(plain(answer)));
  // The worked example is no question, so it is not in the key.
  expect(answered.length).toBeGreaterThanOrEqual(items.length - 1);
});
