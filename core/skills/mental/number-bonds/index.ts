import { independent, schemeOf } from '../../../schemes';
import { ANSWER, chainSheet, step } from '../../../working';
import { defineSkill, rung } from '../../../skill/define';
import { count, flag } from '../../../skill/feature';
import { listedItems } from '../../../skill/listed-items';
import { card } from './card';
import { patterns } from './errors';
import { bonds, given, missingIn, type Given } from './numbers';

const features = {
  total: count<Given>([2, 100], 'Total', 'what the two parts make', ({ total }) => Number(total)),
  part: count<Given>([1, 99], 'Known part', 'the part that is given', ({ part }) => Number(part)),
  tens: flag<Given>('Whole tens', 'the known part ends in 0', ({ part }) => part.endsWith('0'))
};

const look = (item: Given) => item;

/** Which number makes a total with another: bonds to 20 and, by tens, to 100, known by heart. */
export const skill = defineSkill({
  card,
  given,
  answerSign: '→',
  look,
  features,
  items: listedItems<Given, Given>({
    size: bonds.length,
    item: (key) => bonds[key]!,
    ...{ look, features }
  }),
  working: {
    recall: (item: Given) => [
      step(ANSWER, [], () => BigInt(missingIn(item)), {
        label: 'Missing number',
        says: ({ value, write }) => `${write(item.part)} and ${value} make ${write(item.total)}.`
      })
    ]
  },
  sheet: (item: Given) =>
    chainSheet([
      [
        { given: item.part, width: 2 },
        { sign: '+' },
        { step: ANSWER, width: 2 },
        { sign: '=' },
        { given: item.total, width: 2.5 }
      ]
    ]),
  marks: schemeOf(independent(ANSWER)),
  patterns,
  prompt: (line, _style, _given, { showsWorking = false } = {}) =>
    `Find the missing number${showsWorking ? '' : ' in your head'}: ${line}.`,
  difficulty: { constant: -3.9, total: 0.015, tens: -1 },
  seconds: { constant: 2, total: 0.04 },
  because: ({ total }) => `It is made up to ${total}.`,
  ladder: [
    rung('worked-example', 1, { total: { min: 5, max: 9 } }),
    rung('set-out', 4, { total: { min: 9, max: 10 } }),
    rung('bare', 6, { total: { min: 11, max: 20 } }),
    rung('harder', 4, { total: { min: 40, max: 90 }, part: { min: 11, max: 38 }, tens: false }),
    rung('challenge', 4, { total: 100, part: { min: 11, max: 89 }, tens: false })
  ]
});
