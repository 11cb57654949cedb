import { defineConfig } from '@playwright/test';

const MINUTE = 60_000;

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/demo-department.ts',
  // Limits of minutes: a slow machine is slow, and no test is about that.
  timeout: 30 * MINUTE,
  expect: { timeout: 3 * MINUTE },
  workers: 2,
  reporter: [['list']],
  use: {
    actionTimeout: 5 * MINUTE,
    navigationTimeout: 5 * MINUTE,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking']
    }
  }
});
