import { expect, test } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request as ask, Agent, type RequestOptions } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { TestServer } from './server';

const server = new TestServer();

test.beforeAll(() => server.start());
test.afterAll(() => server.stop());

/** One connection for all of them, as a browser keeps it. */
const agent = new Agent({ keepAlive: true, maxSockets: 1 });

const status = (path: string, options: RequestOptions = {}, body?: Buffer) =>
  new Promise<number | string>((resolve) => {
    const sent = ask({ host: '127.0.0.1', port: server.port, path, agent, ...options }, (reply) => {
      reply.resume().on('end', () => resolve(reply.statusCode ?? 0));
    });
    sent.on('error', (error: NodeJS.ErrnoException) => resolve(error.code ?? 'error'));
    sent.end(body);
  });

test('strangers are refused, and a refused request leaves the connection whole', async () => {
  const junk = Buffer.alloc(1_000_000, 'a');
  const post = (type: string, more: Record<string, string> = {}) => ({
    method: 'POST',
    headers: { 'content-type': type, 'content-length': String(junk.length), ...more }
  });
  const form = 'application/x-www-form-urlencoded';
  for (const [path, options, expected] of [
    ['/classes?/create', post('text/plain'), 415],
    ['/classes?/create', post('multipart/form-data; boundary=x'), 400],
    ['/classes?/constructor', post(form), 404],
    ['/api/items', post('application/json'), 413],
    ['/papers', post(form, { host: 'lantern.example' }), 403],
    ['/papers', post(form, { origin: 'http://lantern.example' }), 403],
    ['/papers', post(form, { 'sec-fetch-site': 'cross-site' }), 403]
  ] as const) {
    expect(await status(path, options, junk), path).toBe(expected);
    expect(await status('/api/health'), `after ${path}`).toBe(200);
  }
});

test('a page runs scripts of the server alone and stands in no frame; one with names is not kept', async ({
  request
}) => {
  const headers = (await request.get(`${server.url}/classes`)).headers();
  expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
  expect(headers['content-security-policy']).not.toMatch(/script-src[^;]*unsafe/);
  expect(headers['cache-control']).toBe('no-store');
  expect(headers['x-content-type-options']).toBe('nosniff');
});

test('a second server on the same database says so and does not start', () => {
  const env = { ...process.env, DATABASE: server.database, PORT: '0' };
  const { status, stderr } = spawnSync('node', ['build'], {
    env,
    encoding: 'utf8'
  });
  expect(status).toBe(1);
  expect(stderr).toContain('Another server is running on this database');
});

/** Starts the built server with other settings, on a database of its own, and waits until it ends. */
function endingServer(env: Readonly<Record<string, string>>) {
  const own = { ...process.env, DATABASE: `${server.database}-other`, PORT: '0', ...env };
  return spawnSync('node', ['build'], { env: own, encoding: 'utf8' });
}

test('a server that others on the network could reach does not start unless that is meant', () => {
  const { status, stderr } = endingServer({ HOST: '0.0.0.0' });
  expect(status).toBe(1);
  expect(stderr).toContain('read and change everything');
  expect(stderr).toContain('OPEN_TO_NETWORK=yes');
});

test('one that is meant to be open says so on every page', async ({ page }) => {
  const open = new TestServer({ HOST: '0.0.0.0', OPEN_TO_NETWORK: 'yes' });
  try {
    await open.start();
    for (const path of ['/', '/classes', '/workshop/column-addition']) {
      await page.goto(open.url + path);
      await expect(page.getByText('read and change everything')).toBeVisible();
    }
  } finally {
    await open.stop();
  }
});

test('a damaged database stops the start, and the terminal says what to do', () => {
  // In a folder of its own, as a server that has run for a while has a backup beside its database.
  const folder = mkdtempSync(join(tmpdir(), 'damaged-'));
  const database = join(folder, 'department.db');
  writeFileSync(database, 'no database at all, and long enough to be looked at. '.repeat(100));
  const { status, stderr } = endingServer({ DATABASE: database });
  rmSync(folder, { recursive: true });
  expect(status).toBe(1);
  expect(stderr).toContain('is damaged');
  expect(stderr).toContain('No backup that opens');
});
