import assert from 'node:assert/strict';
import { test } from 'node:test';
import { windowsOf } from './numbers';

test('the window gives the digits of every product to six digits, by BigInt (common practice)', () => {
  for (const repunit of ['11', '111', '1111']) {
    const factor = BigInt(repunit);
    for (let number = 10; number <= 999_999; number++) {
      const places = windowsOf({ multiplicand: String(number), repunit });
      let product = places.at(-1)!.carryOut;
      for (let place = places.length - 1; place >= 0; place--) {
        product = product * 10 + places[place]!.digit;
      }
      if (BigInt(product) !== BigInt(number) * factor) assert.fail(`${number} x ${repunit}`);
    }
  }
});
