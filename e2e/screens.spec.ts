import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { TestServer } from './server';

const server = new TestServer(4311);

const screens = [
  '/',
  '/workshop/column-addition',
  '/workshop/column-subtraction',
  '/workshop/long-multiplication',
  '/workshop/near-multiple-subtraction',
  '/papers',
  '/papers/1',
  '/papers/4',
  '/papers/6',
  '/marking',
  '/marking/2',
  '/marking/3',
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
