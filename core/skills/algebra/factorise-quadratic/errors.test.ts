import assert from 'node:assert/strict';
import { test } from 'node:test';
import { markItem } from '../../../marking';
import { skillOf } from '../../../skill';
import { patternAnswers, schoolsOf, worked } from '../../../catalogue/skills.test-helper';

const skill = skillOf('factorise-quadratic');

test('error patterns give the answers worked by hand', () => {
  // - undefined, = makes no difference. The first three lines hold the catalogue's examples. By hand:
  // x²-7x+12 has -3, -4; swapped: a pair of product -7 and sum 12 there is none; unchecked: -2, -6 sums to
  //   -8, next to -7. 6x²+11x+4 has 3, 8: flipped (6x-3)(6x-8)/6; unchecked 4, 6 sums to 10: (6x+4)(6x+6)/6.
  // 2x²+10x+12 is 2(x²+5x+6): 1, 6 sums to 7; swapped: product 5, sum 6: 1, 5.
  // x²+x-12 has -3, 4: unchecked -2, 6 sums to 4; swapped: product 1, sum -12: none.
  // 3x²-12 is 3(x²-4): -2, 2 either way; unchecked -1, 4 sums to 3; swapped: product 0, sum -4: 0, -4.
  const table: [string, Record<string, string>][] = [
    [
      'x² - 7x + 12',
      {
        flipped: '(x + 3)(x + 4)',
        plus: '(x + 3)(x + 4)',
        swapped: '-',
        unchecked: '(x - 2)(x - 6)',
        leading: '=',
        lost: '=',
        sign: '-'
      }
    ],
    [
      '6x² + 11x + 4',
      {
        flipped: '(2x - 1)(3x - 4)',
        plus: '=',
        swapped: '-',
        unchecked: '(x + 1)(3x + 2)',
        leading: '(x + 3)(x + 8)',
        lost: '=',
        sign: '-'
      }
    ],
    [
      '2x² + 10x + 12',
      {
        flipped: '2(x - 2)(x - 3)',
        plus: '=',
        swapped: '2(x + 1)(x + 5)',
        unchecked: '2(x + 1)(x + 6)',
        leading: '=',
        lost: '(x + 2)(x + 3)',
        sign: '2(x - 1)(x + 6)'
      }
    ],
    [
      'x² + x - 12',
      {
        flipped: '(x + 3)(x - 4)',
        plus: '(x + 3)(x + 4)',
        swapped: '-',
        unchecked: '(x - 2)(x + 6)',
        leading: '=',
        lost: '=',
        sign: '-'
      }
    ],
    [
      '3x² - 12',
      {
        flipped: '=',
        plus: '3(x + 2)²',
        swapped: '3x(x - 4)',
        unchecked: '3(x - 1)(x + 4)',
        leading: '=',
        lost: '(x - 2)(x + 2)',
        sign: '-'
      }
    ],
    [
      '2x² + 2x + 2',
      {
        flipped: '=',
        plus: '=',
        swapped: '=',
        unchecked: '2(x + 1)²',
        leading: '=',
        lost: 'x² + x + 1',
        sign: '-'
      }
    ]
  ];
  const ids = {
    flipped: 'pair-signs-flipped',
    plus: 'signs-all-plus',
    swapped: 'product-and-sum-swapped',
    unchecked: 'sum-not-checked',
    leading: 'leading-dropped',
    lost: 'content-lost',
    sign: 'product-sign-ignored'
  };
  for (const [line, answers] of table) {
    for (const school of schoolsOf(skill).slice(0, 4)) {
      const found = patternAnswers(worked(skill.id, line, school));
      for (const [short, id] of Object.entries(ids)) {
        if (id in found) assert.equal(found[id], answers[short], `${line} ${id} in ${school}`);
      }
    }
  }
});

test('a pair with the right sum and the wrong product is named', () => {
  const { diagnosis } = markItem(worked(skill.id, 'x² - 5x + 6'), { answer: '(x - 6)(x + 1)' });
  assert.deepEqual(
    diagnosis.map(({ patterns }) => patterns.join()),
    ['product-sign-ignored']
  );
});

test('any pair with the right product and signs is a sum not checked, with what follows from it', () => {
  const workings: Record<string, string>[] = [
    { answer: '(x - 1)(x - 12)' },
    { answer: '(x - 2)(x - 6)' },
    { pair: '-12, -1', answer: '(x - 12)(x - 1)' }
  ];
  for (const working of workings) {
    const { diagnosis } = markItem(worked(skill.id, 'x² - 7x + 12'), working);
    assert.deepEqual(
      diagnosis.map(({ patterns }) => patterns.join()),
      ['sum-not-checked']
    );
  }
});
