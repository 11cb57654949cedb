import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import jpeg from 'jpeg-js';
import { PNG } from 'pngjs';
import { pageTypeOf, pictureType } from './picture-type';

const text = (written: string) => new TextEncoder().encode(written);
const png = PNG.sync.write(new PNG({ width: 7, height: 5 }));
const { data: photo } = jpeg.encode({ width: 16, height: 16, data: Buffer.alloc(1024, 90) }, 80);

test('a page of a script is known by what is in it, whatever its name says', async () => {
  assert.equal(await pageTypeOf(png), 'image/png');
  assert.equal(await pageTypeOf(photo), 'image/jpeg');
  assert.equal(await pageTypeOf(text('%PDF-1.7\n')), 'application/pdf');
  for (const other of ['', '<svg>', 'GIF89a', '<html>', 'PK\u0003\u0004', '%PNG']) {
    assert.equal(await pageTypeOf(text(other)), undefined, other);
  }
});

test('a picture of a question is a PNG or an SVG file', async () => {
  assert.equal(await pictureType(png), 'png');
  for (const svg of [
    '<svg xmlns="http://www.w3.org/2000/svg"></svg>',
    '\ufeff<?xml version="1.0"?>\n<!-- a lantern -->\n<svg width="3"><g/></svg>'
  ]) {
    assert.equal(await pictureType(text(svg)), 'svg', svg);
  }
  for (const other of ['<svg>', '<svgs></svg>', 'a <svg></svg>', '<html><svg></svg></html>', '']) {
    assert.equal(await pictureType(text(other)), undefined, other);
  }
  assert.equal(await pictureType(photo), undefined);
});

test('a file cut short, or of any bytes, is a page or none, and nothing is thrown', async () => {
  for (const file of [png, photo]) {
    for (let length = 0; length < 60; length++) await pageTypeOf(file.subarray(0, length));
  }
  await fc.assert(
    fc.asyncProperty(fc.uint8Array({ maxLength: 300 }), async (bytes) => {
      await pageTypeOf(bytes);
      await pictureType(bytes);
    })
  );
});
