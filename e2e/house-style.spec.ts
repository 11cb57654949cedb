import { expect, test, type Page } from '@playwright/test';
import { readPdf } from '../scripts/test/pdf-text';
import { problemsOf } from './problems';
import { TestServer, whenLive } from './server';

const server = new TestServer();

test.beforeAll(() => server.startDemo());
test.afterAll(() => server.stop());

/** Everything a screen says, to the eye and to the ear. */
const said = (page: Page) =>
  page.evaluate(() => {
    const spoken = [...document.querySelectorAll('main [title], main [aria-label]')].flatMap(
      (element) => [element.getAttribute('title'), element.getAttribute('aria-label')]
    );
    return [document.querySelector('main')!.innerText, ...spoken].join('\n');
  });

/** What only the other conventions would write. */
const foreign: Readonly<Record<string, RegExp>> = {
  verb: /factoris/i,
  firstPlace: /\bones\b/i,
  takingTen: /exchang|regroup/i,
  timesSign: /\d × \d/,
  divideSign: /÷/,
  // A full stop between two figures is a decimal point; a version has two.
  decimalMark: /(?<![\d.])\d+\.\d+(?![\d.])/
};

/** What only the conventions of the new style would write. */
const late: typeof foreign = {
  verb: /factor completely/i,
  firstPlace: /\bunits\b/i,
  takingTen: /borrow/i,
  timesSign: /\d · \d+ =/,
  // A list of numbers in a file of values has its commas in quotation marks, each with a space.
  decimalMark: /\d,\d{1,3}(?!,?\d)[;.]/
};

/** Each trace of another convention in a text, with what stands about it. */
function tracesIn(where: string, text: string, of = foreign): string[] {
  return Object.entries(of).flatMap(([row, pattern]) => {
    const at = text.search(pattern);
    return at < 0 ? [] : [`${where} ${row}: ${text.slice(Math.max(0, at - 40), at + 40)}`];
  });
}

test('every row of the house style is followed on every screen, print and export of what comes after', async ({
  page,
  request
}) => {
  const problems = problemsOf(page);
  await server.visit(page, '/house-style');
  const rows = page.locator('fieldset');
  for (let at = 0; at < (await rows.count()); at++) {
    // The last that is not chosen: commas may not group digits where they are the decimal mark.
    const others = rows.nth(at).locator('input:not(:checked):not([name=grouping][value=comma])');
    const value = await others.last().getAttribute('value');
    await rows.nth(at).locator(`label:has([value="${value}"]) span`).click();
    await expect(rows.nth(at).locator(`[value="${value}"]`)).toBeChecked();
  }
  for (const school of await page.locator('form select').all()) {
    const chosen = await school.inputValue();
    const values = await school
      .locator('option')
      .evaluateAll((all) => all.map((one) => (one as HTMLOptionElement).value));
    await school.selectOption(values.findLast((value) => value !== chosen)!);
  }
  await expect(page.getByText('● Saved')).toBeVisible();
  await page.reload();
  await whenLive(page);
  await page.getByRole('button', { name: /^all \d+ samples$/ }).click();
  const traces: string[] = [
    ...tracesIn('house style sample', await page.locator('.samples').innerText())
  ];

  const read = async (path: string) => {
    await server.visit(page, path);
    traces.push(...tracesIn(path, await said(page)));
  };
  const { skills } = await (await fetch(`${server.url}/api/skills`)).json();
  for (const { id } of skills) {
    await server.visit(page, `/workshop/${id}`);
    await expect(page.getByRole('region', { name: 'Worked sheet' })).toBeVisible();
    traces.push(...tracesIn(id, await said(page)));
  }

  await read('/workshop/ways?sum=12 x 16');
  await read('/workshop/near-base-multiplication/quick');

  // A paper of every kind of working, made and sat after the change.
  await server.visit(page, '/papers/4');
  await page.getByRole('button', { name: 'Make a new edition' }).click();
  await page.waitForURL(/papers\/(?!4$)\d+$/);
  await page.waitForLoadState('networkidle');
  await whenLive(page);
  const paper = new URL(page.url()).pathname;
  traces.push(...tracesIn('editor', await said(page)));
  for (const tab of ['Ramp', 'Errors it reveals']) {
    await page.getByRole('tab', { name: tab }).click();
    traces.push(...tracesIn(tab, await said(page)));
  }
  await page.getByRole('button', { name: 'take items out' }).click();
  traces.push(
    ...tracesIn('items taken out', await page.getByRole('dialog').locator('textarea').inputValue())
  );
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'A class sits it' }).click();
  await page.getByRole('button', { name: 'Make the pile of scripts' }).click();
  await page.waitForURL(/\/marking\/\d+/);
  const sitting = new URL(page.url()).pathname.split('/').at(-1)!;
  await server.visit(page, `/marking/${sitting}?by=question`);
  const items = await page.locator('select option').evaluateAll((all) => all.length);
  for (let item = 0; item < items; item++) {
    traces.push(...tracesIn(`marking, item ${item}`, await said(page)));
    await page.keyboard.type('7');
    await page.keyboard.press('Enter');
    traces.push(...tracesIn(`marking, item ${item} wrong`, await said(page)));
    await page.keyboard.press('Enter');
  }
  await read(`/results/${sitting}`);
  const texts = async (paths: readonly string[], of = foreign) => {
    for (const path of paths) {
      // A connection that was idle while a print was read may be closed as it is used again.
      const reply = await request.get(server.url + path, { maxRetries: 1 });
      expect(reply.status(), path).toBe(200);
      const isPdf = reply.headers()['content-type']!.includes('pdf');
      const text = isPdf ? (await readPdf(await reply.body())).text : await reply.text();
      traces.push(...tracesIn(path, text, of));
    }
  };
  await texts([
    `/results/${sitting}/csv`,
    `/results/${sitting}/feedback`,
    ...['paper', 'key', 'solutions'].map((kind) => `${paper}/print?kind=${kind}`)
  ]);
  expect(traces).toEqual([]);

  // What was sat before stays as it was sat.
  for (const path of [
    '/marking/3?by=question&item=45',
    '/marking/3?by=question&item=53',
    '/results/3'
  ]) {
    await server.visit(page, path);
    traces.push(...tracesIn(path, await said(page), late));
  }
  await server.visit(page, '/marking/3?by=question&item=53');
  expect(await said(page)).toContain('Factorise completely');
  await texts(
    [
      '/results/3/csv',
      '/results/3/feedback',
      ...['paper', 'key', 'solutions'].map((kind) => `/papers/4/print?kind=${kind}`)
    ],
    late
  );
  expect(traces).toEqual([]);
  expect(problems).toEqual([]);
});
