import { statfsSync } from 'node:fs';

/** Bytes that are free on the disk of a file or folder. */
export function freeRoom(path: string): number {
  const { bavail, bsize } = statfsSync(path);
  return bavail * bsize;
}
