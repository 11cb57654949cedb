import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  defaultHouseStyle,
  houseStyleSchema,
  usualAdvice,
  type HouseStyle
} from '@zealous-quill/core/house-style';
import { changedWords, styleChoices, together } from './choices';

const choices = styleChoices.flatMap((group) => group.choices);

test('every value of a choice is one that a house style may have, and each has a word of its own', () => {
  for (const { name, title, options } of choices) {
    assert.ok(title.length > 0 && options.length > 1, name);
    for (const { value } of options) {
      const style = { ...defaultHouseStyle, [name]: value };
      assert.ok(houseStyleSchema.safeParse(style).success, `${name} ${String(value)}`);
    }
    assert.equal(new Set(options.map(({ word }) => word)).size, options.length, name);
  }
  assert.equal(new Set(choices.map(({ name }) => name)).size, choices.length);
  // What is not chosen here has a list of its own, or is written.
  const apart = ['methods', 'advice', 'timing', 'department', 'instructions'];
  assert.deepEqual(
    Object.keys(defaultHouseStyle).filter((name) => !choices.some((one) => one.name === name)),
    apart.filter((name) => name in defaultHouseStyle)
  );
});

/** A style in which some rows are changed: a choice to its last option, a method, a row of the advice. */
const rows = [
  ...(['takingTen', 'headings', 'squares', 'methods a', 'methods b'] as const),
  ...(['advice tables', 'timing bare reading', 'timing choice reading'] as const)
];
type Row = (typeof rows)[number];

function changed(base: HouseStyle, own: readonly Row[], to: 0 | 1): HouseStyle {
  return own.reduce((style, row): HouseStyle => {
    const [name, of] = row.split(' ') as [keyof HouseStyle, string?];
    if (name === 'methods') return { ...style, methods: { ...style.methods, [of!]: `m${to}` } };
    if (name === 'advice') return { ...style, advice: { ...usualAdvice, tables: 10 + to } };
    if (name === 'timing') {
      const kind = of as 'bare' | 'choice';
      const weight = { ...style.timing[kind], reading: 40 + to };
      return { ...style, timing: { ...style.timing, [kind]: weight } };
    }
    const { options } = choices.find((one) => one.name === name)!;
    return { ...style, [name]: options.at(-1 - to)!.value };
  }, base);
}

const base: HouseStyle = {
  ...defaultHouseStyle,
  ...{ takingTen: 'regroup', headings: 'letters', squares: 5 },
  ...{ methods: { a: 'm', b: 'm' }, advice: { ...usualAdvice, tables: 5 } }
};

test('changes of different rows are put together, whatever they are of; changes of one row to one end as well', () => {
  fc.assert(
    fc.property(fc.subarray([...rows]), fc.subarray([...rows]), (mine, theirs) => {
      const both = [...new Set([...mine, ...theirs])];
      assert.deepEqual(
        together(base, changed(base, mine, 0), changed(base, theirs, 0)),
        changed(base, both, 0)
      );
    })
  );
});

test('one row that both changed to different ends cannot be put together', () => {
  fc.assert(
    fc.property(fc.subarray([...rows]), fc.subarray([...rows]), (mine, theirs) => {
      const found = together(base, changed(base, mine, 0), changed(base, theirs, 1));
      const isBoth = mine.some((row) => theirs.includes(row));
      assert.equal(found === undefined, isBoth, `${mine.join()} and ${theirs.join()}`);
    })
  );
});

test('what is chosen otherwise is said in the words of the choice', () => {
  assert.equal(changedWords(base, base), '');
  const other = changed(base, ['takingTen', 'methods a'], 0);
  assert.equal(changedWords(other, base), 'Making a ten is called carry and borrow; other methods');
  assert.equal(changedWords(base, other), 'Making a ten is called regroup; other methods');
});
