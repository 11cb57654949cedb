import assert from 'node:assert/strict';
import { test } from 'node:test';
import { askServer } from './ask-server';

/** A server that says the same to everything, and keeps what it was asked. */
function serverSaying(body: string, status = 200) {
  const asked: { address: string; request: RequestInit }[] = [];
  const send = ((address: string, request: RequestInit) => {
    asked.push({ address, request });
    return Promise.resolve(new Response(body, { status }));
  }) as typeof fetch;
  return { asked, send };
}

test('JSON and bytes are posted as what they are; without either it is a GET', async () => {
  const { asked, send } = serverSaying('{"ok":true}');
  await askServer('done', '/a', { json: { sum: '198 + 57' } }, send);
  const bytes = new Blob(['lantern']);
  await askServer('done', '/b', { bytes }, send);
  await askServer('done', '/c', { method: 'DELETE' }, send);
  await askServer('done', '/d', {}, send);
  assert.deepEqual(asked, [
    {
      address: '/a',
      request: {
        ...{ method: 'POST', body: '{"sum":"198 + 57"}' },
        headers: { 'content-type': 'application/json' }
      }
    },
    {
      address: '/b',
      request: {
        ...{ method: 'POST', body: bytes },
        headers: { 'content-type': 'application/octet-stream' }
      }
    },
    { address: '/c', request: { method: 'DELETE' } },
    { address: '/d', request: {} }
  ]);
});

test('what the server does and what it refuses are both answers', async () => {
  const done = serverSaying('{"name":"ab.png"}');
  assert.deepEqual(await askServer('pictureKept', '/a', {}, done.send), {
    ...{ ok: true, reply: { name: 'ab.png' } }
  });
  const error = { code: 'too-large', message: 'At most a megabyte.', details: {} };
  const refused = serverSaying(JSON.stringify({ error }), 413);
  assert.deepEqual(await askServer('pictureKept', '/a', {}, refused.send), { ok: false, ...error });
});

test('a server that is dead, or says nothing that can be read, does not answer; what to do is said', async () => {
  const dead = (() => Promise.reject(new TypeError('refused'))) as typeof fetch;
  const unheard = {
    ...{ ok: false, code: 'unheard', details: {} },
    message: 'The server does not answer. Send it again.'
  };
  const asking = { advice: 'Send it again.' };
  assert.deepEqual(await askServer('done', '/a', asking, dead), unheard);
  const { send } = serverSaying('<!doctype html>', 502);
  assert.deepEqual(await askServer('done', '/a', asking, send), unheard);
});
