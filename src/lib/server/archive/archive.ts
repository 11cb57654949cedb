import Database from 'better-sqlite3';
import { createHash } from 'node:crypto';
import {
  chmodSync,
  closeSync,
  createReadStream,
  fsyncSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync
} from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { create, extract } from 'tar';
import { z } from 'zod';
import { knownHashes } from '../database/base/connection';
import { version } from '../database/base/version';
import { makeRoom } from './leftovers';
import { reasons, type Reason } from './reasons';

const APPLICATION = 'Zealous Quill';
const MANIFEST = 'manifest.json';
const CONTENT = 'database.sqlite';

const manifestSchema = z.object({
  application: z.literal(APPLICATION),
  version: z.string(),
  madeAt: z.string(),
  reason: z.enum(reasons),
  /** Migrations that the database has had. */
  migrations: z.int(),
  bytes: z.int(),
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  /** Rows of each table. */
  rows: z.record(z.string(), z.int())
});

export type Manifest = z.infer<typeof manifestSchema>;

/** A backup that cannot be taken; the message says why in a sentence. */
export class UnusableBackup extends Error {}

/**
 * Makes a backup of a database that may be in use: SQLite's online backup, opened and checked, with its version and
 * checksum in one gzipped tar file. The uploads are in the database. Gives the name of the file in `folder`.
 */
export async function makeBackup(file: string, folder: string, reason: Reason): Promise<string> {
  const room = makeRoom('making', folder);
  try {
    const copy = join(room, CONTENT);
    const source = new Database(file, { fileMustExist: true });
    // In one go: a copy in steps begins again whenever something is saved.
    await source.backup(copy, { progress: () => Number.MAX_SAFE_INTEGER });
    source.close();
    const { migrations, rows } = inspect(copy);
    const madeAt = new Date().toISOString();
    const manifest: Manifest = {
      ...{ application: APPLICATION, version, madeAt, reason, migrations, rows },
      bytes: statSync(copy).size,
      sha256: await checksum(copy)
    };
    writeFileSync(join(room, MANIFEST), `${JSON.stringify(manifest, null, 2)}\n`);
    const made = join(room, 'made');
    await create({ gzip: true, portable: true, file: made, cwd: room }, [MANIFEST, CONTENT]);
    chmodSync(made, 0o600);
    sync(made);
    const name = `zealous-quill-${madeAt.replace(/[:.]/g, '-')}-${reason}.tar.gz`;
    renameSync(made, join(folder, name));
    sync(folder);
    return name;
  } finally {
    rmSync(room, { recursive: true, force: true });
  }
}

/**
 * Takes a backup apart into a folder and checks all of it; gives the path of the database and what the manifest says.
 * Throws {@link UnusableBackup} for a file that is no backup, is damaged, or was made by a newer version.
 */
export async function openBackup(
  archive: string,
  room: string,
  mostMigrations: number
): Promise<{ path: string; manifest: Manifest }> {
  const [path, manifestPath] = [join(room, CONTENT), join(room, MANIFEST)];
  try {
    await extract({
      file: archive,
      cwd: room,
      strict: true,
      filter: (name, entry) =>
        [MANIFEST, CONTENT].includes(name) && 'type' in entry && entry.type === 'File'
    });
  } catch {
    throw new UnusableBackup('This file cannot be unpacked: it is damaged, or no backup.');
  }
  const manifest = readManifest(manifestPath);
  let sum: string;
  try {
    sum = await checksum(path);
  } catch {
    throw new UnusableBackup('This file holds no database.');
  }
  if (sum !== manifest.sha256)
    throw new UnusableBackup('This backup was changed: its checksum differs.');
  if (manifest.migrations > mostMigrations) {
    throw new UnusableBackup(
      `This backup was made by version ${manifest.version}, which is newer than this one (${version}).`
    );
  }
  const found = inspect(path);
  checkHistory(found.hashes, manifest);
  if (JSON.stringify(found.rows) !== JSON.stringify(manifest.rows)) {
    throw new UnusableBackup('What this backup says of itself is not what is in it.');
  }
  return { path, manifest };
}

/** Whatever the manifest says: the database itself tells by which migrations it was built. */
function checkHistory(hashes: readonly string[], { version: by }: Manifest): void {
  const known = knownHashes();
  const isOurs =
    hashes.length > 0 && hashes.every((hash, at) => at >= known.length || hash === known[at]);
  if (!isOurs) throw new UnusableBackup('The database in this file is none of this application.');
  if (hashes.length > known.length) {
    throw new UnusableBackup(
      `This backup was made by version ${by}, which is newer than this one (${version}).`
    );
  }
}

function readManifest(path: string): Manifest {
  try {
    return manifestSchema.parse(JSON.parse(readFileSync(path, 'utf8')));
  } catch {
    throw new UnusableBackup('This file is no backup of this application.');
  }
}

interface Inspected extends Pick<Manifest, 'migrations' | 'rows'> {
  /** The migrations it was built by, the first first. */
  readonly hashes: readonly string[];
}

/** Opens a copy and checks it; gives what it holds. */
function inspect(path: string): Inspected {
  const copy = new Database(path);
  try {
    // One file, without a log beside it.
    copy.pragma('journal_mode = DELETE');
    const faults = copy.pragma('integrity_check') as { integrity_check: string }[];
    const loose = copy.pragma('foreign_key_check') as unknown[];
    if (faults[0]?.integrity_check !== 'ok' || loose.length > 0) {
      throw new UnusableBackup('The database in this backup is damaged.');
    }
    const tables = copy
      .prepare(
        "select name from sqlite_master where type = 'table' and name not like 'sqlite%' order by name"
      )
      .pluck()
      .all() as string[];
    const rows = Object.fromEntries(
      tables.map((name) => [name, copy.prepare(`select count(*) from "${name}"`).pluck().get()])
    ) as Record<string, number>;
    const hashes = tables.includes('__drizzle_migrations')
      ? (copy
          .prepare('select hash from __drizzle_migrations order by rowid')
          .pluck()
          .all() as string[])
      : [];
    return { migrations: hashes.length, rows, hashes };
  } catch (error) {
    if (error instanceof UnusableBackup) throw error;
    throw new UnusableBackup('The database in this backup cannot be read.');
  } finally {
    copy.close();
  }
}

async function checksum(path: string): Promise<string> {
  const hash = createHash('sha256');
  await pipeline(createReadStream(path), hash);
  return hash.digest('hex');
}

/** What was written to a file or a folder is on the disk after this. */
export function sync(path: string): void {
  const handle = openSync(path, 'r');
  fsyncSync(handle);
  closeSync(handle);
}
