import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { problemsOf } from './problems';
import { TestServer } from './server';

/** Two workers share the screens, each with a server of its own. */
const HALVES = 2;
const server = new TestServer();

test.describe.configure({ mode: 'parallel' });

const screens = [
  '/',
  '/papers',
  '/papers/1',
  '/papers/4',
  '/papers/6',
  '/papers/plans',
  '/papers/plans/1',
  '/papers/13/exam',
  '/papers/13/exam/order?class=2&class=3&forms=turns',
  '/marking',
  '/marking/2',
  '/marking/3',
  '/marking/3?by=question&item=45',
  '/marking/3?by=question&item=47',
  '/marking/3?by=question&item=53',
  '/marking/10',
  '/marking/10/grid',
  '/marking/12',
  '/results',
  '/results/1',
  '/results/3',
  '/results/10?with=all',
  '/classes',
  '/classes/1',
  '/classes/2/needs',
  '/classes/2/timed/1',
  '/classes/import',
  '/classes/1/pupils/1',
  '/records',
  '/records/bin',
  '/records/backups',
  '/records/names',
  '/house-style'
];

test.beforeAll(async () => {
  await server.startDemo();
  const { skills } = await (await fetch(`${server.url}/api/skills`)).json();
  screens.push(...skills.map(({ id }: { id: string }) => `/workshop/${id}`));
  screens.push('/workshop/ways?sum=12 x 16', '/workshop/near-doubles/quick?sets=2');
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
  await page.goto(server.url + screen);
  await page.waitForLoadState('networkidle');
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
