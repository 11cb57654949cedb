import jpeg from 'jpeg-js';
import { PNG } from 'pngjs';

/** Pixels a picture may have, and its longer side. */
const MOST_PIXELS = 40_000_000;
const LARGEST_SIDE = 12_000;

/** Megabytes that decoding a JPEG may take. */
const MEMORY = 512;

/** Why a PNG cannot be shown or printed; undefined if it can be decoded and has a size. */
export function pngProblem(bytes: Buffer): string | undefined {
  // The header says the size, which is looked at before anything is unpacked.
  if (bytes.length < 33 || bytes.toString('latin1', 12, 16) !== 'IHDR') return UNREADABLE;
  const problem = sizeProblem(bytes.readUInt32BE(16), bytes.readUInt32BE(20));
  if (problem) return problem;
  return decoded(() => PNG.sync.read(bytes));
}

/** Why a JPEG cannot be shown; undefined if it can be decoded and has a size. */
export function jpegProblem(bytes: Buffer): string | undefined {
  return decoded(() => {
    const { width, height } = jpeg.decode(bytes, {
      maxResolutionInMP: MOST_PIXELS / 1e6,
      maxMemoryUsageInMB: MEMORY,
      useTArray: true,
      tolerantDecoding: false
    });
    return sizeProblem(width, height);
  });
}

const UNREADABLE = 'It is damaged: it cannot be read to its end.';

function sizeProblem(width: number, height: number): string | undefined {
  if (width < 1 || height < 1) return 'It has no size.';
  const isLarge = width > LARGEST_SIDE || height > LARGEST_SIDE || width * height > MOST_PIXELS;
  return isLarge ? `It has ${width} by ${height} points, which is too large.` : undefined;
}

function decoded(decode: () => unknown): string | undefined {
  try {
    const problem = decode();
    return typeof problem === 'string' ? problem : undefined;
  } catch {
    return UNREADABLE;
  }
}
