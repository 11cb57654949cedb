import type { Page } from '@playwright/test';
import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** The built application on a database of its own, which can be killed and started again. */
export class TestServer {
  readonly url: string;
  readonly database: string;
  private readonly folder = mkdtempSync(join(tmpdir(), 'zealous-quill-'));
  private process: ChildProcess | undefined;

  constructor(private readonly port: number) {
    this.url = `http://127.0.0.1:${port}`;
    this.database = join(this.folder, 'test.db');
  }

  /** Starts on the department that the demo shows. */
  async startDemo(): Promise<void> {
    const env = { ...process.env, DATABASE: this.database };
    execFileSync('node_modules/.bin/tsx', ['scripts/seed-demo.ts'], { env });
    await this.start();
  }

  async start(): Promise<void> {
    const env = {
      ...process.env,
      HOST: '127.0.0.1',
      PORT: String(this.port),
      ORIGIN: this.url,
      BODY_SIZE_LIMIT: '12M',
      DATABASE: this.database,
      // What is drawn anew is the same on every run.
      SEED: '1847'
    };
    this.process = spawn('node', ['build'], { env, stdio: ['ignore', 'ignore', 'inherit'] });
    for (let tries = 0; tries < 100; tries++) {
      const isUp = await fetch(`${this.url}/api/health`).then(
        (response) => response.ok,
        () => false
      );
      if (isUp) return;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error('the server did not start');
  }

  /** Opens a page and waits until it answers to the keyboard. */
  async visit(page: Page, path: string): Promise<void> {
    await page.goto(this.url + path);
    await page.waitForLoadState('networkidle');
  }

  /** Ends the process at once, as a power cut would. */
  async kill(): Promise<void> {
    const ended = new Promise((resolve) => this.process?.once('exit', resolve));
    this.process?.kill('SIGKILL');
    await ended;
  }

  async stop(): Promise<void> {
    await this.kill();
    rmSync(this.folder, { recursive: true, force: true });
  }
}
