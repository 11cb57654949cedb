import { expect, test, type Locator, type Page } from '@playwright/test';
import { TestServer, whenLive } from './server';

const server = new TestServer();

test.beforeAll(() => server.startDemo());
test.afterAll(() => server.stop());

/** All fields of an editor that take text or numbers, but those that take what they hold by Enter. */
const fieldsOf = (page: Page) =>
  page
    .locator('main')
    .locator(
      'input[type="number"]:visible, input[type="text"]:visible, input:not([type]):visible, textarea:visible'
    )
    .and(
      page.locator(
        ':not([data-enter]):not([type="search"]):not([role="combobox"]):not([readonly]):not(:disabled)'
      )
    );

/** Another value that a field takes: a longer text, or a number beside the one that is there. */
async function another(field: Locator): Promise<string> {
  return field.evaluate((element: HTMLInputElement | HTMLTextAreaElement) => {
    if (element.type !== 'number') return `${element.value}${element.value ? ' and' : 'lamps'}`;
    const { value, min, max, step } = element as HTMLInputElement;
    const by = Number(step) || 1;
    const number = value === '' ? Number(min || 0) : Number(value);
    const more = Math.round((number + by) * 100) / 100;
    return String(max !== '' && more > Number(max) ? number - by : more);
  });
}

/**
 * Types into each field without leaving it, waits until the editor says that it is saved, and reads what stands there
 * after the page was loaded anew.
 */
async function typeInAll(page: Page, { open = async () => {} } = {}): Promise<number> {
  await open();
  const count = await fieldsOf(page).count();
  const known = new Map<string, number>();
  const saved = page.getByRole('status').filter({ hasText: '● Saved' });
  for (let at = 0; at < count; at++) {
    const field = fieldsOf(page).nth(at);
    // Of fields that are named alike but for their number, two stand for all.
    const name = await field.evaluate((one: HTMLInputElement) =>
      (one.ariaLabel ?? one.labels?.[0]?.textContent ?? '').replace(/\d+|for .*/g, '').trim()
    );
    known.set(name, (known.get(name) ?? 0) + 1);
    if (known.get(name)! > 2) continue;
    const value = await another(field);
    await field.focus();
    await field.fill(value);
    // As long as it is in no draft, nobody says that it is saved.
    await expect(saved).toBeHidden();
    await expect(saved).toBeVisible();
    await expect(field).toBeFocused();
  }
  const typed = await fieldsOf(page).evaluateAll((all) =>
    all.map((one) => (one as HTMLInputElement).value)
  );
  await page.reload();
  await whenLive(page);
  await open();
  await expect(fieldsOf(page)).toHaveCount(count);
  const kept = await fieldsOf(page).evaluateAll((all) =>
    all.map((one) => (one as HTMLInputElement).value)
  );
  expect(kept).toEqual(typed);
  return count;
}

test('what is typed into a practice is saved without leaving the field', async ({ page }) => {
  await server.visit(page, '/papers/5');
  // A sat paper is closed: its next edition is open.
  const edition = page.getByRole('button', { name: 'Make a new edition' });
  if (await edition.isVisible()) await edition.click();
  await expect(page.getByLabel('Title of the paper')).toBeVisible();
  await whenLive(page);
  expect(await typeInAll(page)).toBeGreaterThan(0);
});

test('what is typed into a plan is saved without leaving the field', async ({ page }) => {
  await server.visit(page, '/papers/plans');
  await page
    .getByRole('link', { name: /Spring/ })
    .first()
    .click();
  await page.waitForURL(/plans\/\d+/);
  await whenLive(page);
  const open = async () => {
    await page.getByRole('button', { name: 'change the difficulty' }).click();
    await page.getByRole('button', { name: /^change .* of column addition/ }).click();
    await expect(page.getByLabel('Least parts')).toBeVisible();
  };
  expect(await typeInAll(page, { open })).toBeGreaterThan(8);
});

test('what is typed into the house style is saved without leaving the field', async ({ page }) => {
  await server.visit(page, '/house-style');
  expect(await typeInAll(page)).toBeGreaterThan(5);
});

test('what is typed into an exam, its cover, sections, questions and schemes is saved without leaving the field', async ({
  page
}) => {
  await server.visit(page, '/papers/13');
  await page.waitForURL(/papers\/\d+\/exam/);
  const edition = page.getByRole('button', { name: 'Make a new edition' });
  if (await edition.isVisible()) await edition.click();
  await expect(page.getByLabel('Title of the exam')).toBeVisible();
  await whenLive(page);
  await page.getByRole('button', { name: 'a question of your own' }).click();
  await expect(page.getByText('● Saved')).toBeVisible();
  const open = async () => {
    await page.getByRole('button', { name: 'change the cover' }).click();
    await page.getByTitle('The mark scheme of this part').first().click();
    await page.getByTitle('Change the question').last().click();
    await expect(page.getByLabel('What is asked')).toBeVisible();
  };
  expect(await typeInAll(page, { open })).toBeGreaterThan(10);
});
