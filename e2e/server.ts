import type { Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { OwnServer } from '../scripts/test/own-server';

/** Waits until a page hears what is typed into it, however long its scripts take. */
export async function whenLive(page: Page): Promise<void> {
  await page.locator('main:not([inert])').waitFor({ state: 'attached' });
}

/** The built application on a database of its own, which can be killed and started again on the same port. */
export class TestServer {
  readonly database: string;
  private readonly folder = mkdtempSync(join(tmpdir(), 'zealous-quill-'));
  private server: OwnServer | undefined;

  constructor(private readonly env: Readonly<Record<string, string>> = {}) {
    this.database = join(this.folder, 'test.db');
  }

  get url(): string {
    return this.running.url;
  }

  /** The number of its process. */
  get pid(): number {
    return this.running.process.pid!;
  }

  get port(): number {
    return this.running.port;
  }

  private get running(): OwnServer {
    if (!this.server) throw new Error('the server has not been started');
    return this.server;
  }

  /** Starts on the department that the demo shows. */
  async startDemo(): Promise<void> {
    const filled = process.env['DEMO_DATABASE'];
    if (filled) copyFileSync(filled, this.database);
    else {
      const env = { ...process.env, DATABASE: this.database };
      execFileSync('node_modules/.bin/tsx', ['scripts/seed-demo.ts'], { env });
    }
    await this.start();
  }

  async start(): Promise<void> {
    this.server = await OwnServer.start({
      database: this.database,
      ...(this.server && { port: this.server.port }),
      // What is drawn anew is the same on every run.
      env: { SEED: '1847', ...this.env }
    });
  }

  /** Opens a page and waits until it answers to the keyboard. */
  async visit(page: Page, path: string): Promise<void> {
    await page.goto(this.url + path);
    await page.waitForLoadState('networkidle');
    await whenLive(page);
  }

  /** Ends the process at once, as a power cut would. */
  kill(): Promise<void> {
    return this.running.kill();
  }

  async stop(): Promise<void> {
    await this.server?.kill();
    rmSync(this.folder, { recursive: true, force: true });
  }
}
