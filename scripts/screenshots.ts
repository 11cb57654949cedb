/* Pictures of the main views for docs/screenshots, taken of the built application with the demo department. */
import { chromium, type Page } from '@playwright/test';
import { TestServer } from '../e2e/server';

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly dark?: boolean;
  readonly before?: (page: Page) => Promise<void>;
}

const shots: readonly Shot[] = [
  { name: 'desk', path: '/' },
  { name: 'workshop', path: '/workshop/column-addition' },
  {
    name: 'workshop-conflict',
    path: `/workshop/column-addition?controls=${JSON.stringify({ addends: 2, digits: 5, ripples: 3, answerZeros: 2 })}`,
    dark: true
  },
  { name: 'papers-mixed', path: '/papers/4' },
  { name: 'plan', path: '/papers/plans/1' },
  { name: 'marking', path: '/marking/2', before: markOne },
  { name: 'sittings', path: '/marking' },
  { name: 'context', path: '/house-style/contexts/1' },
  { name: 'problem', path: '/workshop/word-problem', before: chooseProblem },
  { name: 'records', path: '/records/bin' },
  { name: 'print-mixed', path: '/papers/4/preview?kind=paper', before: spreadPages },
  {
    name: 'print-solutions',
    path: '/papers/4/preview?kind=solutions',
    before: spreadPages
  },
  { name: 'results', path: '/results/1' },
  { name: 'exam', path: '/papers/plans/1', before: makeExam },
  { name: 'print-exam', path: '/papers/13/preview?kind=paper', before: spreadPages },
  { name: 'marks-grid', path: '/marking/10/grid' },
  { name: 'ways', path: '/workshop/ways?sum=198 %2B 57' },
  { name: 'classes', path: '/classes/1' },
  { name: 'house-style', path: '/house-style' }
];

const server = new TestServer();
await server.startDemo();
const browser = await chromium.launch({
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu']
});
const wanted = process.argv.slice(2);
try {
  for (const shot of shots) {
    if (wanted.length === 0 || wanted.includes(shot.name)) await take(shot);
  }
} finally {
  await browser.close();
  await server.stop();
}

async function take({ name, path, dark, before }: Shot): Promise<void> {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    colorScheme: dark ? 'dark' : 'light'
  });
  const page = await context.newPage();
  await page.goto(server.url + path, { waitUntil: 'networkidle' });
  await page.waitForTimeout(1500);
  await before?.(page);
  await page.screenshot({ path: `docs/screenshots/${name}.png`, fullPage: before === spreadPages });
  await context.close();
  console.log(name);
}

/** Leaves a response on the desk whose answer is wrong, with its squares open. */
async function markOne(page: Page): Promise<void> {
  const text = async (selector: string) => {
    const found = page.locator(selector).first();
    return (await found.count()) === 0 ? '' : ((await found.textContent()) ?? '').trim();
  };
  const alike = (one: string, other: string) => plain(one) === plain(other);
  for (let tries = 0; tries < 20; tries++) {
    const written = await text('.hand');
    if (written !== '' && !alike(written, await text('.key strong'))) {
      // The first is the field of the answer; a sheet may have a square of that name too.
      const field = page.getByRole('textbox', { name: 'Answer' }).first();
      if ((await text('.standing')) !== '') break;
      await field.fill(written);
      await page.keyboard.press('Enter');
      break;
    }
    await page.keyboard.press('PageDown');
    await page.waitForTimeout(120);
  }
  await page.waitForTimeout(600);
}

/** Chooses a comparison of decimals whose words point the wrong way, and shows it solved. */
async function chooseProblem(page: Page): Promise<void> {
  const feature = (title: string) => page.getByRole('group', { name: new RegExp(`^${title}`) });
  await feature('Situation').getByRole('button', { name: 'compare' }).click();
  await feature('Language').getByRole('button', { name: 'consistent', exact: true }).click();
  await feature('Language').getByRole('button', { name: 'inconsistent' }).click();
  await page.waitForTimeout(1500);
  await page
    .getByRole('listitem')
    .getByRole('button', { name: / than / })
    .first()
    .click();
  await page.getByText(/^The answer is/).waitFor();
  await page.waitForTimeout(1500);
  await page.evaluate(() => scrollTo(0, 0));
}

/** Lays the first pages of a print side by side. */
async function spreadPages(page: Page): Promise<void> {
  const source = page.url();
  const addresses: string[] = [];
  for (let at = 1; at <= 6; at++) {
    const address = `${source}&page=${at}`;
    if (!(await page.request.get(address)).ok()) break;
    addresses.push(address);
  }
  await page.goto(`${server.url}/api/health`);
  await page.setContent(
    '<body style="display: grid; grid-template-columns: 620px 620px; gap: 13px; margin: 13px; background: #8a8578">' +
      addresses
        .map((address) => `<img src="${address}" width="620" style="background: white">`)
        .join('')
  );
  await page.waitForLoadState('networkidle');
}

/** Makes the exam of the plan that is shown, and follows its fourth question. */
async function makeExam(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Make the exam' }).click();
  await page.waitForURL('**/exam');
  await page.getByRole('button', { name: 'join to 4' }).click();
  await page.getByRole('button', { name: 'other for 3', exact: true }).click();
  await page.waitForTimeout(3500);
}

/** Without what the house style adds to a value: spaces, and the longer minus sign. */
function plain(text: string): string {
  return text.replace(/\s/g, '').replaceAll('−', '-').replaceAll('²', '^2');
}
