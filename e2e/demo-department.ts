import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Fills the demo department once for all browser tests; each file of tests works on a copy of it. */
export default function fillDemo(): () => void {
  const folder = mkdtempSync(join(tmpdir(), 'zealous-quill-demo-'));
  const database = join(folder, 'demo.db');
  execFileSync('node_modules/.bin/tsx', ['scripts/seed-demo.ts'], {
    env: { ...process.env, DATABASE: database }
  });
  process.env['DEMO_DATABASE'] = database;
  return () => rmSync(folder, { recursive: true, force: true });
}
