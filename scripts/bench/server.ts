import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ENTRIES, fillDatabase, ITEMS } from './fill';
import { ms, printTable, quantile } from './table';

const PORT = '4390';
const BASE = `http://127.0.0.1:${PORT}`;
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
const server = spawn('node', ['build'], {
  env: { ...process.env, PORT, HOST: '127.0.0.1', ORIGIN: BASE, DATABASE: database },
  stdio: 'ignore'
});
try {
  await ready();
  await measurePdf();
  await measurePages();
  await measureScripts();
} finally {
  server.kill();
  rmSync(folder, { recursive: true, force: true });
}

async function ready() {
  for (let tries = 0; tries < 100; tries++) {
    if (
      await fetch(`${BASE}/api/health`).then(
        ({ ok }) => ok,
        () => false
      )
    )
      return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('bench: the server did not start');
}

async function timed(path: string): Promise<number> {
  const start = performance.now();
  await (await fetch(BASE + path)).arrayBuffer();
  return performance.now() - start;
}

async function measurePdf() {
  const first = await timed('/papers/1/print?kind=paper');
  const next = await Promise.all([1]).then(() => timed('/papers/2/print?kind=paper'));
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

/** Scripts that a page names for loading at once, compressed. */
async function measureScripts() {
  const rows = [];
  for (const page of pages) {
    const response = await fetch(BASE + page);
    // Modules are named in the page and, for loading at once, in the Link header.
    const named = (response.headers.get('link') ?? '') + (await response.text());
    const scripts = new Set(
      [...named.matchAll(/["'(<]([^"'()<>]*\/_app\/immutable\/[^"'()]+\.js)["')>]/g)].map(
        (match) => match[1]!
      )
    );
    let bytes = 0;
    for (const script of scripts) {
      const url = new URL(script, BASE + page);
      bytes += gzipSync(Buffer.from(await (await fetch(url)).arrayBuffer())).byteLength;
    }
    rows.push([page, String(scripts.size), `${(bytes / 1024).toFixed(0)} kB`]);
  }
  printTable('First-load JavaScript, compressed', [['page', 'files', 'size'], ...rows]);
}
