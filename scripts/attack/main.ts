/*
 * `npm run attack`: hostile requests, hard requests, races and kills against the built application on this machine, from
 * a fixed seed, with a table of what was measured. Nothing is sent to any other machine, and all data is thrown away.
 */
import { copyFileSync, existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { execFileSync } from 'node:child_process';
import { TestServer } from '../../e2e/server';
import { ms, printTable, quantile } from '../bench/table';
import { placesOf, saveAnswer } from './department';
import { Dice } from './dice';
import { hostile } from './hostile';
import { hunt } from './hunt';
import { killWhileWorking, race } from './kills';
import { Sender } from './sender';

const SEED = Number(process.env['SEED'] ?? 1847);
const REQUESTS = Number(process.env['REQUESTS'] ?? 20_000);
const HUNT = Number(process.env['HUNT'] ?? 60_000);
const KILLS = Number(process.env['KILLS'] ?? 20);
const RACES = 40;
/** The department is filled anew after so many hostile requests, as they may have removed it. */
const ROUND = 4000;
/** Requests that are under way at once. */
const AT_ONCE = 8;

const folder = mkdtempSync(join(tmpdir(), 'attack-'));
const department = join(folder, 'department.db');
execFileSync('node_modules/.bin/tsx', ['scripts/seed-demo.ts'], {
  env: { ...process.env, DATABASE: department }
});
const faults: string[] = [];
const rows: string[][] = [['what', 'measured', 'wanted']];

/** What was watched of the server's own thread: how long it computed at a time, in milliseconds. */
const watched = join(folder, 'loop.json');
/** Where the server says what memory it uses when it is asked. */
const inUse = join(folder, 'memory');
const held = { often: 0, seldom: 0, longest: 0 };
const LONGEST_HELD = 100;

function readWatch(): void {
  if (!existsSync(watched)) return;
  const [often, seldom, longest] = JSON.parse(readFileSync(watched, 'utf8')) as number[];
  held.often = Math.max(held.often, often!);
  held.seldom = Math.max(held.seldom, seldom!);
  held.longest = Math.max(held.longest, longest!);
  rmSync(watched);
}

/** Megabytes of memory that the server's own thread uses, once what it does not use any more is given back. */
async function memoryOf({ pid }: TestServer): Promise<number> {
  rmSync(inUse, { force: true });
  process.kill(pid, 'SIGUSR2');
  while (!existsSync(inUse)) await new Promise((resolve) => setTimeout(resolve, 50));
  return Number(readFileSync(inUse, 'utf8')) / 2 ** 20;
}

/** Megabytes that a process holds, with all of its threads, used or not. */
const heldBy = ({ pid }: TestServer): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

const memory = { before: 0, after: 0, held: 0 };
/** Requests after which the server is as warm as it will be. */
const WARM = 500;

async function onFreshServer(work: (server: TestServer, sender: Sender) => Promise<void>) {
  const server = new TestServer({
    LOOP_WATCH: watched,
    MEMORY_WATCH: inUse,
    NODE_OPTIONS: `--import ${join(process.cwd(), 'scripts/attack/watch-loop.mjs')}`
  });
  copyFileSync(department, server.database);
  await server.start();
  const sender = new Sender(server.port);
  try {
    await work(server, sender);
  } finally {
    sender.end();
    readWatch();
    await server.stop();
  }
}

const dice = new Dice(SEED);
const statuses = new Map<string, number>();
let slowest = { milliseconds: 0, request: '' };
for (let sent = 0; sent < REQUESTS; sent += ROUND) {
  await onFreshServer(async (server, sender) => {
    const round = Math.min(ROUND, REQUESTS - sent);
    let left = round;
    const one = async () => {
      while (left-- > 0) {
        if (round - left === WARM) memory.before = Math.max(memory.before, await memoryOf(server));
        const request = hostile(dice);
        const { status, milliseconds, body } = await sender.send(request);
        const key = typeof status === 'number' ? `${Math.floor(status / 100)}xx` : status;
        statuses.set(key, (statuses.get(key) ?? 0) + 1);
        if (milliseconds > slowest.milliseconds) {
          slowest = { milliseconds, request: `${request.method} ${request.path}` };
        }
        const isFault =
          typeof status === 'number' ? status >= 500 && status !== 503 : status !== 'not sent';
        if (isFault) {
          const text = request.body?.subarray(0, 300).toString() ?? '';
          faults.push(
            `${status} ${request.method} ${request.path.slice(0, 200)} ${text} -> ${body.slice(0, 200)}`
          );
        }
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, one));
    const { status } = await sender.send({ method: 'GET', path: '/' });
    memory.held = Math.max(memory.held, heldBy(server));
    memory.after = Math.max(memory.after, await memoryOf(server));
    if (status !== 200) faults.push(`after ${sent} hostile requests the desk answers ${status}`);
  });
}
const told = [...statuses].sort().map(([status, times]) => `${status} ${times}`);
rows.push(['hostile requests', String(REQUESTS), 'at least 20000']);
rows.push(['their answers', told.join(', '), 'no 500, hang or dead connection']);
rows.push(['slowest of them', ms(slowest.milliseconds), 'below a minute']);
rows.push([
  `memory in use after ${WARM} of them, and after each round`,
  `${Math.round(memory.before)} MB, ${Math.round(memory.after)} MB`,
  'within a fifth'
]);
rows.push(['memory held by all threads, at most', `${Math.round(memory.held)} MB`, '']);
if (memory.after > 1.2 * memory.before)
  faults.push(`memory grew to ${Math.round(memory.after)} MB`);
console.log(`slowest: ${slowest.request.slice(0, 200)}`);

await onFreshServer(async (server, sender) => {
  // Health and marking have a connection of their own, as another user has.
  const other = new Sender(server.port);
  const places = placesOf(server.database);
  const samples: Record<'health' | 'marking', number[]> = { health: [], marking: [] };
  const end = { isOver: false };
  const sampling = (async () => {
    const versions = new Map<number, number>();
    for (let at = 0; !end.isOver; at++) {
      const { milliseconds } = await other.send({ method: 'GET', path: '/api/health' });
      samples.health.push(milliseconds);
      const nth = at % places.length;
      const heard = await saveAnswer(other, places[nth]!, versions.get(nth) ?? 1, String(at));
      const saved = /"version":(\d+)/.exec(heard.body)?.[1];
      if (saved) versions.set(nth, Number(saved));
      samples.marking.push(heard.milliseconds);
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  })();
  const { asked, tooHard, slowest: worst, wrong } = await hunt(sender, dice, HUNT);
  end.isOver = true;
  await sampling;
  other.end();
  faults.push(
    ...wrong.map(({ status, body }) => `${status} while hunting -> ${body.slice(0, 200)}`)
  );
  rows.push([
    'hard requests in a minute',
    `${asked}, ${tooHard} refused for their work`,
    'all answered'
  ]);
  rows.push(['slowest of them, with waiting', ms(worst.milliseconds), 'below a minute']);
  console.log(`slowest: ${worst.request}`);
  for (const [what, own] of Object.entries(samples)) {
    const figure = `${ms(quantile(own, 0.5))}, ${ms(quantile(own, 0.95))}, ${ms(quantile(own, 1))}`;
    rows.push([`${what} meanwhile: half, 95 %, all of ${own.length}`, figure, '95 % below 100 ms']);
    if (quantile(own, 0.95) > 100) faults.push(`${what} took ${ms(quantile(own, 0.95))}`);
  }
});

await onFreshServer(async (server, sender) => {
  let winners = 0;
  for (let at = 0; at < RACES; at++) winners += await race(server, sender, 8);
  rows.push([
    'winners of races of 8 saves over one version',
    `${winners} of ${RACES} races`,
    'one each'
  ]);
  if (winners !== RACES) faults.push(`${winners} winners of ${RACES} races`);
  const killed = await killWhileWorking(server, sender, dice, KILLS);
  rows.push(['kills while working', String(killed.kills), 'at least 20']);
  rows.push(['acknowledged, lost', `${killed.acknowledged}, ${killed.lost.length}`, 'none lost']);
  faults.push(...killed.lost.map((what) => `lost: ${what}`));
});

rows.push([
  'the warm server’s own thread computed at a time: 99 %, 99.99 %, longest',
  `${ms(held.often)}, ${ms(held.seldom)}, ${ms(held.longest)}`,
  `below ${LONGEST_HELD} ms`
]);
if (held.seldom > LONGEST_HELD) faults.push(`the server’s thread was held ${ms(held.seldom)}`);
rmSync(folder, { recursive: true });
printTable(`Attack, seed ${SEED}`, rows);
if (faults.length > 0) {
  console.log(`\n${faults.length} faults:`);
  for (const fault of faults.slice(0, 60)) console.log(`  ${fault}`);
  process.exitCode = 1;
}
