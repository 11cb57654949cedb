import assert from 'node:assert/strict';
import { test } from 'node:test';
import { expand, isProduct, polynomial, samePolynomial } from '../../../numbers';
import { skillOf, WorkedItem } from '../../../skill';
import { itemsOf, schoolsOf } from '../../../catalogue/skills.test-helper';
import { LAST } from './card';
import type { Given } from './numbers';

const skill = skillOf('factorise-quadratic');

test('every line of factors equals what it stands for: all of the quadratic where its common factor comes last', () => {
  const more = ['10x² + 5x - 5', '6x² + 12x + 6', '12x² - 27', '-2x² + 10x - 12', '4x² + 8x'];
  const items = [...itemsOf(skill, 13), ...more.map((line) => skill.given.parse(line))] as Given[];
  for (const given of items) {
    const whole = polynomial([given.c, given.b, given.a].map(BigInt));
    for (const school of schoolsOf(skill)) {
      const { key } = new WorkedItem(skill, given, school);
      const [factors, content, complete] = ['factors', 'content', 'complete'].map((id) =>
        key.get(id)
      );
      if (!isProduct(factors) || !isProduct(complete)) continue;
      const text = `${school} ${skill.given.print(given)}`;
      assert.ok(samePolynomial(expand(complete), whole), text);
      const constant = school.endsWith(LAST) ? 1n : (content as bigint);
      const read = expand({ ...factors, constant: factors.constant * constant });
      assert.ok(samePolynomial(read, whole), `${text}: ${skill.given.print(given)}`);
    }
  }
});
