import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { isNearNumber, nearMiss } from './near-number';

test('a near miss is two digits exchanged, or one digit out by one', () => {
  assert.equal(nearMiss('852', '825'), 'digits-exchanged');
  assert.equal(nearMiss('852', '853'), 'out-by-one');
  assert.equal(nearMiss('852', '952'), 'out-by-one');
  assert.equal(nearMiss('852', '872'), undefined);
  assert.equal(nearMiss('85', '852'), undefined);
  assert.equal(nearMiss('8.5', '8.6'), undefined);
});

/*
 * By hand: what one wrong number fact gives is near, what another operation gives is not. 24 for 6 halves and
 * doubles, 15 for 150 adds digits, 100 for 200 sees one pair of two.
 */
test('one wrong number fact is told from another operation', () => {
  const near = [
    ...[
      ['16', '17'],
      ['120', '130'],
      ['26', '24'],
      ['9', '10'],
      ['10', '9'],
      ['1099', '1100']
    ],
    ...[
      ['100', '200'],
      ['102', '100']
    ]
  ];
  for (const [written, right] of near)
    assert.ok(isNearNumber(written!, right!), `${written} ${right}`);
  const far = [
    ['24', '6'],
    ['15', '150'],
    ['65', '130'],
    ['4225', '130'],
    ['152', '167'],
    ['0', '57']
  ];
  for (const [written, right] of far)
    assert.ok(!isNearNumber(written!, right!), `${written} ${right}`);
});

test('numbers are near each other, or not, whichever is the right one', () => {
  const number = fc.integer({ min: 0, max: 5000 }).map(String);
  fc.assert(
    fc.property(number, number, (one, other) => {
      assert.equal(isNearNumber(one, other), isNearNumber(other, one));
      assert.ok(isNearNumber(one, one));
    })
  );
});
