import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { readReply } from './read-reply';
import { replies, type ReplyName } from './replies';

/** A reply of each kind, as the server sends it. */
const samples: Readonly<Record<ReplyName, unknown>> = {
  done: { ok: true },
  saved: { version: 4 },
  tried: {
    ok: false,
    message: 'These lines cannot hold together.',
    lines: [
      { line: 'total', words: '20 marks in all', nearest: 18 },
      { line: 'rows.r1.parts', words: 'parts of the first row', nearest: { min: 2 } },
      { line: 'rising', words: 'rising difficulty', nearest: null },
      { line: 'minutes', words: 'at most 20 minutes' }
    ]
  },
  examAnswer: {
    given: { p1: { addends: ['198', '57'] } },
    facts: {},
    met: { k: 'met by 7 Amber' }
  },
  schemeSet: { was: '' },
  outlook: {
    available: { before: 40, after: 38 },
    boundaries: [{ grade: 'Lamp', from: 30 }],
    shared: [{ grade: 'Lamp', from: 29 }],
    choices: [
      {
        ...{ again: false, shares: true },
        moves: [
          {
            ...{ scriptId: 3, name: 'Oona Fell', className: '8 Lamp' },
            ...{ total: { before: 31, after: 29 }, grade: { before: 'Lamp', after: 'Lamp' } }
          }
        ]
      }
    ]
  },
  pictureKept: { name: 'ab12.png' },
  pages: {
    count: 2,
    size: { width: 595, height: 842 },
    sections: [{ id: 's1', at: 0.25, page: 1 }]
  },
  scriptPages: { pages: [{ id: 3, mediaType: 'image/png', turn: 90 }] },
  cells: {
    cells: [
      { row: 1, column: 2, code: 'saved', now: { value: 3, version: 1 } },
      { row: 1, column: 3, code: 'missing', now: null }
    ]
  },
  pieceTaken: { file: 'a1', bytes: 4096 },
  contexts: { told: [], past: [] },
  takenAlong: { pupils: 24, sittings: 2 }
};

const names = Object.keys(replies) as ReplyName[];

test('a reply of the contract is read as it was sent', () => {
  for (const name of names) {
    assert.deepEqual(readReply(name, true, samples[name]), { ok: true, reply: samples[name] });
  }
});

test('a reply in which any field is of another kind, or not there, is not read', () => {
  for (const name of names.filter((one) => one !== 'takenAlong')) {
    const sample = samples[name] as Record<string, unknown>;
    for (const field of Object.keys(sample)) {
      const without = Object.fromEntries(Object.entries(sample).filter(([one]) => one !== field));
      const isFree = name === 'examAnswer' && field === 'met';
      assert.equal(readReply(name, true, without).ok, isFree, `${name} without ${field}`);
      assert.equal(readReply(name, true, { ...sample, [field]: Symbol('other') }).ok, false);
    }
  }
});

test('whatever else a server says is told to whoever sits there, and never thrown', () => {
  fc.assert(
    fc.property(fc.constantFrom(...names), fc.boolean(), fc.jsonValue(), (name, isDone, body) => {
      const answer = readReply(name, isDone, body);
      if (answer.ok) assert.ok(isDone);
      else assert.ok(answer.message.length > 0 || answer.code === 'failed');
    }),
    { seed: 1852 }
  );
});

test('a refusal is passed on with its details; a fault that nobody foresaw says what it can', () => {
  const error = { code: 'order', message: 'Another piece is wanted.', details: { bytes: 7 } };
  assert.deepEqual(readReply('pieceTaken', false, { error }), { ok: false, ...error });
  assert.deepEqual(readReply('pages', false, { message: 'There is no such paper.' }), {
    ...{ ok: false, code: 'failed', message: 'There is no such paper.', details: {} }
  });
});
