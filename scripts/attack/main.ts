/*
 * `npm run attack`: hostile requests, hard requests, races and kills against the built application on this machine, from
 * a fixed seed, with a table of what was measured. Nothing is sent to any other machine, and all data is thrown away.
 */
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
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

const SEED = 1847;
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

async function onFreshServer(work: (server: TestServer, sender: Sender) => Promise<void>) {
  const server = new TestServer();
  copyFileSync(department, server.database);
  await server.start();
  const sender = new Sender(server.port);
  try {
    await work(server, sender);
  } finally {
    sender.end();
    await server.stop();
  }
}

const dice = new Dice(SEED);
const statuses = new Map<string, number>();
let slowest = { milliseconds: 0, request: '' };
for (let sent = 0; sent < REQUESTS; sent += ROUND) {
  await onFreshServer(async (_, sender) => {
    let left = Math.min(ROUND, REQUESTS - sent);
    const one = async () => {
      while (left-- > 0) {
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
    if (status !== 200) faults.push(`after ${sent} hostile requests the desk answers ${status}`);
  });
}
const told = [...statuses].sort().map(([status, times]) => `${status} ${times}`);
rows.push(['hostile requests', String(REQUESTS), 'at least 20000']);
rows.push(['their answers', told.join(', '), 'no 500, hang or dead connection']);
rows.push(['slowest of them', ms(slowest.milliseconds), 'below 15 s']);
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
  rows.push(['hard requests in a minute', `${asked}, ${tooHard} broken off`, 'all answered']);
  rows.push(['slowest of them, with waiting', ms(worst.milliseconds), 'broken off after 2 s each']);
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

rmSync(folder, { recursive: true });
printTable(`Attack, seed ${SEED}`, rows);
if (faults.length > 0) {
  console.log(`\n${faults.length} faults:`);
  for (const fault of faults.slice(0, 60)) console.log(`  ${fault}`);
  process.exitCode = 1;
}
