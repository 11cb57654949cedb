import { accuracy, method, schemeOf } from '../../../schemes';
import {
  ANSWER,
  chainSheet,
  constant,
  step,
  unwrittenAt,
  using,
  type Piece
} from '../../../working';
import { defineSkill, pattern, rung } from '../../../skill/define';
import { count } from '../../../skill/feature';
import { addends } from '../../../skill/given/numbers';
import { inTheHead } from '../../../methods/in-the-head/prompt';
import { card } from './card';
import { countAdjacent, countDecoys, firstDecoy, look, type Given, type Look } from './pairs';
import { items } from './space';

const features = {
  addends: count<Look>([3, 6], 'Addends', 'how many numbers are added', (l) => l.numbers.length),
  pairs: count<Look>([0, 3], 'Pairs', 'pairs that make a hundred', (l) => l.pairs),
  leftover: count<Look>([0, 6], 'Left over', 'numbers that no pair takes', (l) => l.left.length),
  decoys: count<Look>([0, 15], 'Decoys', 'pairs that make 90 or 110', countDecoys),
  adjacent: count<Look>([0, 5], 'Neighbours', 'neighbours that make a hundred', countAdjacent)
};

const total = (numbers: readonly number[]) =>
  BigInt(numbers.reduce((sum, number) => sum + number, 0));

/** The pairs that make a hundred are counted first, then the rest is added. */
function pairsFirst(given: Given) {
  const { numbers, pairs, taken, left } = look(given);
  const isSomePairs = (hundreds: unknown) =>
    typeof hundreds === 'bigint' &&
    hundreds > 0n &&
    hundreds % 100n === 0n &&
    hundreds <= 100n * BigInt(pairs);
  return [
    step('hundreds', [], () => 100n * BigInt(pairs), {
      ...unwrittenAt(0n),
      isMethod: true,
      // Who sees fewer pairs adds more at the end.
      accepts: isSomePairs,
      label: 'Hundreds',
      says: ({ value, write }) =>
        taken.length === 1
          ? `${write(taken[0]!.join(' + '))} makes ${value}.`
          : `${taken.map((pair) => write(pair.join(' + '))).join(' and ')} make 100 each, ${value} together.`
    }),
    step(
      'rest',
      ['hundreds'],
      (hundreds) => (isSomePairs(hundreds) ? total(numbers) - hundreds : total(left)),
      {
        ...unwrittenAt(0n),
        holds: [],
        says: ({ value, write }) =>
          left.length === 1
            ? `${value} is left over.`
            : `The other numbers: ${write(left.join(' + '))} = ${value}.`
      }
    ),
    step(ANSWER, ['hundreds', 'rest'], (hundreds, rest) => hundreds + rest, {
      says: ({ value, of }) => `${of('hundreds')} + ${of('rest')} = ${value}.`
    })
  ];
}

/** Sums of several numbers in the head, those that make a hundred taken together first. */
export const skill = defineSkill({
  card,
  given: addends([3, 6], [2, 2], 'Write three to six numbers of two digits with + between them.'),
  look,
  features,
  items,
  working: { pairs: pairsFirst },
  sheet: (given: Given) => {
    const line: Piece[] = [{ given: given.addends.join(' + '), width: 3 * given.addends.length }];
    return chainSheet([
      line,
      [
        { step: 'hundreds', width: 3 },
        { sign: '+' },
        { step: 'rest', width: 3 },
        { sign: '=' },
        { step: ANSWER, width: 3 }
      ]
    ]);
  },
  earns: { hundreds: 'at least one pair that makes 100 put together' },
  marks: schemeOf(method('hundreds'), accuracy()),
  // Common practice; no published catalogue is known.
  patterns: {
    'decoy-taken': pattern(
      'A pair of 90 or 110 taken for 100',
      'Two of the numbers that are left make 90 or 110, and are taken for a hundred.',
      (given: Given) => {
        const seen = look(given);
        const decoy = firstDecoy(seen);
        if (!decoy) return undefined;
        const rest = total(seen.left) - total(decoy);
        return {
          hundreds: constant(100 * (seen.pairs + 1)),
          rest: constant(rest)
        };
      },
      { pairs: 1, leftover: { min: 2 }, decoys: { min: 1 } }
    ),
    'leftover-forgotten': pattern(
      'Numbers outside the pairs forgotten',
      'The pairs are counted, and the numbers that are left are not added.',
      (given: Given) =>
        look(given).pairs === 0
          ? undefined
          : { [ANSWER]: using(['hundreds'], (hundreds) => hundreds) },
      { pairs: { min: 1 }, leftover: { min: 1 } }
    )
  },
  prompt: inTheHead,
  difficulty: { constant: -4.4, addends: 0.45, leftover: 0.4, decoys: 0.25 },
  seconds: { constant: 0, addends: 3, leftover: 2 },
  suits: (given) => look(given).pairs > 0,
  because(given) {
    const { pairs } = look(given);
    if (pairs === 0) return 'No two of them make a hundred.';
    return pairs === 1 ? 'One pair makes a hundred.' : `${pairs} pairs make a hundred each.`;
  },
  suitsUnder: { pairs: { min: 1 } },
  ladder: [
    rung('worked-example', 1, { addends: 3, pairs: 1, decoys: 0, adjacent: 1 }),
    rung('gaps', 1, { addends: 3, pairs: 1, decoys: { max: 1 }, adjacent: 0 }),
    rung('set-out', 3, { addends: 4, pairs: 1, decoys: 0 }),
    rung('bare', 4, { addends: 5, pairs: 2, decoys: { max: 1 } }),
    rung('harder', 3, { addends: 4, pairs: 1, decoys: 1 }),
    rung('challenge', 2, { addends: 5, pairs: 1, decoys: { min: 1, max: 2 } })
  ]
});
