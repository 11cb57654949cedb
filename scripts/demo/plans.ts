import { blueprintSchema, type Blueprint } from '@zealous-quill/core/exams';
import { skillOf } from '@zealous-quill/core/skill';
import '@zealous-quill/core/catalogue/all';
import type { PaperPlan } from '@zealous-quill/core/papers';

const SKILL = 'column-addition';

/** Sums of numbers that differ in length. */
export const railway: readonly PaperPlan[] = [
  {
    skill: SKILL,
    kind: 'worked-example',
    count: 1,
    controls: { addends: 2, digits: 3, shortest: 2, carries: 1 }
  },
  {
    skill: SKILL,
    kind: 'gaps',
    count: 1,
    controls: { addends: 2, digits: 3, shortest: 2, carries: 2 }
  },
  {
    skill: SKILL,
    kind: 'set-out',
    count: 4,
    controls: { addends: 2, digits: 3, shortest: 2, carries: { min: 1 } }
  },
  {
    skill: SKILL,
    kind: 'bare',
    count: 4,
    controls: { addends: 2, digits: 4, shortest: { max: 3 }, carries: 2 }
  },
  {
    skill: SKILL,
    kind: 'harder',
    count: 2,
    controls: { addends: 2, digits: 4, carries: 4, ripples: { min: 1 } }
  },
  {
    skill: SKILL,
    kind: 'challenge',
    count: 2,
    controls: { addends: 3, digits: 4, shortest: { max: 3 }, largestCarry: 2 }
  }
];

/** Sums that make a new column. */
export const station: readonly PaperPlan[] = [
  {
    skill: SKILL,
    kind: 'worked-example',
    count: 1,
    controls: { addends: 2, digits: 3, newColumn: true, carries: 1 }
  },
  {
    skill: SKILL,
    kind: 'set-out',
    count: 6,
    controls: { addends: 2, digits: 3, newColumn: true, carries: { min: 2 } }
  },
  {
    skill: SKILL,
    kind: 'challenge',
    count: 2,
    controls: { addends: 4, digits: 3, newColumn: true, largestCarry: 3 }
  }
];

/** Ways in the head one after the other, and then to be chosen between. */
export const lampRoom: readonly PaperPlan[] = [
  {
    ...{ kind: 'worked-example', skill: 'choose-way', count: 1 },
    controls: { operation: ['addition'], digits: 2, cheapest: ['near-multiple'], crosses: true }
  },
  {
    ...{ kind: 'set-out', skill: 'near-multiple-addition', count: 3 },
    controls: { suited: true, crosses: true, digits: 3, changeDigits: 2, offset: { max: -1 } }
  },
  {
    ...{ kind: 'set-out', skill: 'bridge-addition', count: 3 },
    controls: { addends: 2, suited: true, makesTen: false, digits: 3, base: 100, gap: { max: 4 } }
  },
  {
    ...{ kind: 'bare', skill: 'near-doubles', count: 3 },
    controls: { digits: 2, doublingCarries: 2, difference: { min: 2, max: 9 } }
  },
  {
    ...{ kind: 'set-out', skill: 'choose-way', count: 8 },
    controls: { operation: ['addition'], digits: 3, crosses: true, margin: { min: 1 } },
    spread: {
      feature: 'cheapest',
      parts: [
        { control: ['near-multiple'], count: 2 },
        { control: ['making-up'], count: 2 },
        { control: ['near-double'], count: 2 },
        { control: ['from-the-left'], count: 2 }
      ]
    }
  },
  {
    ...{ kind: 'bare', skill: 'choose-way', count: 4 },
    controls: { operation: ['subtraction'], digits: 3, crosses: true },
    spread: {
      feature: 'cheapest',
      parts: [
        { control: ['near-multiple'], count: 2 },
        { control: ['on-paper'], count: 2 }
      ]
    }
  }
];

/** A little of seven ways of working. */
export const review: readonly PaperPlan[] = [
  {
    skill: 'column-addition',
    kind: 'set-out',
    count: 2,
    controls: { addends: 2, digits: 4, shortest: 3, carries: 2 }
  },
  {
    skill: 'column-subtraction',
    kind: 'set-out',
    count: 2,
    controls: { digits: 4, regroupings: 3, acrossZeros: 1 }
  },
  {
    skill: 'long-multiplication',
    kind: 'set-out',
    count: 2,
    controls: { digits: 2, multiplierDigits: 2, carries: 2 }
  },
  {
    skill: 'order-decimals',
    kind: 'set-out',
    count: 2,
    controls: {
      ...{ count: 4, maxPlaces: 3, integers: 0, longerTraps: { min: 2 }, zeroTraps: 1 },
      ...{ wholeParts: { max: 2 }, wholeSpan: { max: 1 }, placed: { max: 1 } }
    }
  },
  {
    skill: 'mixed-subtraction',
    kind: 'worked-example',
    count: 1,
    controls: {
      ...{ relation: ['multiple'], regroups: true, simplifies: false, commonDenominator: 12 },
      ...{ friendly: true, largestWhole: { max: 12 } }
    }
  },
  {
    skill: 'mixed-subtraction',
    kind: 'set-out',
    count: 2,
    controls: {
      relation: ['coprime', 'shared-factor'],
      regroups: true,
      wholeVanishes: false,
      fractionOnly: false,
      wholeMinuend: false,
      friendly: true,
      largestWhole: { max: 12 },
      commonDenominator: { min: 10, max: 30 }
    }
  },
  {
    skill: 'near-multiple-subtraction',
    kind: 'set-out',
    count: 3,
    controls: { digits: 3, changeDigits: 2, answerDigits: 3, crosses: true },
    spread: {
      feature: 'suited',
      parts: [
        { control: true, count: 2 },
        { control: false, count: 1 }
      ]
    }
  },
  {
    skill: 'factorise-quadratic',
    school: 'area-grid',
    kind: 'set-out',
    count: 2,
    controls: {
      factorable: true,
      kind: ['general'],
      content: { max: 3 },
      leading: { min: 2, max: 6 },
      largest: { max: 30 }
    }
  },
  {
    skill: 'factorise-quadratic',
    school: 'cross-trial',
    kind: 'set-out',
    count: 1,
    controls: {
      factorable: true,
      kind: ['general'],
      content: 1,
      leading: { min: 2, max: 6 },
      largest: { max: 30 }
    }
  },
  {
    skill: 'factorise-quadratic',
    kind: 'challenge',
    count: 2,
    controls: {
      monic: true,
      kind: ['general', 'prime'],
      content: 1,
      signs: ['-+'],
      largest: { max: 30 }
    }
  }
];

/** Sums of three numbers and more. */
export const bakery: readonly PaperPlan[] = [
  {
    skill: SKILL,
    kind: 'worked-example',
    count: 1,
    controls: { addends: 3, digits: 3, carries: 2 }
  },
  {
    skill: SKILL,
    kind: 'bare',
    count: 6,
    controls: { addends: { min: 3, max: 4 }, digits: 3, carries: 2 }
  },
  {
    skill: SKILL,
    kind: 'challenge',
    count: 2,
    controls: { addends: 5, digits: 4, largestCarry: { min: 2 } }
  }
];

/** Divisions, with and without a zero in the quotient. */
export const wagons: readonly PaperPlan[] = [
  {
    skill: 'short-division',
    kind: 'worked-example',
    count: 1,
    controls: { digits: 3, divisor: { min: 3, max: 9 }, quotientZeros: 1, exact: true }
  },
  {
    skill: 'short-division',
    kind: 'set-out',
    count: 4,
    controls: {
      ...{ digits: 3, divisor: { min: 3, max: 9 }, exact: false, leadingShort: false },
      carried: { min: 1 }
    },
    spread: {
      feature: 'quotientZeros',
      parts: [
        { control: 0, count: 2 },
        { control: 1, count: 2 }
      ]
    }
  },
  {
    skill: 'short-division',
    kind: 'bare',
    count: 4,
    controls: { digits: 4, divisor: { min: 3, max: 9 }, quotientZeros: 1, carried: { min: 1 } }
  },
  {
    skill: 'long-division',
    kind: 'challenge',
    count: 2,
    controls: {
      ...{ digits: 4, quotientDigits: 3, quotientZeros: 1, exact: false },
      divisor: { min: 12, max: 19 }
    }
  }
];

export const springName = 'Spring assessment, year 8';

export const springCover = {
  level: 'Both tiers',
  date: 'Spring term',
  allowed: 'pencil, rubber, ruler'
};

/** Forty marks of eight skills, as the department assesses them in spring. */
export const spring: Blueprint = blueprintSchema.parse({
  total: 40,
  minutes: { max: 50 },
  difficulty: { easy: { min: 0.3, max: 0.6 }, hard: { max: 0.3 } },
  rising: true,
  seed: 8,
  rows: (
    [
      ['column-addition', 'bare', 2, 3],
      ['column-subtraction', 'set-out', 2, 4],
      ['long-multiplication', 'set-out', 1, 3],
      ['short-division', 'bare', 2, 4],
      ['order-decimals', 'choice', 1, 3],
      ['decimal-addition', 'set-out', 2, 4],
      ['mixed-subtraction', 'show-working', 1, 3],
      ['factorise-quadratic', 'show-working', 1, 3]
    ] as const
  ).map(([skill, kind, min, max], at) => ({
    ...{ id: `r${at + 1}`, skills: [skill], kind, parts: { min, max } },
    controls: {
      [skill]: skillOf(skill).ladder[Math.min(3, skillOf(skill).ladder.length - 1)]!.controls
    }
  }))
});

/** Problems told in words, from one operation to two, with bars at first. */
export const stories: readonly PaperPlan[] = [
  ...(['worked-example', 'gaps', 'set-out', 'bare', 'harder'] as const).map((kind) => {
    const { controls, count } = skillOf('word-problem').ladder.find((rung) => rung.kind === kind)!;
    return { ...{ kind, skill: 'word-problem', controls }, count: Math.min(count, 3) };
  })
];
