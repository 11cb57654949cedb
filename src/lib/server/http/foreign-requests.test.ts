import assert from 'node:assert/strict';
import { test } from 'node:test';
import { allowedHosts, isForeign, isKnownHost, isLoopback, opennessOf } from './foreign-requests';

const calling = (headers: Record<string, string>, method = 'GET') => ({
  method,
  headers: new Headers(headers)
});

test('only this machine and the hosts that are named are answered', () => {
  const hosts = allowedHosts({
    ORIGIN: 'http://marks.example:4173',
    ALLOWED_HOSTS: 'Desk, lantern'
  });
  const known = (host: string) => isKnownHost(calling({ host }), hosts, '127.0.0.1');
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
  assert.ok(!isKnownHost(calling({ host: 'marks.example' }), allowedHosts({}), '127.0.0.1'));
});

test('by the names of this machine only this machine calls, whatever a request says', () => {
  const hosts = allowedHosts({ ORIGIN: 'http://127.0.0.1:4173', ALLOWED_HOSTS: 'localhost, desk' });
  const known = (host: string, address: string) => isKnownHost(calling({ host }), hosts, address);
  for (const host of ['localhost', '127.0.0.1:4173', '[::1]']) {
    for (const own of ['127.0.0.1', '127.3.4.5', '::1', '::ffff:127.0.0.1']) {
      assert.ok(known(host, own), `${host} from ${own}`);
    }
    for (const other of [
      '10.0.0.7',
      '::ffff:10.0.0.7',
      'fe80::1',
      '',
      '1127.0.0.1',
      '127.0.0.1.x'
    ]) {
      assert.ok(!known(host, other), `${host} from ${other}`);
    }
  }
  assert.ok(known('desk', '10.0.0.7'));
  assert.ok(isLoopback('127.0.0.1') && !isLoopback('128.0.0.1'));
});

test('a server is open to the network only where both its host and OPEN_TO_NETWORK say so', () => {
  assert.equal(opennessOf({}), 'closed');
  for (const HOST of ['127.0.0.1', '127.1.2.3', 'localhost', '::1', '[::1]']) {
    assert.equal(opennessOf({ HOST }), 'closed', HOST);
  }
  for (const HOST of ['0.0.0.0', '::', '10.0.0.7', 'marks.example']) {
    assert.equal(opennessOf({ HOST }), 'unmeant', HOST);
    assert.equal(opennessOf({ HOST, OPEN_TO_NETWORK: 'true' }), 'unmeant', HOST);
    assert.equal(opennessOf({ HOST, OPEN_TO_NETWORK: 'yes' }), 'open', HOST);
  }
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
