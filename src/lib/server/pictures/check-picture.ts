import { jpegProblem, pngProblem } from './check-bitmap';
import { svgProblem } from './check-svg';

/** Bytes at the end of a PDF in which its end mark stands (ISO 32000-1, 7.5.5; readers look through the last kilobyte). */
const TAIL = 1024;

/** Why a PDF cannot be shown: it was cut off. */
const pdfProblem = (bytes: Buffer): string | undefined =>
  bytes.subarray(-TAIL).includes('%%EOF') ? undefined : 'It is cut off: its end is missing.';

/** A file that is to be kept, by the type its first bytes say. */
export interface Uploaded {
  readonly type: 'png' | 'jpeg' | 'svg' | 'pdf';
  readonly bytes: Uint8Array;
}

/** Why an uploaded picture cannot be shown or printed, in a sentence; null if nothing is wrong with it. */
export function pictureProblem({ type, bytes }: Uploaded): string | null {
  const buffer = Buffer.from(bytes);
  switch (type) {
    case 'png':
      return pngProblem(buffer) ?? null;
    case 'jpeg':
      return jpegProblem(buffer) ?? null;
    case 'svg':
      return svgProblem(buffer) ?? null;
    case 'pdf':
      return pdfProblem(buffer) ?? null;
  }
}
