import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cards } from '@zealous-quill/core/catalogue';
import { ENTRIES, fillDatabase, ITEMS } from './fill';
import { OwnServer } from '../test/own-server';
import { firstLoad } from './first-load';
import { fortySkills } from './forty-skills';
import { ms, printTable, quantile } from './table';

const ROUNDS = 60;

const pages = [
  '/',
  '/workshop/column-addition',
  '/papers',
  '/papers/1',
  '/marking',
  '/marking/1?by=question',
  '/marking/1?by=script',
  '/results',
  '/results/1',
  '/classes',
  '/classes/1',
  '/classes/import',
  '/house-style'
];

const folder = mkdtempSync(join(tmpdir(), 'zealous-quill-bench-'));
const database = join(folder, 'bench.db');
fillDatabase(database);
const server = await OwnServer.start({ database });
let sizes: Map<string, string>;
try {
  await measurePdf();
  await measurePages();
  sizes = await firstLoad(server.url, pages);
} finally {
  await server.kill();
}
const forty = await fortySkills(database, pages);
printTable('First-load JavaScript, compressed', [
  ['page', `${cards.length} skills`, '40 skills'],
  ...pages.map((page) => [page, sizes.get(page)!, forty.get(page)!])
]);
rmSync(folder, { recursive: true, force: true });

async function timed(path: string): Promise<number> {
  const start = performance.now();
  await (await fetch(server.url + path)).arrayBuffer();
  return performance.now() - start;
}

async function measurePdf() {
  const first = await timed('/papers/1/print?kind=paper');
  const next = await timed('/papers/2/print?kind=paper');
  printTable('PDF of a 20-item paper, request to last byte', [
    ['', 'time'],
    ['first', ms(first)],
    ['next', ms(next)]
  ]);
}

async function measurePages() {
  const rows = [];
  for (const page of pages) {
    await timed(page);
    const samples = [];
    for (let round = 0; round < ROUNDS; round++) samples.push(await timed(page));
    rows.push([page, ms(quantile(samples, 0.5)), ms(quantile(samples, 0.95))]);
  }
  printTable(`Server time of pages at ${ITEMS} items and ${ENTRIES} entries, one after another`, [
    ['page', 'median', '95th percentile'],
    ...rows
  ]);
}
