import assert from 'node:assert/strict';
import { test } from 'node:test';
import { crc32, deflateSync } from 'node:zlib';
import fc from 'fast-check';
import jpeg from 'jpeg-js';
import { PNG } from 'pngjs';
import { jpegProblem, pngProblem } from './check-bitmap';
import { pictureProblem } from './check-picture';

const png = PNG.sync.write(new PNG({ width: 7, height: 5 }));
const photo = jpeg.encode({ width: 16, height: 16, data: Buffer.alloc(16 * 16 * 4, 90) }, 80).data;

/** A PNG file by its chunks (PNG specification, third edition, section 5): it may say of itself what it likes. */
function pngSaying(width: number, height: number): Buffer {
  const chunk = (name: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(name), data]);
    const ends = Buffer.alloc(8);
    ends.writeUInt32BE(data.length, 0);
    ends.writeUInt32BE(crc32(body), 4);
    return Buffer.concat([ends.subarray(0, 4), body, ends.subarray(4)]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 0, 0, 0, 0], 8);
  return Buffer.concat([
    png.subarray(0, 8),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(Buffer.alloc(1000))),
    chunk('IEND', Buffer.alloc(0))
  ]);
}

test('pictures that can be decoded are taken', () => {
  assert.equal(pngProblem(png), undefined);
  assert.equal(jpegProblem(photo), undefined);
});

test('a picture without a size, of a monstrous one, or cut off is refused with the reason', () => {
  assert.match(pngProblem(pngSaying(0, 10)) ?? '', /no size/);
  assert.match(pngProblem(pngSaying(10, 0)) ?? '', /no size/);
  assert.match(pngProblem(pngSaying(100_000, 100_000)) ?? '', /too large/);
  assert.match(pngProblem(pngSaying(9000, 9000)) ?? '', /too large/);
  for (let length = 0; length < png.length - 12; length += 7) {
    assert.notEqual(pngProblem(png.subarray(0, length)), undefined, `${length} bytes of a PNG`);
  }
  for (const length of [3, 20, 200]) {
    assert.notEqual(jpegProblem(photo.subarray(0, length)), undefined, `${length} bytes of a JPEG`);
  }
});

test('a PDF that was cut off is refused; whatever bytes come, an answer comes', () => {
  const pdf = Buffer.from('%PDF-1.7\n...\n%%EOF\n');
  assert.equal(pictureProblem({ type: 'pdf', bytes: pdf }), null);
  assert.match(pictureProblem({ type: 'pdf', bytes: pdf.subarray(0, 12) }) ?? '', /cut off/);
  fc.assert(
    fc.property(
      fc.constantFrom<'png' | 'jpeg' | 'svg' | 'pdf'>('png', 'jpeg', 'svg', 'pdf'),
      fc.constantFrom(png, photo),
      fc.nat(),
      fc.nat(255),
      (type, whole, at, byte) => {
        const bytes = Buffer.from(whole);
        bytes[at % bytes.length] = byte;
        pictureProblem({ type, bytes });
      }
    ),
    { numRuns: 1000 }
  );
});
