import assert from 'node:assert/strict';
import { test } from 'node:test';
import { FileSender } from './send-file.svelte';

const MB = 1024 * 1024;
const file = new Blob([new Uint8Array(9 * MB)]);

/** A server that takes pieces in their order, and at some calls says something else. */
function serving(instead: (call: number) => Response | undefined = () => undefined) {
  const pieces: number[] = [];
  let [bytes, calls] = [0, 0];
  const send = async (address: unknown, { body }: RequestInit = {}) => {
    const other = instead(++calls);
    if (other) return other;
    const at = Number(new URL(String(address), 'http://desk').searchParams.get('at'));
    if (at !== bytes)
      return Response.json({ error: { message: 'order', details: { bytes } } }, { status: 409 });
    pieces.push((body as Blob).size);
    bytes += (body as Blob).size;
    return Response.json({ file: 'word', bytes });
  };
  return { sender: new FileSender(send as typeof fetch), pieces, size: () => bytes };
}

test('a file of any size goes in pieces, and is known by one word', async () => {
  const { sender, pieces, size } = serving();
  assert.equal(await sender.deliver(file, '/to'), 'word');
  assert.deepEqual(pieces, [4 * MB, 4 * MB, MB]);
  assert.deepEqual([size(), sender.share, sender.problem], [file.size, null, '']);
});

test('a refusal is said in its own words; where nobody answers that is said', async () => {
  const error = { code: 'full', message: 'No room.', details: {} };
  const full = Response.json({ error }, { status: 507 });
  const refused = serving((call) => (call === 2 ? full : undefined)).sender;
  assert.equal(await refused.deliver(file, '/to'), undefined);
  assert.equal(refused.problem, 'No room.');
  const dead = new FileSender(() => Promise.reject(new Error('dead')));
  assert.equal(await dead.deliver(file, '/to'), undefined);
  assert.match(dead.problem, /does not answer/);
});

test('it can be stopped', async () => {
  const waiting: typeof fetch = (_, { signal } = {}) =>
    new Promise((_, reject) =>
      signal?.addEventListener('abort', () => reject(new Error('stopped')))
    );
  const sender = new FileSender(waiting);
  const sent = sender.deliver(file, '/to');
  sender.stop();
  assert.equal(await sent, undefined);
  assert.equal(sender.problem, 'This was stopped.');
});
