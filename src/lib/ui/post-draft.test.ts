import assert from 'node:assert/strict';
import { mock, test } from 'node:test';
import { postDraft } from './post-draft';

const currentOf = (details: Record<string, unknown>) => ({
  version: Number(details['version']),
  current: String(details['title'])
});

/** What a page learns when a save is answered so. */
async function saved(status: number, body: unknown) {
  const answer = mock.method(globalThis, 'fetch', () =>
    Promise.resolve(new Response(JSON.stringify(body), { status }))
  );
  try {
    return await postDraft<string>('/papers/1/save', { version: 3 }, currentOf);
  } finally {
    answer.mock.restore();
  }
}

const refusal = (code: string, message: string, details = {}) => ({
  error: { code, message, details }
});
const NOBODY = 'The server does not answer. Nothing is lost; it is tried again by itself.';

test('a draft that was saved has a new version', async () => {
  assert.deepEqual(await saved(200, { version: 4 }), { ok: true, version: 4 });
});

test('a draft that was changed elsewhere comes with what stands there', async () => {
  const there = { version: 5, title: 'Lantern counts' };
  assert.deepEqual(await saved(409, refusal('changed', 'It was changed.', there)), {
    ...{ ok: false, code: 'changed', version: 5, current: 'Lantern counts' }
  });
});

test('what is refused is not tried again, what fails is', async () => {
  assert.deepEqual(await saved(400, refusal('invalid', 'No title.')), {
    ...{ ok: false, code: 'refused', message: 'No title.' }
  });
  assert.deepEqual(await saved(503, refusal('full', 'The disk is full.')), {
    ...{ ok: false, code: 'unheard', message: 'The disk is full.' }
  });
  const unheard = { ok: false, code: 'unheard', message: NOBODY };
  assert.deepEqual(await saved(500, { message: 'Internal Error' }), unheard);
  // A server of another version, or something between that answers for it, has not saved anything for certain.
  assert.deepEqual(await saved(200, {}), unheard);
  assert.deepEqual(await saved(404, { message: 'Not Found' }), unheard);
});

test('a dead server has not heard it', async () => {
  const dead = mock.method(globalThis, 'fetch', () => Promise.reject(new TypeError('refused')));
  assert.equal((await postDraft('/a', {}, currentOf)).ok, false);
  dead.mock.restore();
});
