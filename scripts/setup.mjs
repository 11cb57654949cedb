/* What the commands of the README share: installing what is missing, and building what is stale. */
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const stamp = join(root, 'node_modules', '.setup-stamp');

/** Runs a command in the project and stops with its code if it fails. */
export function run(command, args, env = {}) {
  const result = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env }
  });
  if (result.status !== 0) process.exit(result.status ?? 1);
}

/** A program that an installed package brings. */
export const bin = (name) => join(root, 'node_modules', '.bin', name);

/** Installs the packages unless exactly these are installed already. */
export function install() {
  const [major] = process.versions.node.split('.').map(Number);
  if (major < 20) {
    console.error(`Node.js 20 or newer is needed; this is ${process.versions.node}.`);
    process.exit(1);
  }
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const wanted = `${lock} node ${process.versions.modules}`;
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.log(
    'Installing packages (the database driver may be compiled, which takes a few minutes) ...'
  );
  run('npm', ['ci', '--no-audit', '--no-fund']);
  writeFileSync(stamp, wanted);
}

/** Builds the application unless the build is newer than every source. */
export function build() {
  const built = join(root, 'build', 'index.js');
  const sources = ['src', 'core', 'static'].map((name) => newest(join(root, name)));
  const files = ['package-lock.json', 'package.json', 'svelte.config.js', 'vite.config.ts'].map(
    (name) => statSync(join(root, name)).mtimeMs
  );
  if (existsSync(built) && statSync(built).mtimeMs > Math.max(...sources, ...files)) return;
  console.log('Building ...');
  run(bin('vite'), ['build', '--logLevel', 'warn']);
}

/** Settings of the built server: loopback only unless told otherwise. */
export function serverEnvironment(database) {
  const host = process.env.HOST ?? '127.0.0.1';
  const port = process.env.PORT ?? '4173';
  return {
    HOST: host,
    PORT: port,
    ORIGIN: process.env.ORIGIN ?? `http://127.0.0.1:${port}`,
    BODY_SIZE_LIMIT: '12M',
    DATABASE: process.env.DATABASE ?? database
  };
}

/** Runs the built server until it ends; signals are passed on to it, so that it never outlives its parent. */
export function serve(env) {
  const server = spawn('node', ['build'], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env }
  });
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
    process.on(signal, () => server.kill(signal));
  server.on('exit', (code) => process.exit(code ?? 0));
}

/** Path of a Chromium, installed through the system's packages where that is allowed. */
export function findChromium() {
  const known = [
    process.env.CHROMIUM,
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
    '/usr/bin/google-chrome'
  ];
  const found = () => known.find((path) => path && existsSync(path));
  if (found()) return found();
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.log('Installing Chromium for the browser tests ...');
    run('apt-get', ['update', '-qq']);
    run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
      DEBIAN_FRONTEND: 'noninteractive'
    });
  }
  if (!found()) {
    console.error(
      'The browser tests need Chromium: install the package "chromium", or set CHROMIUM to its path.'
    );
    process.exit(1);
  }
  return found();
}

/** Version of the working tree, for benchmarks. */
export function commit() {
  try {
    return execFileSync('git', ['rev-parse', '--short', 'HEAD'], { cwd: root }).toString().trim();
  } catch {
    return 'no commit';
  }
}

function newest(folder) {
  return readdirSync(folder, { withFileTypes: true }).reduce((latest, entry) => {
    const path = join(folder, entry.name);
    return Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }, 0);
}
