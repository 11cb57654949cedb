/*
 * Fifty people at once on the demo department: 25 mark, 15 look through pages and edit, 10 print, while the dearest requests
 * that are allowed run beside them. All traffic is to this machine, for a fixed number of requests each.
 */
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { TestServer } from '../../e2e/server';
import { entriesOf, placesOf, saveAnswer } from '../attack/department';
import { Sender } from '../attack/sender';
import { ms, printTable, quantile } from './table';

const MARKERS = 25;
const EDITORS = 15;
const PRINTERS = 10;
const EACH = 24;

const pages = ['/', '/papers', '/papers/1', '/classes/1', '/results', '/marking', '/house-style'];

const prints = ['/papers/1/print?kind=paper', '/papers/2/print?kind=key'];

/** The dearest request of each kind that is done. */
const dear: readonly (readonly [path: string, body: object])[] = [
  ['/api/items/count', { skill: 'decimal-multiplication', controls: {} }],
  ['/api/items', { skill: 'long-multiplication', controls: { carries: 3 }, count: 1000, seed: 1 }],
  [
    '/api/items/count',
    {
      skill: 'order-decimals',
      controls: { maxPlaces: { min: 1 }, integers: { max: 7 }, longerTraps: { max: 5 } }
    }
  ],
  [
    '/api/assemble',
    {
      total: 30,
      rows: ['long-division', 'near-multiple-subtraction', 'decimal-addition'].map((skill, at) => ({
        ...{ id: `r${at}`, skills: [skill], kind: 'bare', parts: { min: 1, max: 30 } }
      })),
      seed: 1
    }
  ]
];

const folder = mkdtempSync(join(tmpdir(), 'people-'));
const watch = join(folder, 'loop.json');
const memory = join(folder, 'memory');
const server = new TestServer({
  ...{ LOOP_WATCH: watch, MEMORY_WATCH: memory },
  LOG_LEVEL: 'silent',
  NODE_OPTIONS: `--import ${join(process.cwd(), 'scripts/attack/watch-loop.mjs')}`
});
await server.startDemo();
const taken: Record<'a page' | 'a mark saved' | 'a print' | 'health' | 'a dear request', number[]> =
  {
    ...{ 'a page': [], 'a mark saved': [], 'a print': [] },
    ...{ health: [], 'a dear request': [] }
  };
const acknowledged = new Map<string, string>();
let isOver = false;

const places = placesOf(server.database);
const marker = async (own: number) => {
  const sender = new Sender(server.port);
  for (let turn = 0; turn < EACH; turn++) {
    const at = own + MARKERS * turn;
    const place = places[at % places.length]!;
    const key = `${place.scriptId}/${place.partId}`;
    const version = entriesOf(server.database).get(key)?.version ?? 0;
    const answer = String(1000 + at);
    const { status, milliseconds } = await saveAnswer(sender, place, version, answer);
    if (status === 200) acknowledged.set(key, answer);
    taken['a mark saved'].push(milliseconds);
  }
  sender.end();
};
const visitor = async (own: number, kind: 'a page' | 'a print', paths: readonly string[]) => {
  const sender = new Sender(server.port);
  for (let turn = 0; turn < EACH; turn++) {
    const path = paths[(own + turn) % paths.length]!;
    taken[kind].push((await sender.send({ method: 'GET', path })).milliseconds);
  }
  sender.end();
};
const hunter = async () => {
  const sender = new Sender(server.port);
  for (let turn = 0; !isOver; turn++) {
    const [path, body] = dear[turn % dear.length]!;
    taken['a dear request'].push((await sender.json(path, body)).milliseconds);
  }
  sender.end();
};
const doctor = async () => {
  const sender = new Sender(server.port);
  while (!isOver) {
    taken.health.push((await sender.send({ method: 'GET', path: '/api/health' })).milliseconds);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  sender.end();
};

// Each page and skill is met once before it counts: what is loaded then is loaded once a day.
const first = new Sender(server.port);
for (const path of [...pages, ...prints]) await first.send({ method: 'GET', path });
for (const [path, body] of dear) await first.json(path, body);
first.end();
process.kill(server.pid, 'SIGUSR2');
while (!existsSync(memory)) await new Promise((resolve) => setTimeout(resolve, 50));

const beside = [hunter(), doctor()];
await Promise.all([
  ...Array.from({ length: MARKERS }, (_, own) => marker(own)),
  ...Array.from({ length: EDITORS }, (_, own) => visitor(own, 'a page', pages)),
  ...Array.from({ length: PRINTERS }, (_, own) => visitor(own, 'a print', prints))
]);
isOver = true;
await Promise.all(beside);
const kept = entriesOf(server.database);
const lost = [...acknowledged].filter(([key, answer]) => kept.get(key)?.written !== answer);
const held = existsSync(watch) ? (JSON.parse(readFileSync(watch, 'utf8')) as number[]) : [];
await server.stop();
rmSync(folder, { recursive: true });

printTable(`${MARKERS + EDITORS + PRINTERS} people at once, with dear requests beside them`, [
  ['what', 'times', 'half', '95 %', 'all'],
  ...Object.entries(taken).map(([what, own]) => [
    ...[what, String(own.length)],
    ...[0.5, 0.95, 1].map((share) => ms(quantile(own, share)))
  ])
]);
printTable('Beside that', [
  ['', ''],
  ['answers acknowledged at the last, lost of them', `${acknowledged.size}, ${lost.length}`],
  ['the server’s own thread held: 99 %, 99.99 %, longest', held.map(ms).join(', ')]
]);
if (lost.length > 0) process.exitCode = 1;
