import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle, type HouseStyle } from '../house-style';
import { ANSWER, modelledTexts, stepOf, writtenValue } from '../working';
import { markItem } from '../marking';
import { worked } from './skills.test-helper';

/*
 * The worked examples of: Department for Education (2013). Mathematics programmes of study: key stages 1 and 2, Appendix 1,
 * examples of formal written methods. The sums and what is written in them are set down here from memory of it, figure by
 * figure; what the working of this program is called stands on the right.
 */

interface Published {
  readonly skill: string;
  readonly school?: string;
  readonly line: string;
  /** Everything that is written, by the step: nothing else is, and nothing of it is left out. */
  readonly written: Readonly<Record<string, string>>;
}

const published: readonly Published[] = [
  {
    ...{ skill: 'column-addition', line: '789 + 642' },
    written: {
      ...{ 'digit.0': '1', 'digit.1': '3', 'digit.2': '4', 'digit.3': '1', answer: '1431' },
      // The small ones under tens and hundreds; that of the thousands is written as the digit.
      ...{ 'carry.1': '1', 'carry.2': '1', 'carry.3': '1' }
    }
  },
  {
    ...{ skill: 'column-subtraction', school: 'decomposition', line: '874 - 523' },
    written: { 'digit.0': '1', 'digit.1': '5', 'digit.2': '3', answer: '351' }
  },
  {
    // 9 is struck out for 8, 3 for 12; the 2 is 12.
    ...{ skill: 'column-subtraction', school: 'decomposition', line: '932 - 457' },
    written: {
      ...{ 'rewritten.0': '12', 'rewritten.1': '12', 'rewritten.2': '8' },
      ...{ 'digit.0': '5', 'digit.1': '7', 'digit.2': '4', answer: '475' }
    }
  },
  {
    // The same by equal additions: 12 and 13 above, 6 and 5 below.
    ...{ skill: 'column-subtraction', school: 'equal-additions', line: '932 - 457' },
    written: {
      ...{ 'raised.0': '12', 'increased.1': '6', 'raised.1': '13', 'increased.2': '5' },
      ...{ 'digit.0': '5', 'digit.1': '7', 'digit.2': '4', answer: '475' }
    }
  },
  {
    ...{ skill: 'short-multiplication', line: '24 x 6' },
    written: { 'digit.0': '4', 'carry.1': '2', 'digit.1': '4', 'digit.2': '1', answer: '144' }
  },
  {
    ...{ skill: 'short-multiplication', line: '342 x 7' },
    written: {
      ...{ 'digit.0': '4', 'digit.1': '9', 'digit.2': '3', 'digit.3': '2', answer: '2394' },
      ...{ 'carry.1': '1', 'carry.2': '2' }
    }
  },
  {
    ...{ skill: 'short-multiplication', line: '2741 x 6' },
    written: {
      ...{ 'digit.0': '6', 'digit.1': '4', 'digit.2': '4', 'digit.3': '6', 'digit.4': '1' },
      ...{ 'carry.2': '2', 'carry.3': '4', answer: '16446' }
    }
  },
  {
    // The rows 144 and 240.
    ...{ skill: 'long-multiplication', line: '24 x 16' },
    written: {
      ...{ 'row.0.digit.0': '4', 'row.0.carry.1': '2', 'row.0.digit.1': '4', 'row.0.digit.2': '1' },
      ...{ 'row.1.placeholder.0': '0', 'row.1.digit.1': '4', 'row.1.digit.2': '2' },
      ...{ 'sum.digit.0': '4', 'sum.digit.1': '8', 'sum.digit.2': '3', answer: '384' }
    }
  },
  {
    // The rows 744 and 2480, and small ones under the sum.
    ...{ skill: 'long-multiplication', line: '124 x 26' },
    written: {
      ...{ 'row.0.digit.0': '4', 'row.0.carry.1': '2', 'row.0.digit.1': '4' },
      ...{ 'row.0.carry.2': '1', 'row.0.digit.2': '7' },
      ...{ 'row.1.placeholder.0': '0', 'row.1.digit.1': '8' },
      ...{ 'row.1.digit.2': '4', 'row.1.digit.3': '2' },
      ...{ 'sum.digit.0': '4', 'sum.digit.1': '2', 'sum.carry.2': '1', 'sum.digit.2': '2' },
      ...{ 'sum.carry.3': '1', 'sum.digit.3': '3', answer: '3224' }
    }
  },
  {
    ...{ skill: 'short-division', line: '98 / 7' },
    written: { 'quotient.1': '1', 'carried.0': '2', 'quotient.0': '4', answer: '14' }
  },
  {
    ...{ skill: 'short-division', line: '432 / 5' },
    written: { 'quotient.1': '8', 'carried.0': '3', 'quotient.0': '6', answer: '86 r 2' }
  },
  {
    ...{ skill: 'short-division', line: '496 / 11' },
    written: { 'quotient.1': '4', 'carried.0': '5', 'quotient.0': '5', answer: '45 r 1' }
  },
  {
    // 300 and 132, 120 and 12: by chunks of 20 and 8 fifteens.
    ...{ skill: 'long-division', school: 'chunks', line: '432 / 15' },
    written: {
      ...{ 'chunk.0': '300', 'left.0': '132', 'chunk.1': '120', 'left.1': '12' },
      answer: '28 r 12'
    }
  },
  {
    ...{ skill: 'long-division', school: 'columns', line: '432 / 15' },
    written: {
      ...{ 'quotient.1': '2', 'product.1': '30', 'brought.0': '132' },
      ...{ 'quotient.0': '8', 'product.0': '120', 'remainder.0': '12', answer: '28 r 12' }
    }
  }
];

test('every published example is written figure by figure as it was published', () => {
  for (const { skill, school, line, written } of published) {
    const { graph, key } = worked(skill, line, school);
    assert.deepEqual(modelledTexts(graph, key), written, `${line} ${school ?? ''}`);
  }
});

test('who writes what was published has every mark', () => {
  for (const { skill, school, line, written } of published) {
    const { marks, flags } = markItem(worked(skill, line, school), written);
    assert.equal(marks.awarded, marks.available, line);
    assert.deepEqual(flags, [], line);
  }
});

test('a remainder is left, or made a fraction or a decimal, as it was published', () => {
  const said = (line: string, remainder: HouseStyle['remainder']) => {
    const { graph, key } = worked('long-division', line);
    return writtenValue(stepOf(graph, ANSWER), key.get(ANSWER)!, {
      ...{ ...defaultHouseStyle, remainder }
    });
  };
  assert.equal(said('432 / 15', 'fraction'), '28 4/5');
  assert.equal(said('432 / 15', 'decimal'), '28.8');
  assert.equal(said('496 / 11', 'fraction'), '45 1/11');
});
