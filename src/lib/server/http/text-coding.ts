import iconv from 'iconv-lite';

/** How the bytes of a text file stand for characters; the names are those of the WHATWG Encoding Standard. */
export const codings = ['utf-8', 'utf-16le', 'utf-16be', 'windows-1252'] as const;
export type Coding = (typeof codings)[number];

/** What people call them. */
export const codingWords: Readonly<Record<Coding, string>> = {
  'utf-8': 'UTF-8',
  'utf-16le': 'UTF-16, little-endian',
  'utf-16be': 'UTF-16, big-endian',
  'windows-1252': 'Windows-1252 (Western European)'
};

/** So many bytes are looked at where no mark says what the coding is. */
const LOOKED_AT = 4096;

/**
 * The coding of a text file: by its byte-order mark; else UTF-16 where every other byte of names would be zero; else
 * UTF-8 where it can be read as that; else Windows-1252, in which every byte is a character.
 */
export function codingOf(bytes: Uint8Array): Coding {
  const [first, second, third] = bytes;
  if (first === 0xef && second === 0xbb && third === 0xbf) return 'utf-8';
  if (first === 0xff && second === 0xfe) return 'utf-16le';
  if (first === 0xfe && second === 0xff) return 'utf-16be';
  const [even, odd] = zeros(bytes.subarray(0, LOOKED_AT));
  // A list has commas and line ends, of which one byte is zero in UTF-16; in no other coding is there one.
  if (odd > even) return 'utf-16le';
  if (even > odd) return 'utf-16be';
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    return 'utf-8';
  } catch {
    return 'windows-1252';
  }
}

/** The text of a file, without its byte-order mark. */
export function decodeText(bytes: Uint8Array, coding: Coding): string {
  // Node 20's own decoder takes Windows-1252 for Latin-1, which has no curly apostrophe.
  return iconv.decode(Buffer.from(bytes), coding);
}

/** How many zero bytes stand at even and at odd places. */
function zeros(bytes: Uint8Array): [even: number, odd: number] {
  const counts: [number, number] = [0, 0];
  bytes.forEach((byte, at) => {
    if (byte === 0) counts[at % 2]!++;
  });
  return counts;
}
