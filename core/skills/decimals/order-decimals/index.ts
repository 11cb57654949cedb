import { independent, schemeOf } from '../../../schemes';
import { ANSWER } from '../../../working';
import { defineSkill, rung } from '../../../skill/define';
import { card } from './card';
import { errorPatterns } from './errors';
import { features, look } from './features';
import { given } from './numbers';
import { items } from './space';
import { orderSheet, orderSteps } from './working';

// Numbers close to each other, and an order that is not there from the start.
const near = { wholeParts: { max: 2 }, wholeSpan: { max: 1 } };
const four = { ...near, count: 4, integers: 0, placed: { max: 1 } };

/** Putting decimals in order of size. */
export const skill = defineSkill({
  card,
  given,
  answerSign: '→',
  look,
  features,
  items: (wanted) => items(wanted),
  working: { padding: orderSteps },
  sheet: (given, _school, style) => orderSheet(given, style),
  marks: schemeOf(independent(ANSWER, { slips: 1 }), independent(ANSWER)),
  patterns: errorPatterns,
  prompt(line, _style, { order }) {
    const first = order === 'ascending' ? 'smallest' : 'largest';
    return `Write in order, ${first} first: ${line.slice(0, line.lastIndexOf(' '))}.`;
  },
  difficulty: {
    constant: -4,
    count: 0.4,
    raggedness: 0.3,
    sharedPrefix: 0.15,
    longerTraps: 0.08,
    shorterTraps: 0.06,
    zeroTraps: 0.12
  },
  seconds: { constant: 8, count: 7, raggedness: 3, sharedPrefix: 3 },
  // From numbers of one length to ragged ones that share digits, with traps for both ways of thinking.
  ladder: [
    rung('worked-example', 1, { ...four, maxPlaces: 2, raggedness: 1, longerTraps: 2 }),
    rung('gaps', 1, { ...four, maxPlaces: 2, raggedness: 1, longerTraps: { min: 3 } }),
    rung('set-out', 3, { ...four, maxPlaces: 3, raggedness: 2, longerTraps: { min: 2 } }),
    rung('bare', 4, {
      ...four,
      maxPlaces: 3,
      raggedness: 2,
      longerTraps: { min: 2 },
      shorterTraps: { min: 1 },
      zeroTraps: 1
    }),
    rung('harder', 3, {
      ...near,
      count: 5,
      placed: { max: 2 },
      maxPlaces: 3,
      integers: 1,
      longerTraps: { min: 2 },
      shorterTraps: { min: 3 }
    }),
    rung('challenge', 2, {
      ...near,
      count: 6,
      placed: { max: 2 },
      maxPlaces: 4,
      sharedPrefix: { min: 2 },
      zeroTraps: { min: 2 },
      longerTraps: { min: 4 }
    })
  ]
});
