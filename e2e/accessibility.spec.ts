import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { addresses } from './addresses';
import { problemsOf } from './problems';
import { TestServer } from './server';

/** Two workers share the screens, each with a server of its own. */
const HALVES = 2;
const server = new TestServer();

test.describe.configure({ mode: 'parallel' });

const screens = [...addresses];

test.beforeAll(async () => {
  await server.startDemo();
  const { skills } = await (await fetch(`${server.url}/api/skills`)).json();
  const workshops = skills.map(({ id }: { id: string }) => `/workshop/${id}`);
  screens.push(...workshops.filter((screen: string) => !screens.includes(screen)));
});
test.afterAll(() => server.stop());

/** Serious faults of accessibility on the page as it stands. */
async function faults(page: Page, screen: string, rules?: string[]) {
  const axe = new AxeBuilder({ page });
  const { violations } = await (rules ? axe.withRules(rules) : axe).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${screen} ${id}: ${nodes[0]!.html.slice(0, 160)}`);
}

for (const half of Array.from({ length: HALVES }).keys()) {
  test(`no screen is inaccessible, in light or by lamp, scrolls sideways or reports an error (half ${half + 1})`, async ({
    page
  }) => {
    const problems = problemsOf(page);
    for (const screen of screens.filter((_, at) => at % HALVES === half)) {
      await look(page, screen);
    }
    expect(problems).toEqual([]);
  });
}

async function look(page: Page, screen: string): Promise<void> {
  await page.setViewportSize({ width: 1280, height: 800 });
  await server.visit(page, screen);
  expect.soft(await faults(page, screen)).toEqual([]);
  // What changes by lamplight is the colours alone.
  await page.evaluate(() => document.documentElement.classList.add('dark'));
  expect.soft(await faults(page, `${screen} by lamp`, ['color-contrast'])).toEqual([]);
  for (const width of [1280, 768, 390]) {
    await page.setViewportSize({ width, height: 800 });
    const overflow = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth
    );
    expect.soft(overflow, `${screen} at ${width}`).toBeLessThanOrEqual(0);
  }
}
