import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { expand, parseProduct, printPolynomial } from '../../../numbers';
import { markItem } from '../../../marking';
import { worked } from '../../../catalogue/skills.test-helper';
import { value } from '../value.test-helper';

const item = (line: string, school = 'product-and-sum') =>
  worked('factorise-quadratic', line, school);

test('forms of a factorisation are accepted, found incomplete, refused or not read', () => {
  // + accepted, ~ right but not complete, - wrong, ? not read
  const forms: Record<string, [verdict: string, written: string][]> = {
    'x² - 7x + 12': [
      ['+', '(x - 3)(x - 4)'],
      ['+', '(x-4)(x-3)'],
      ['+', '( x − 3 ) ( x − 4 )'],
      ['+', '(x-3)*(x-4)'],
      ['+', '(x-3) × (x-4)'],
      ['+', '(X-3)(X-4)'],
      ['+', '(3 - x)(4 - x)'],
      ['+', '-(3 - x)(x - 4)'],
      ['?', '(x - 3)(x - 4);'],
      ['+', '(x - 3)(x - 4) = 0'],
      ['+', 'x² - 7x + 12 = (x - 3)(x - 4)'],
      ['+', '= (x - 3)(x - 4)'],
      ['-', 'x² - 7x + 12 = (x - 2)(x - 6)'],
      ['?', '(x - 3)(x - 4) = y'],
      ['+', '[x - 3][x - 4]'],
      ['+', '1(x - 3)(x - 4)'],
      ['+', '(-3 + x)(-4 + x)'],
      ['+', '(x - 3.0)(x - 4)'],
      ['~', 'x² - 7x + 12'],
      ['~', 'x^2 - 3x - 4x + 12'],
      ['~', 'x(x - 7) + 12'],
      ['-', '(x + 3)(x + 4)'],
      ['-', '(x - 3)(4 - x)'],
      ['-', '(x - 2)(x - 6)'],
      ['-', '2(x - 3)(x - 4)'],
      ['-', 'not factorable'],
      ['?', '(x - 3)(x - 4'],
      ['?', '(y - 3)(y - 4)'],
      ['?', '3 and 4'],
      ['?', '(x - 1.5)(x - 8)'],
      ['?', 'process.exit(1)'],
      ['?', '(x - 3)^(x - 4)'],
      ['?', '12/x']
    ],
    '2x² + 10x + 12': [
      ['+', '2(x + 2)(x + 3)'],
      ['+', '(x + 2)(x + 3) × 2'],
      ['+', '(x + 2)·2·(x + 3)'],
      ['+', '-2(x + 2)(-x - 3)'],
      ['~', '(2x + 4)(x + 3)'],
      ['~', '(x + 2)(2x + 6)'],
      ['~', '2(x² + 5x + 6)'],
      ['~', '2x² + 10x + 12'],
      ['-', '(x + 2)(x + 3)']
    ],
    'x² + 6x + 9': [
      ['+', '(x + 3)²'],
      ['+', '(x + 3)^2'],
      ['+', '(x + 3)(x + 3)'],
      ['+', '(-x - 3)²'],
      ['-', '(x + 3)^3'],
      ['-', '-(x + 3)²']
    ],
    '2x² + 2x + 2': [
      ['+', '2(x² + x + 1)'],
      ['~', '2x² + 2x + 2'],
      ['-', 'not factorable']
    ],
    'x² + x + 1': [
      ['+', 'not factorable'],
      ['+', 'Not factorisable'],
      ['+', 'does not factorise'],
      ['+', 'cannot be factorised'],
      ['-', '(x + 1)²'],
      ['-', 'x² + x + 1']
    ],
    '-x² - 22x + 47': [
      ['+', 'not factorable'],
      ['+', '-(x² + 22x - 47)'],
      ['-', '-x² - 22x + 47'],
      ['-', '(x² + 22x - 47)']
    ],
    '6x² + 15x': [
      ['+', '3x(2x + 5)'],
      ['+', 'x(2x + 5)3'],
      ['~', 'x(6x + 15)'],
      ['~', '3(2x² + 5x)'],
      ['-', '3(2x + 5)']
    ]
  };
  for (const [line, table] of Object.entries(forms)) {
    for (const [sign, written] of table) {
      const { answer, flags } = markItem(item(line), { answer: written });
      const found =
        answer.verdict === 'unreadable'
          ? '?'
          : answer.verdict !== 'correct'
            ? '-'
            : answer.form.length > 0
              ? '~'
              : '+';
      assert.equal(found, sign, `${written} for ${line}`);
      assert.deepEqual(sign === '+' ? flags : [], [], written);
    }
  }
});

test('typed algebra has the value that a general library gives it, and nothing else is read', () => {
  const linear = fc
    .tuple(fc.integer({ min: -20, max: 20 }), fc.integer({ min: -20, max: 20 }))
    .filter(([a]) => a !== 0)
    .map(([a, b]) => `(${a}x ${b < 0 ? '-' : '+'} ${Math.abs(b)})`);
  const text = fc
    .tuple(fc.constantFrom('', '-', '3', '-2', '2*'), linear, linear, fc.constantFrom('', '^2'))
    .map(([front, one, other, power]) => `${front}${one}${power}${power ? '' : other}`);
  fc.assert(
    fc.property(text, fc.integer({ min: -9, max: 9 }), (written, x) => {
      const multiplied = printPolynomial(expand(parseProduct(written)!));
      assert.equal(value(multiplied.replaceAll('³', '^3'), x), value(written, x));
    })
  );
  fc.assert(
    fc.property(fc.string({ unit: fc.constantFrom(...'x0123()+-*^²/=.a ') }), (written) => {
      const product = parseProduct(written);
      if (product)
        assert.deepEqual(expand(parseProduct(printPolynomial(expand(product)))!), expand(product));
    })
  );
});

test('grids, crosses and pairs may be written in any order', () => {
  const line = '6x² + 11x + 4';
  const turned = {
    'grid.0.0': '6x²',
    'grid.0.1': '8x',
    'grid.1.0': '3x',
    'grid.1.1': '4',
    'grid.row.0': '2x',
    'grid.row.1': '1',
    'grid.column.0': '3x',
    'grid.column.1': '4',
    factors: '(3x + 4)(2x + 1)'
  };
  const cross = { 'cross.p': '2', 'cross.q': '1', 'cross.r': '3', 'cross.s': '4' };
  for (const [school, working] of [
    ['area-grid', turned],
    ['cross-trial', cross],
    ['cross-trial', { 'cross.p': '3', 'cross.q': '4', 'cross.r': '2', 'cross.s': '1' }],
    ['product-and-sum', { pair: '8 and 3' }],
    ['grouping', { split: '6x² + 8x + 3x + 4', 'group.0': '2x(3x + 4)', 'group.1': '3x + 4' }]
  ] as const) {
    const marked = markItem(item(line, school), { ...working, answer: '(2x + 1)(3x + 4)' });
    const wrong = marked.steps.filter(({ verdict }) => !/correct|not-needed|follows/.test(verdict));
    assert.deepEqual([wrong, marked.firstSlip, marked.marks.awarded], [[], null, 2], school);
  }
  const slip = markItem(item(line, 'area-grid'), { ...turned, 'grid.1.0': '5x' });
  assert.equal(slip.firstSlip, 'grid.1.0');
});

test('marks: what is taken out, the pair, and a complete answer', () => {
  const marks = (working: Record<string, string>, school = 'product-and-sum') =>
    markItem(item('2x² + 10x + 12', school), working)
      .marks.lines.map(({ id, awarded }) => `${id}:${awarded}`)
      .join(' ');
  assert.equal(marks({ answer: '2(x + 2)(x + 3)' }), 'B1:1 M1:1 A1:1');
  assert.equal(marks({ answer: '(2x + 4)(x + 3)' }), 'B1:0 M1:1 A1:0');
  assert.equal(marks({ answer: '2(x² + 5x + 6)' }), 'B1:1 M1:0 A1:0');
  assert.equal(marks({ answer: '2x² + 10x + 12' }), 'B1:0 M1:0 A1:0');
  assert.equal(marks({ answer: '(x + 2)(x + 3)' }), 'B1:0 M1:1 A1:0');
  assert.equal(marks({ answer: '2(x + 1)(x + 3)' }), 'B1:1 M1:0 A1:0');
  const last = { product: '24', sum: '10', pair: '4, 6', factors: '(2x + 4)(x + 3)', content: '2' };
  assert.equal(
    marks({ ...last, complete: '2(x + 2)(x + 3)' }, 'product-and-sum-content-last'),
    'B1:1 M1:1 A1:1'
  );
});
