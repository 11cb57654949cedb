import { randomUUID } from 'node:crypto';
import { appendFileSync, existsSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { freeRoom } from '../database/base/free-room';
import { makeRoom } from '../archive/leftovers';

/** Bytes that stay free on the disk, so that marks can be saved meanwhile. */
const ROOM_LEFT = 50 * 1024 * 1024;

/** Files of backups that are being received, by the word they are known by. */
const received = new Map<string, string>();
const MOST_AT_ONCE = 4;

/** What came of a piece of a file. */
export type Received =
  | { readonly ok: true; readonly file: string; readonly bytes: number }
  | { readonly ok: false; readonly code: 'missing' | 'full' }
  /** Another piece is wanted: the one that begins here. */
  | { readonly ok: false; readonly code: 'order'; readonly bytes: number };

/**
 * Receives a file piece by piece, so that it may be of any size: each is written behind those before it. A piece that is
 * sent again, as its answer was lost, is written once.
 */
export function receive(file: string, at: number, piece: Uint8Array): Received {
  const known = file === '' ? begin() : { file, path: received.get(file) };
  if (!known.path || !existsSync(known.path)) return { ok: false, code: 'missing' };
  const bytes = statSync(known.path).size;
  if (at + piece.byteLength === bytes && at < bytes) return { ok: true, file: known.file, bytes };
  if (at !== bytes) return { ok: false, code: 'order', bytes };
  if (freeRoom(dirname(known.path)) <= piece.byteLength + ROOM_LEFT) {
    forgetReceived(known.file);
    return { ok: false, code: 'full' };
  }
  appendFileSync(known.path, piece);
  return { ok: true, file: known.file, bytes: bytes + piece.byteLength };
}

/** The path of a file that was received; undefined if there is none of that word. */
export const receivedPath = (file: string): string | undefined => received.get(file);

/** Does away with a received file. */
export function forgetReceived(file: string): void {
  const path = received.get(file);
  received.delete(file);
  if (path) rmSync(dirname(path), { recursive: true, force: true });
}

function begin(): { file: string; path: string } {
  // Whoever began and went away leaves room to who comes later.
  if (received.size >= MOST_AT_ONCE) forgetReceived(received.keys().next().value!);
  const file = randomUUID();
  const path = join(makeRoom('sent'), 'sent');
  writeFileSync(path, '', { mode: 0o600 });
  received.set(file, path);
  return { file, path };
}
