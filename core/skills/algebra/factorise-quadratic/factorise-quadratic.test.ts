import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { evaluate as mathjs } from 'mathjs';
import { expand, parseProduct, printPolynomial } from '../../../numbers';
import { markItem } from '../../../marking';
import { ANSWER, evaluate, printValue, stepOf } from '../../../working';
import { analyseItem, evaluatePattern, patternsIn, readControls, skillOf } from '../..';
import { countsAsMeasured, ranksAsListed } from '../../space-checks.test-helper';
import { crossTrials, factorPairs, features, measure } from './features';
import { isFactorable, type Given } from './quadratic';
import { count, space } from './space';
import { schools } from './working';

const skill = skillOf('factorise-quadratic');
const item = (line: string) => skill.parse(line) as Given;
const SMALL = Array.from({ length: 25 }, (_, at) => at - 12);

function* quadratics(coefficients: readonly number[]): Generator<Given> {
  for (const a of coefficients) {
    if (a !== 0) for (const b of coefficients) for (const c of coefficients) yield { a, b, c };
  }
}

const coefficient = fc.integer({ min: -200, max: 200 });
const anyItem = fc
  .tuple(fc.integer({ min: -24, max: 24 }), coefficient, coefficient)
  .filter(([a]) => a !== 0)
  .map(([a, b, c]): Given => ({ a, b, c }));

/** Items that split, from their factors. */
const splitting = fc
  .tuple(
    fc.integer({ min: 1, max: 4 }),
    fc.integer({ min: -9, max: 9 }),
    fc.integer({ min: 1, max: 4 }),
    fc.integer({ min: -9, max: 9 }),
    fc.constantFrom(1, 1, 2, 3, -1, -2)
  )
  .map(([p, q, r, s, k]): Given => ({ a: k * p * r, b: k * (p * s + q * r), c: k * q * s }))
  .filter((given) => skill.given.safeParse(given).success);

/** What a general library makes of an expression; it would take x(x + 1) for a function of that name. */
function value(text: string, x: number): number {
  // Adding 0 makes 0 of -0.
  return (mathjs(text.replaceAll('²', '^2').replaceAll('x(', 'x*('), { x }) as number) + 0;
}

test('factorability agrees with an exhaustive search for all a, b, c from -12 to 12', () => {
  // (px + q)(rx + s) with pr = a: q is a root's numerator, so it divides c, or c is 0 and x is a factor.
  for (const { a, b, c } of quadratics(SMALL)) {
    const found = SMALL.some(
      (p) =>
        p > 0 &&
        a % p === 0 &&
        SMALL.some((q) => {
          const [r, s] = [a / p, (b - (q * a) / p) / p];
          return Number.isInteger(s) && q * s === c && p * s + q * r === b;
        })
    );
    assert.equal(isFactorable({ a, b, c }), found, `${a} ${b} ${c}`);
  }
});

test('the answer multiplies out to the item and is complete, in every school', () => {
  fc.assert(
    fc.property(fc.oneof(splitting, anyItem), ({ a, b, c }) => {
      for (const school of schools) {
        const { answer, steps } = analyseItem(skill, { a, b, c }, { school });
        const marked = markItem(skill, { given: { a, b, c }, school, working: { answer } });
        assert.deepEqual([marked.answer.verdict, marked.answer.form], ['correct', []], answer);
        assert.equal(marked.marks.awarded, marked.marks.available);
        assert.ok(steps.every(({ value }) => value !== undefined));
        const isBare = !isFactorable({ a, b, c }) && measure({ a, b, c }).content === 1 && a > 0;
        assert.equal(answer === 'not factorable', isBare);
        if (isBare) continue;
        for (const x of [-3, 2, 7]) {
          assert.equal(value(answer, x), a * x * x + b * x + c + 0, answer);
        }
      }
    }),
    { numRuns: 150 }
  );
});

test('features are those of an independent measurement', () => {
  // The catalogue's examples.
  assert.equal(crossTrials(6, 11, 4), 6);
  assert.equal(crossTrials(1, -7, 12), 3);
  assert.equal(crossTrials(1, 1, -12), 6);
  fc.assert(
    fc.property(fc.oneof(splitting, anyItem), (given) => {
      const { a, b, c } = given;
      const found = measure(given);
      const divides = (n: number) => [a, b, c].every((value) => value % n === 0);
      const content = Array.from({ length: 24 }, (_, at) => 24 - at).find(divides);
      assert.equal(found.content, content);
      const [leading, , last] = [a, b, c].map((value) => value / content!);
      const size = Math.abs(leading! * last!);
      let pairs = 0;
      for (let n = 1; n <= size; n++) if (size % n === 0 && n * n <= size) pairs++;
      assert.equal(factorPairs(given), pairs);
      assert.equal(crossTrials(a, b, c), trialsByHand(a, b, c));
      const roots = [1, -1].map((sign) => (-b + sign * Math.sqrt(b * b - 4 * a * c)) / (2 * a));
      assert.equal(found.roots === 'integer', roots.every(Number.isInteger));
      assert.equal(
        found.kind === 'perfect-square',
        found.factorable && c !== 0 && roots[0] === roots[1]
      );
      assert.equal(found.kind === 'difference-of-squares', found.factorable && b === 0 && c !== 0);
    })
  );
});

/** Every (px + q)(rx + s), listed. */
function trialsByHand(a: number, b: number, c: number): number {
  const [leading, last] = a < 0 ? [-a, -c] : [a, c];
  const middle = a < 0 ? -b : b;
  const found = new Set<string>();
  for (let p = 1; p <= leading; p++) {
    for (let q = -Math.abs(last); q <= Math.abs(last); q++) {
      if (leading % p !== 0 || q === 0 || last % q !== 0) continue;
      if (last > 0 && Math.sign(middle) === -Math.sign(q) && middle !== 0) continue;
      found.add([`${p} ${q}`, `${leading / p} ${last / q}`].sort().join());
    }
  }
  return found.size;
}

test('counts equal those of a list of all small quadratics; a is positive unless less is asked for', () => {
  const small = Array.from({ length: 9 }, (_, at) => at - 4);
  const within = { largest: { min: 1, max: 4 } };
  const all = [...quadratics(small)];
  const withNegative = { ...within, leading: { min: -24, max: 24 } };
  countsAsMeasured({
    features,
    items: all,
    measure,
    count: (more) => count({ ...withNegative, ...more })
  });
  const positive = all.filter(({ a, b, c }) => a > 0 && isFactorable({ a, b, c }));
  ranksAsListed(space({ ...within, factorable: true }), positive, (given) => skill.print(given));
  assert.equal(count({}), 24n * 401n * 401n);
  const read = readControls(skill.features, { leading: { max: 5 } });
  assert.deepEqual(read.ok && read.constraints.leading, { min: 1, max: 5 });
  const below = readControls(skill.features, { leading: { max: -2 } });
  assert.deepEqual(below.ok && below.constraints.leading, { min: -24, max: -2 });
});

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
      ['?', '(x - 3)(x - 4) = 0'],
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
      ['?', '(x - 3)(x - 4) = 0'],
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
      const { answer, flags } = markItem(skill, {
        given: item(line),
        school: 'product-and-sum',
        working: { answer: written }
      });
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
        lost: '='
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
        lost: '='
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
        lost: '(x + 2)(x + 3)'
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
        lost: '='
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
        lost: '(x - 2)(x + 2)'
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
        lost: 'x² + x + 1'
      }
    ]
  ];
  const ids = {
    flipped: 'pair-signs-flipped',
    plus: 'signs-all-plus',
    swapped: 'product-and-sum-swapped',
    unchecked: 'sum-not-checked',
    leading: 'leading-dropped',
    lost: 'content-lost'
  };
  for (const [line, answers] of table) {
    const given = item(line);
    for (const school of schools.slice(0, 4)) {
      const graph = skill.graph(given, school);
      const step = stepOf(graph, ANSWER);
      const right = printValue(step, evaluate(graph).get(ANSWER));
      for (const [short, id] of Object.entries(ids)) {
        const pattern = patternsIn(skill, school).find((one) => one.id === id);
        if (!pattern) continue;
        const text = printValue(step, evaluatePattern(pattern, given, graph)?.get(ANSWER)) ?? '-';
        assert.equal(text === right ? '=' : text, answers[short], `${line} ${id} in ${school}`);
      }
    }
  }
});

test('any pair with the right product and signs is a sum not checked, with what follows from it', () => {
  const given = item('x² - 7x + 12');
  const workings: Record<string, string>[] = [
    { answer: '(x - 1)(x - 12)' },
    { answer: '(x - 2)(x - 6)' },
    { pair: '-12, -1', answer: '(x - 12)(x - 1)' }
  ];
  for (const working of workings) {
    const { diagnosis } = markItem(skill, { given, school: 'product-and-sum', working });
    assert.deepEqual(
      diagnosis.map(({ patterns }) => patterns.join()),
      ['sum-not-checked']
    );
  }
});

test('grids, crosses and pairs may be written in any order', () => {
  const given = item('6x² + 11x + 4');
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
    const marked = markItem(skill, {
      given,
      school,
      working: { ...working, answer: '(2x + 1)(3x + 4)' }
    });
    const wrong = marked.steps.filter(({ verdict }) => !/correct|not-needed|follows/.test(verdict));
    assert.deepEqual([wrong, marked.firstSlip, marked.marks.awarded], [[], null, 2], school);
  }
  const slip = markItem(skill, {
    given,
    school: 'area-grid',
    working: { ...turned, 'grid.1.0': '5x' }
  });
  assert.equal(slip.firstSlip, 'grid.1.0');
});

test('marks: what is taken out, the pair, and a complete answer', () => {
  const given = item('2x² + 10x + 12');
  const marks = (working: Record<string, string>, school = 'product-and-sum') =>
    markItem(skill, { given, school, working })
      .marks.lines.map(({ id, awarded }) => `${id}:${awarded}`)
      .join(' ');
  assert.equal(marks({ answer: '2(x + 2)(x + 3)' }), 'B1:1 M1:1 A1:1');
  assert.equal(marks({ answer: '(2x + 4)(x + 3)' }), 'B1:0 M1:1 A1:0');
  assert.equal(marks({ answer: '2(x² + 5x + 6)' }), 'B1:1 M1:0 A1:0');
  assert.equal(marks({ answer: '2x² + 10x + 12' }), 'B1:0 M1:0 A1:0');
  assert.equal(marks({ answer: '(x + 2)(x + 3)' }), 'B1:0 M1:0 A1:0');
  const last = { product: '24', sum: '10', pair: '4, 6', factors: '(2x + 4)(x + 3)', content: '2' };
  assert.equal(
    marks({ ...last, complete: '2(x + 2)(x + 3)' }, 'product-and-sum-content-last'),
    'B1:1 M1:1 A1:1'
  );
});
