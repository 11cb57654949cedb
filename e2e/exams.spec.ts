import { expect, test, type Page } from '@playwright/test';
import { readPdf } from '../scripts/test/pdf-text';
import { TestServer, whenLive } from './server';

const server = new TestServer();

test.beforeAll(() => server.startDemo());
test.afterAll(() => server.stop());

/** A print behind a link, as text. */
async function printed(page: Page, address: string) {
  const reply = await page.request.get(new URL(address, page.url()).href, { maxRetries: 1 });
  expect(reply.status()).toBe(200);
  return readPdf(await reply.body());
}

test('forty marks of eight skills are an exam in under sixty actions from nothing, and in one from a plan', async ({
  page
}) => {
  let actions = 0;
  const did = async (what: Promise<unknown>) => {
    actions++;
    await what;
  };
  await server.visit(page, '/papers/plans');
  await did(page.getByRole('button', { name: 'New plan' }).click());
  const trial = page.getByRole('region', { name: 'A paper that meets it' });
  const rows = page.getByRole('list', { name: 'Rows of the plan' }).getByRole('listitem');
  const skills = [
    'column subtraction',
    'short division',
    'long multiplication',
    'decimal addition',
    'ordering',
    'mixed-number addition',
    'quadratics'
  ];
  for (const [at, skill] of skills.entries()) {
    const picker = page.getByRole('combobox', { name: 'Another row' });
    await did(picker.click());
    await did(picker.fill(skill));
    await did(picker.press('Enter'));
    await did(page.getByRole('button', { name: 'Add the row' }).click());
    await expect(rows).toHaveCount(at + 2);
  }
  await did(page.getByLabel('Marks', { exact: true }).first().fill('40'));
  await did(page.getByLabel('Name of the plan').fill('Summer assessment'));
  await page.keyboard.press('Tab');
  await expect(trial.getByText('40 marks')).toBeVisible();
  await did(page.getByRole('button', { name: 'Make the exam' }).click());
  await page.waitForURL('**/exam');
  await expect(page.getByText('40 marks').first()).toBeVisible();
  console.log(`from nothing to an exam of eight skills: ${actions} actions`);
  expect(actions).toBeLessThan(60);

  await server.visit(page, `/papers/plans/1`);
  await expect(trial.getByText('40 marks')).toBeVisible();
  await page.getByRole('button', { name: 'Make the exam' }).click();
  await page.waitForURL('**/exam');
  await expect(page.getByLabel('Title of the exam')).toHaveValue('Spring assessment, year 8');
});

test('an exam is edited, printed in forms, sat by two classes, marked and graded', async ({
  page
}) => {
  await server.visit(page, '/papers/plans/1');
  await page.getByRole('button', { name: 'Make the exam' }).click();
  await page.waitForURL('**/exam');
  const question = (n: number) => page.getByRole('group', { name: `Question ${n}`, exact: true });

  // An item is typed, one that is none is refused beside it, and the plan says what breaks.
  await question(1).locator('.asked').click();
  await page.getByLabel('Numbers of 1').fill('lanterns');
  await page.keyboard.press('Enter');
  await expect(question(1).getByRole('alert')).toBeVisible();
  await page.getByLabel('Numbers of 1').fill('58 + 67');
  await page.keyboard.press('Enter');
  await expect(question(1).getByText('typed by hand')).toBeVisible();
  await expect(question(1).getByText('125')).toBeVisible();
  await question(3).getByRole('button', { name: 'join to 2' }).click();
  await expect(question(2).getByRole('group')).toHaveCount(2);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(question(2).getByRole('group')).toHaveCount(1);
  await page.getByRole('button', { name: 'a question of your own' }).click();
  await page.getByRole('button', { name: 'Write your question here.' }).click();
  const own = page.getByRole('form', { name: /^Question/ });
  await own.getByLabel('What is asked').fill('How many lamps are $3/4$ of 8? #set page(fill: red)');
  await own.getByLabel('Answer').selectOption('number');
  await own.getByLabel('which is').fill('6');
  await own.getByLabel('Marks').fill('3');
  await own.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('tab', { name: 'Plan' }).click();
  await expect(page.getByText(/✗ .*not met/)).toBeVisible();
  await expect(page.getByText('● Saved')).toBeVisible();
  await page.reload();
  await whenLive(page);
  await expect(page.getByText('43 marks').first()).toBeVisible();

  // Two forms with other numbers, one key; what was typed is no markup.
  await page.getByRole('tab', { name: 'Forms' }).click();
  await page.getByRole('button', { name: 'Draw A and B' }).click();
  await expect(page.getByText('None: no item stands on two forms')).toBeVisible();
  const paper = (await page.getByRole('link', { name: 'all letters' }).getAttribute('href'))!;
  const { text, isTagged } = await printed(page, paper);
  expect(isTagged).toBe(true);
  expect(text.replace(/\s/g, '')).toContain('#setpage(fill:red)');
  expect(text).toContain('58 + 67');
  const key = (await page.getByRole('link', { name: 'one key for all' }).getAttribute('href'))!;
  expect((await printed(page, key)).text).toContain('125');

  // Sat by two classes in turns.
  await page.getByRole('button', { name: 'Classes sit it' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('7 Amber').check();
  await dialog.getByLabel('9 Slate').check();
  await dialog.getByLabel('Forms').selectOption('turns');
  // Nobody has approved it: that is said, and takes a word.
  await expect(dialog.getByText('The exam is not approved yet.')).toBeVisible();
  await dialog.getByLabel('It is sat all the same').check();
  await dialog.getByRole('button', { name: 'Make the piles of scripts' }).click();
  await page.waitForURL('**/marking');
  const pile = page.getByRole('link', { name: /^9 Slate.*Spring assessment.*answers left/ });
  await pile.filter({ hasText: 'sat today' }).click();
  await page.waitForURL(/marking\/\d+/);
  const sitting = /marking\/(\d+)/.exec(page.url())![1]!;
  await expect(page.getByText(/form [AB]/)).toBeVisible();
  await page.getByRole('link', { name: 'marks alone' }).click();
  const cells = page.locator('[data-cell]');
  const parts = 21;
  await expect(cells).toHaveCount(16 * parts);
  await page.locator('[data-cell="0/0"]').focus();
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', '1\t1\n0\t9\n');
    const paste = new ClipboardEvent('paste', {
      clipboardData: data,
      bubbles: true,
      cancelable: true
    });
    document.activeElement!.dispatchEvent(paste);
  });
  await expect(page.getByText('✗ 1 not saved')).toBeVisible();
  await page.locator('[data-cell="1/1"]').fill('1');
  await page.keyboard.press('Enter');
  await expect(page.getByText('● saved')).toBeVisible();
  await page.reload();
  await whenLive(page);
  await expect(page.locator('[data-cell="0/1"]')).toHaveValue('1');
  await expect(page.locator('[data-cell="1/0"]')).toHaveValue('0');

  // Boundaries, and a part that does not count.
  await server.visit(page, `/results/${sitting}?with=all`);
  await page.getByRole('button', { name: 'set grade boundaries' }).click();
  await page.getByLabel('Name of grade 1').fill('Lamp');
  await page.getByLabel('Least marks of grade 1').fill('30');
  await page.getByRole('button', { name: 'Set the boundaries' }).click();
  await expect(page.getByText('from 30')).toBeVisible();
  await page.getByRole('button', { name: 'withdraw a part' }).click();
  await page.getByLabel('left out').check();
  await expect(page.getByText(/The paper is then worth \d+ marks; it is worth/)).toBeVisible();
  await page.getByLabel(/grades keep their share of the total: Lamp from 29/).check();
  await page.getByRole('button', { name: 'Withdraw it' }).click();
  await expect(page.getByText('Say why')).toBeVisible();
  await page.getByLabel('Why').fill('a word was missing');
  await page.getByRole('button', { name: 'Withdraw it' }).click();
  await expect(page.getByText('it is left out of all totals')).toBeVisible();
  await expect(page.getByText('of 42').first()).toBeVisible();
  await expect(page.getByText('from 29')).toBeVisible();
});

test('a picture that cannot be printed is refused beside its field, with the reason', async ({
  request
}) => {
  const send = (svg: string) =>
    request.post(`${server.url}/papers/pictures`, {
      headers: { 'content-type': 'application/octet-stream' },
      data: Buffer.from(svg)
    });
  const svg = (inner: string, size = 'width="40" height="30"') =>
    `<svg xmlns="http://www.w3.org/2000/svg" ${size}>${inner}</svg>`;
  for (const [text, reason] of [
    [svg('<g>'.repeat(3000) + '</g>'.repeat(3000)), 'nested too deep'],
    [svg('<image href="http://lantern.example/a.png"/>'), 'cannot be printed: image'],
    [svg('', 'width="0" height="0"'), 'no size'],
    [svg('&nbsp;'), 'cannot be read as SVG']
  ] as const) {
    const answer = await send(text);
    expect(answer.status(), reason).toBe(422);
    expect((await answer.json()).error.message).toContain(reason);
  }
  const taken = await send(svg('<rect width="9" height="9"/>'));
  expect(taken.status()).toBe(200);
  const { name } = await taken.json();
  expect((await request.get(`${server.url}/papers/pictures/${name}`)).status()).toBe(200);
});

test('a question of one’s own is marked step by step, with own figures followed', async ({
  page
}) => {
  await server.visit(page, '/papers/plans/1');
  await page.getByRole('button', { name: 'Make the exam' }).click();
  await page.waitForURL('**/exam');
  await whenLive(page);
  await page.getByRole('button', { name: 'a question of your own' }).click();
  await page.getByRole('button', { name: 'Write your question here.' }).click();
  const own = page.getByRole('form', { name: /^Question/ });
  await own.getByLabel('What is asked').fill('750 and 488 lamps weigh 3 kg each. How much is it?');
  await own.getByRole('button', { name: 'mark it step by step' }).click();
  await own.getByLabel('Calculation of step a').fill('750 + ');
  await expect(own.getByText('cannot be worked out')).toBeVisible();
  await own.getByLabel('Calculation of step a').fill('750 + 488');
  await own.getByLabel('What step a works out').fill('Lamps made');
  await own.getByRole('button', { name: 'another step' }).click();
  await own.getByLabel('Calculation of step b').fill('a × 3');
  await own.getByLabel('Marks of step b').fill('2');
  await expect(own.getByText('3714')).toBeVisible();
  await own.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('● Saved')).toBeVisible();
  const address = new URL(page.url()).pathname.replace(/exam$/, 'print?kind=scheme');
  const { text } = await printed(page, address);
  expect(text.replace(/\s+/g, ' ')).toContain('lamps made: 750 + 488');
  await page.getByRole('button', { name: 'Classes sit it' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('7 Amber').check();
  await dialog.getByLabel('It is sat all the same').check();
  await dialog.getByRole('button', { name: 'Make the piles of scripts' }).click();
  await page.waitForURL(/marking\/\d+/);
  await server.visit(page, `${new URL(page.url()).pathname}?by=script`);
  for (let press = 0; press < 30; press++) await page.keyboard.press('PageDown');
  const entry = page.getByLabel('Entry');
  await expect(entry.getByText('750 and 488 lamps')).toBeVisible();
  await page.getByRole('textbox', { name: 'Answer' }).fill('3684');
  await page.keyboard.press('Enter');
  // 1228 for 1238: one slip of adding, and three times as much of that.
  await page.keyboard.type('1228');
  await expect(page.getByText('answer carried on')).toBeVisible();
  await expect(page.getByLabel('Mark M1')).toHaveValue('1');
  await expect(page.getByLabel('Mark A1')).toHaveValue('0');
});
