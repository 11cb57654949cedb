import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { startLadder } from '@zealous-quill/core/papers';
import '@zealous-quill/core/catalogue/all';
import { run } from './pool';

const bytes = (text: string) => new TextEncoder().encode(text);
const svg = (inner: string) =>
  bytes(`<svg xmlns="http://www.w3.org/2000/svg" width="40" height="30">${inner}</svg>`);
const drawing = (inner: string) => run('drawing', { name: 'a.svg', bytes: svg(inner) });

const asked = {
  paper: { ...startLadder('reversed-pair', 'Reversed pairs', { seed: 3 }), edition: 1 },
  pupil: null,
  ...{ parts: null, kind: 'paper' as const, style: defaultHouseStyle }
};

test('a print comes from another process; one that kills it is told, and the next one comes', async () => {
  const first = await run('print', asked);
  assert.ok(first.ok && Buffer.from(first.result).toString('latin1', 0, 5) === '%PDF-');
  assert.deepEqual(await drawing('<rect width="9" height="9"/>'), { ok: true, result: null });
  // So deep that the native parser runs out of stack: nothing like it passes the check of uploads.
  const deep = await drawing('<g>'.repeat(30_000) + '</g>'.repeat(30_000));
  assert.deepEqual(deep, { ok: false, error: { code: 'crashed' } });
  const next = await run('print', asked);
  assert.ok(next.ok && next.result.length === first.result.length);
});

test('what cannot be drawn is said', async () => {
  const done = await run('drawing', { name: 'a.png', bytes: bytes('no picture') });
  assert.deepEqual(done, { ok: true, result: 'It cannot be drawn on a page.' });
});

test('who goes takes the print along, begun or not', async () => {
  const left = new AbortController();
  const both = [
    run('print', asked, { signal: left.signal }),
    run('print', asked, { signal: left.signal })
  ];
  left.abort();
  for (const done of await Promise.all(both)) {
    assert.deepEqual(done, { ok: false, error: { code: 'left' } });
  }
  assert.ok((await run('print', asked)).ok);
});
