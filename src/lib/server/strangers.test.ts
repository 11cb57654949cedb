import assert from 'node:assert/strict';
import { test } from 'node:test';
import { allowedHosts, isForeign, isKnownHost } from './strangers';

const calling = (headers: Record<string, string>, method = 'GET') => ({
  method,
  headers: new Headers(headers)
});

test('only this machine and the hosts that are named are answered', () => {
  const hosts = allowedHosts({
    ORIGIN: 'http://marks.example:4173',
    ALLOWED_HOSTS: 'Desk, lantern'
  });
  const known = (host: string) => isKnownHost(calling({ host }), hosts);
  for (const host of [
    'localhost:4173',
    '127.0.0.1',
    '[::1]:80',
    'marks.example',
    'desk',
    'LANTERN:1'
  ]) {
    assert.ok(known(host), host);
  }
  for (const host of [
    '',
    'evil.example',
    '127.0.0.1.evil.example',
    'localhost@evil.example',
    ':',
    '0'
  ]) {
    assert.ok(!known(host), host);
  }
  assert.ok(!isKnownHost(calling({ host: 'marks.example' }), allowedHosts({})));
});

test('what another site sends is foreign, whether or not it names itself; a link is not', () => {
  const host = 'localhost:4173';
  const ours = { host, origin: 'http://localhost:4173' };
  assert.ok(!isForeign(calling(ours, 'POST')));
  for (const origin of ['http://evil.example', 'null', 'http://localhost:9']) {
    assert.ok(isForeign(calling({ host, origin }, 'POST')), origin);
  }
  const crossed = { host, 'sec-fetch-site': 'cross-site' };
  assert.ok(isForeign(calling(crossed, 'POST')));
  assert.ok(isForeign(calling({ ...crossed, 'sec-fetch-mode': 'no-cors' })));
  assert.ok(!isForeign(calling({ ...crossed, 'sec-fetch-mode': 'navigate' })));
  assert.ok(isForeign(calling({ ...crossed, 'sec-fetch-mode': 'navigate' }, 'POST')));
  // A script of the department's own has no browser to say anything.
  assert.ok(!isForeign(calling({ host }, 'POST')));
});
