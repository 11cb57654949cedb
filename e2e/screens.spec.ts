import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import Database from 'better-sqlite3';
import { execFileSync } from 'node:child_process';
import { readPdf } from './pdf-text';
import { TestServer } from './server';

const server = new TestServer(4311);

const screens = [
  '/',
  '/papers',
  '/papers/1',
  '/papers/4',
  '/papers/6',
  '/marking',
  '/marking/2',
  '/marking/3',
  '/marking/3?by=question&item=45',
  '/marking/3?by=question&item=47',
  '/marking/3?by=question&item=53',
  '/results',
  '/results/1',
  '/results/3',
  '/classes',
  '/classes/1',
  '/classes/import',
  '/house-style'
];

test.beforeAll(async () => {
  const env = { ...process.env, DATABASE: server.database };
  execFileSync('node_modules/.bin/tsx', ['scripts/seed-demo.ts'], { env });
  await server.start();
  const { skills } = await (await fetch(`${server.url}/api/skills`)).json();
  screens.push(...skills.map(({ id }: { id: string }) => `/workshop/${id}`));
});
test.afterAll(() => server.stop());

async function visit(page: Page, screen: string) {
  await page.goto(server.url + screen);
  await page.waitForLoadState('networkidle');
}

for (const scheme of ['light', 'dark'] as const) {
  test(`no screen has a serious fault of accessibility, ${scheme}`, async ({ browser }) => {
    const context = await browser.newContext({ colorScheme: scheme });
    const page = await context.newPage();
    for (const screen of screens) {
      await visit(page, screen);
      const { violations } = await new AxeBuilder({ page }).analyze();
      const serious = violations
        .filter(({ impact }) => impact === 'serious' || impact === 'critical')
        .map(({ id, nodes }) => `${screen} ${id}: ${nodes[0]!.html.slice(0, 160)}`);
      expect.soft(serious).toEqual([]);
    }
    await context.close();
  });
}

test('no screen scrolls sideways at 1280 or on a narrow tablet, and none reports an error', async ({
  page
}) => {
  const problems: string[] = [];
  page.on('pageerror', (error) => problems.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error') problems.push(message.text());
  });
  for (const width of [1280, 768]) {
    await page.setViewportSize({ width, height: 800 });
    for (const screen of screens) {
      await visit(page, screen);
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth
      );
      expect.soft(overflow, `${screen} at ${width}`).toBeLessThanOrEqual(0);
    }
  }
  expect(problems).toEqual([]);
});

test('rungs and items move by keyboard', async ({ page }) => {
  await visit(page, '/papers/6');
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

test('a skill is found by typing; a rung spreads a feature; the paper is worked as the house does', async ({
  page
}) => {
  await visit(page, '/papers');
  const picker = page.getByRole('combobox', { name: 'Skill of the new paper' });
  await picker.click();
  const isSkill = (screen: string) => screen.startsWith('/workshop/');
  await expect(page.getByRole('option')).toHaveCount(screens.filter(isSkill).length);
  await page.keyboard.type('fract subtr');
  await expect(page.getByRole('option')).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(picker).toHaveValue('Mixed-number subtraction');
  await page.getByRole('button', { name: 'New practice ladder' }).click();
  const rung = page.getByRole('region', { name: /Rung 3/ });
  await rung.getByRole('button', { name: 'controls' }).click();
  await page.getByLabel('Worked by').selectOption('improper');
  await page.getByLabel('Spread').selectOption('regroups');
  await page.getByLabel('Items with regroups yes').fill('2');
  await page.getByLabel('Items with regroups no').fill('1');
  await page.getByRole('button', { name: 'Draw', exact: true }).click();
  await expect(rung).toContainText('improper fractions');
  await expect(rung).toContainText('regroups yes ×2, no ×1');
  await expect(rung.getByRole('group', { name: /^Item/ })).toHaveCount(3);
  await expect(page.getByText('● Saved')).toBeVisible();
  await page.reload();
  await expect(rung).toContainText('regroups yes ×2, no ×1');
});

test('lists, fractions and algebra are marked from the keyboard', async ({ page }) => {
  const answer = page.getByRole('textbox', { name: /^Answer/ }).first();
  const key = page.locator('.key');
  const open = async (item: number) => {
    await visit(page, `/marking/3?by=question&item=${item}`);
    await expect(answer).toBeFocused();
  };
  // Padded numbers are right, and it is said that they were padded.
  await open(45);
  await page.keyboard.type('40.520, 40.436, 8.220, 8.056');
  await expect(key).toContainText('answer right');
  await expect(page.getByText('not written as given; that costs nothing')).toBeVisible();
  // 26 29/30: the right value in another form.
  await open(47);
  await page.keyboard.type('26 58/60');
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

test('a paper of all kinds of working prints, and its key has every answer', async ({
  request
}) => {
  const database = new Database(server.database, { readonly: true });
  const rows = database
    .prepare(
      'select derived from paper_items join sections on sections.id = sectionId where paperId = 4'
    )
    .pluck()
    .all() as string[];
  database.close();
  const items = rows.map((row) => JSON.parse(row).item as { prompt: string; answer: string });
  // Fractions are set in two lines, so that only their figures come in order.
  const plain = (text: string) => text.replaceAll('−', '-').replace(/[\s/]/g, '');
  const texts: Record<string, string> = {};
  for (const kind of ['paper', 'key', 'solutions']) {
    const response = await request.get(`${server.url}/papers/4/print?kind=${kind}`);
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
