import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { cellOf, printedCell, spacedFigures, squareCell, type Cell, type Layout } from './layout';
import { emptyPicture, isStruck, pictureOf, textIn } from './picture';
import { ANSWER, graphOf, evaluate } from './graph';
import { readAcross, spreadAnswer } from './spread';
import { step } from './step';
import { chainSheet, withLines, type Piece } from './sheets/chain';
import { carryingFrame, columnFrame, corner, printedDigits } from './sheets/columns';
import { crossSheet } from './sheets/cross';
import { bridgeSheet, jumpsSheet } from './sheets/jumps';
import { LinesSheet } from './sheets/lines';
import { defaultHouseStyle, houseStyleSchema, type HouseStyle } from '../house-style';

const sheet = (cells: readonly Cell[]): Layout => ({ width: 9, height: 3, cells, rules: [] });

test('a square stands empty until its step is written; what is printed stands always', () => {
  const layout = sheet([
    printedCell('given', '7', { x: 0, y: 0 }),
    squareCell('digit.0', { x: 1, y: 1 }),
    { ...squareCell('carry.1', { x: 0, y: 2, size: 0.6 }, 'carry'), crossedOff: true },
    { ...printedCell('given', '9', { x: 2, y: 0 }), struckBy: 'digit.0' },
    { ...printedCell('given', '12', { x: 3, y: 0 }), echoes: 'common' }
  ]);
  const seen = (texts: Record<string, string>) =>
    pictureOf(layout, texts).marks.map(({ text, crossedOff }) => `${text}${crossedOff ? '/' : ''}`);
  assert.deepEqual(seen({}), ['7', '', '', '9', '12']);
  assert.deepEqual(seen({ 'digit.0': '4', 'carry.1': '1', common: '24' }), [
    ...['7', '4', '1/', '9/', '24']
  ]);
  assert.deepEqual(cellOf(layout, 'digit.0')?.x, 1);
  assert.equal(cellOf(layout, 'digit.1'), undefined);
  assert.deepEqual(
    layout.cells.map((cell) => [textIn(cell, {}), isStruck(cell, {})]),
    [
      ['7', false],
      ['', false],
      ['', false],
      ['9', false],
      ['12', false]
    ]
  );
  assert.deepEqual(emptyPicture({ ...layout, height: 2.4 }), {
    ...{ width: 9, height: 3, marks: [], rules: [], arcs: [] }
  });
});

test('a spaced numeral has a figure to a square, the last in the last; what does not fit stands together', () => {
  fc.assert(
    fc.property(fc.nat(99_999), fc.integer({ min: 1, max: 7 }), fc.nat(5), (number, width, x) => {
      const text = String(number);
      const figures = spacedFigures({ x, width, isSpaced: true }, text);
      assert.equal(figures !== undefined, text.length <= width);
      if (!figures) return;
      assert.equal(figures.map(({ figure }) => figure).join(''), text);
      assert.equal(figures.at(-1)!.x, x + width - 1);
      figures.forEach((one, at) => assert.equal(one.x, figures[0]!.x + at));
    }),
    { seed: 1852 }
  );
  for (const text of ['86 r 2', 'x + 1', '', '.5', '1,2,3']) {
    assert.equal(spacedFigures({ x: 0, width: 9, isSpaced: true }, text), undefined, text);
  }
  assert.equal(spacedFigures({ x: 0, width: 9 }, '12'), undefined);
  const wide = { ...squareCell('product', { x: 2, y: 1, width: 4 }), isSpaced: true };
  assert.deepEqual(
    pictureOf(sheet([wide]), { product: '306' }).marks.map(({ x, text }) => [x, text]),
    [
      [3, '3'],
      [4, '0'],
      [5, '6']
    ]
  );
});

/** Digits from the place `lowest` up to `highest`, and an answer that reads them across. */
const acrossGraph = (lowest: number, highest: number) => {
  const places = Array.from({ length: highest - lowest + 1 }, (_, at) => lowest + at);
  const ids = places.map((place) => `digit.${place}`);
  return graphOf([
    ...ids.map((id) => step(id, [], () => 0n)),
    step(ANSWER, ids, (...digits) => digits.reduce((sum, digit) => sum + digit, 0n), {
      assembled: true
    })
  ]);
};

test('an answer is spread by its places, with zeros where it has no decimals', () => {
  fc.assert(
    fc.property(
      fc.nat(4),
      fc.integer({ min: -3, max: 0 }),
      fc.nat(99_999),
      fc.string({ unit: fc.constantFrom(...'0123456789'), maxLength: 4 }),
      (highest, lowest, whole, decimals) => {
        const text = decimals === '' ? String(whole) : `${whole}.${decimals}`;
        const spread = spreadAnswer(acrossGraph(lowest, highest), text);
        const fits = String(whole).length <= highest + 1 && decimals.length <= -lowest;
        assert.equal(spread !== undefined, fits, text);
        if (!spread) return;
        const value = Object.entries(spread).reduce(
          (sum, [id, digit]) => sum + Number(digit) * 10 ** Number(id.split('.')[1]),
          0
        );
        assert.ok(Math.abs(value - Number(text)) < 1e-9, text);
      }
    ),
    { seed: 1852 }
  );
  const graph = acrossGraph(0, 3);
  assert.equal(readAcross(graph).length, 4);
  for (const odd of ['', '-5', '1 2', 'x', '1.2.3'])
    assert.equal(spreadAnswer(graph, odd), undefined);
  const apart = graphOf([step('digit.0', [], () => 1n), step(ANSWER, ['digit.0'], (one) => one)]);
  assert.equal(spreadAnswer(apart, '1'), undefined);
  assert.equal(evaluate(apart).get(ANSWER), 1n);
});

const edgesOf = ({ x, y, size, width = size, height = size }: Cell) => ({
  ...{ left: x, right: x + width, top: y, bottom: y + height }
});

/** Whether two boxes have an area in common. */
function overlap(one: Cell, other: Cell): boolean {
  const [a, b] = [edgesOf(one), edgesOf(other)];
  return (
    Math.min(a.right, b.right) - Math.max(a.left, b.left) > 0.01 &&
    Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 0.01
  );
}

/** No two things stand in one place, and none hangs over the edge. */
function checkSheet(layout: Layout, about = ''): void {
  for (const [at, cell] of layout.cells.entries()) {
    const { x, y, size, width = size } = cell;
    assert.ok(x >= -0.1 && y >= -0.01 && x + width <= layout.width + 0.01, about);
    assert.ok(y + size <= layout.height + 0.01, about);
    for (const other of layout.cells.slice(at + 1)) {
      assert.ok(!overlap(cell, other), `${about}: ${JSON.stringify([cell, other])}`);
    }
  }
}

const aPiece: fc.Arbitrary<Piece> = fc.oneof(
  fc.record({ step: fc.string({ minLength: 1 }), width: fc.integer({ min: 1, max: 4 }) }),
  fc.record({ given: fc.string(), width: fc.integer({ min: 1, max: 4 }) }),
  fc.record({ heading: fc.string(), width: fc.integer({ min: 1, max: 4 }) }),
  fc.constant({ sign: '=' }),
  fc.record({ room: fc.constantFrom(0.5, 1, 2) })
);

test('the pieces of a line stand side by side, and lines under each other', () => {
  const lines = fc.array(fc.array(aPiece, { minLength: 1, maxLength: 5 }), {
    ...{ minLength: 1, maxLength: 4 }
  });
  fc.assert(
    fc.property(lines, (all) => {
      const layout = chainSheet(all);
      checkSheet(layout, 'chain');
      let seen = 0;
      all.forEach((pieces, line) => {
        let x = 0;
        for (const piece of pieces) {
          const width = 'room' in piece ? piece.room : 'width' in piece ? piece.width : 1;
          if (!('room' in piece)) {
            const cell = layout.cells[seen++]!;
            assert.deepEqual([cell.x, cell.y], [x, 2 * line]);
          }
          x += width;
        }
        assert.ok(x <= layout.width);
      });
      assert.equal(seen, layout.cells.length);
      const longer = withLines(layout, all);
      assert.equal(longer.height, layout.height + all.length);
      checkSheet(longer, 'with lines');
    }),
    { seed: 1852, numRuns: 50 }
  );
});

const styles: readonly HouseStyle[] =
  houseStyleSchema.shape.carryPosition.def.innerType.options.flatMap((carryPosition) =>
    houseStyleSchema.shape.headings.def.innerType.options.flatMap((headings) =>
      houseStyleSchema.shape.answerRules.def.innerType.options.map((answerRules) => ({
        ...{ ...defaultHouseStyle, carryPosition, headings, answerRules }
      }))
    )
  );

test('columns: places stand from right to left, the point between ones and tenths, and nothing in one place', () => {
  for (const style of styles) {
    for (const digits of [1, 4]) {
      for (const decimals of [0, 2]) {
        const frame = carryingFrame(digits, 2, style, '+', decimals);
        const squares = frame.places.map((place) =>
          squareCell(`digit.${place}`, { x: frame.x(place), y: frame.answerRow })
        );
        const carries = frame.places.slice(1).map((place) => frame.carry(place));
        const isBeside = style.carryPosition === 'beside';
        const layout = frame.layout([...squares, ...(isBeside ? [] : carries)]);
        const about = JSON.stringify([digits, decimals, style.carryPosition, style.headings]);
        checkSheet(layout, about);
        for (const [at, place] of frame.places.entries()) {
          const before = frame.places[at - 1];
          // Where the point stands between two places there is a column for it.
          const apart = place === 0 && decimals > 0 ? 2 : 1;
          if (before !== undefined) assert.equal(frame.x(before) - frame.x(place), apart, about);
        }
        assert.equal(layout.rules.length, style.answerRules === 'two' ? 2 : 1);
        assert.equal(
          layout.cells.filter(({ role }) => role === 'heading').length,
          style.headings === 'none' ? 0 : digits + decimals
        );
        // A carry stands in the column it belongs to.
        for (const [at, carry] of carries.entries()) {
          assert.equal(Math.round(carry.x), frame.x(frame.places[at + 1]!), about);
        }
      }
    }
  }
});

test('the digits of a numeral stand in their places, and are struck by the step above them', () => {
  const { x } = columnFrame(4, { before: 0, numbers: 2, after: 0 }, defaultHouseStyle, '−');
  const cells = printedDigits('305', x, 1, 'rewritten');
  assert.deepEqual(
    cells.map((cell) => cell.type === 'printed' && [cell.text, cell.x, cell.struckBy]),
    [
      ['5', 4, 'rewritten.0'],
      ['0', 3, 'rewritten.1'],
      ['3', 2, 'rewritten.2']
    ]
  );
  const mark = corner('carry.1', 3, 2, { ...defaultHouseStyle, crossOff: true });
  assert.ok(mark.crossedOff && mark.size < 0.5 && Math.abs(mark.x - 3) < 0.1);
});

test('jumps lead from the number to where they land, and on to the answer, either way', () => {
  for (const sign of ['+', '−'] as const) {
    for (const goesOn of [true, false]) {
      const names = { jump: 'jump', landing: 'landing', hop: 'hop' };
      const { cells, arcs = [] } = jumpsSheet({ start: '576', sign, ...names, goesOn });
      const middle = (cell: Cell) => cell.x + (cell.width ?? cell.size) / 2;
      const at = (step: string) => middle(cellOf({ ...sheet(cells) }, step)!);
      const [jump, hop] = arcs as [(typeof arcs)[number], (typeof arcs)[number]];
      assert.ok(Math.abs(jump.x1 - middle(cells[0]!)) < 0.01);
      assert.ok(Math.abs(jump.x2 - at('landing')) < 0.01);
      assert.deepEqual([hop.x1, hop.height < jump.height], [jump.x2, true]);
      assert.ok(Math.abs(hop.x2 - at(ANSWER)) < 0.01);
      // To the right where something is added; the hop goes back where too much was jumped.
      assert.equal(jump.x2 > jump.x1, sign === '+');
      assert.equal(hop.x2 > hop.x1, (sign === '+') === goesOn);
    }
  }
  checkSheet(bridgeSheet({ start: '8', given: '5', landing: 'ten', rest: 'rest', end: 'answer' }));
});

test('a cross and lines of algebra have a square for every step, each in a place of its own', () => {
  checkSheet(
    crossSheet({
      ...{ left: '97', right: '96', base: '100', leftStep: 'left', rightStep: 'right' },
      below: [['crossed', 'product'], [ANSWER]]
    }),
    'cross'
  );
  const lines = new LinesSheet();
  lines.given('x² + 5x + 6');
  lines.found([
    ['pair', 'pair', 4],
    ['sum', 'sum', 3]
  ]);
  lines.line('terms', '=');
  lines.line('note', 'then');
  lines.groups('first', 'second');
  lines.grid('grid');
  lines.cross([
    ['a', 'b'],
    ['c', 'd']
  ]);
  const layout = lines.layout();
  checkSheet(layout, 'lines');
  const steps = layout.cells.flatMap((cell) => (cell.type === 'step' ? cell.step : []));
  assert.equal(new Set(steps).size, steps.length);
  assert.deepEqual(
    ['pair', 'sum', 'terms', 'note', 'first', 'second', 'a', 'b', 'c', 'd'].every((one) =>
      steps.includes(one)
    ),
    true
  );
  assert.equal(steps.filter((one) => one.startsWith('grid.')).length, 8);
});
