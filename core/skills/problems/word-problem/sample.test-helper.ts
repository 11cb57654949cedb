import { drawItems, skillOf, type Controls, type Skill } from '../../../skill';
import '../../../catalogue/all';
import type { Context } from './context';
import { contexts } from './contexts';
import { World, type Problem } from './problem';
import type { WordProblem } from './problem-shape';

export const skill: Skill = skillOf('word-problem');
export const world = new World(contexts);

/** So many problems under some controls, drawn with a seed. */
export function problemsDrawn(controls: Controls, count: number, seed: number): Problem[] {
  const drawn = drawItems(skill, { controls, count, seed });
  if (!drawn.ok) throw new Error(`problemsDrawn: ${drawn.error.code} ${JSON.stringify(controls)}`);
  return drawn.given.map((given) => world.problem(given as WordProblem)!);
}

/** Problems of every situation and of one to four steps, with numbers that are not needed and told in words. */
export function manyProblems(count: number, seed: number): Problem[] {
  const kinds: Controls[] = [
    ...['part-part-whole', 'change', 'compare', 'equal-groups', 'times-as-many', 'rate'].map(
      (situation) => ({ steps: 1, situation: [situation] })
    ),
    ...[2, 3, 4].map((steps) => ({ steps }))
  ];
  return kinds.flatMap((controls, at) =>
    problemsDrawn(controls, Math.ceil(count / kinds.length), seed + at)
  );
}

/** A world of very few numbers, in which everything can be gone through one by one. */
export const tiny: Context = {
  id: 'tiny',
  title: 'A small world',
  version: 1,
  actors: ['Ada', 'Bo', 'Cy'],
  things: { egg: ['egg', 'eggs'], nest: ['nest', 'nests'] },
  measures: {
    eggs: { unit: 'egg', from: 12, to: 36, step: 6 },
    few: { unit: 'egg', from: 2, to: 6, step: 1 },
    all: { unit: 'egg', from: 10, to: 200, step: 1, isMade: true },
    nests: { unit: 'nest', from: 10, to: 13, step: 1 },
    grain: { unit: 'kg', from: 0.5, to: 3, step: 0.5 },
    handful: { unit: 'g', from: 250, to: 750, step: 250 },
    price: { unit: '£/kg', from: 1.2, to: 3.6, step: 1.2 },
    money: { unit: '£', from: 0.5, to: 20, step: 0.1, isMade: true },
    times: { unit: 'times', from: 2, to: 4, step: 1 },
    two: { unit: 'egg', from: 7, to: 8, step: 1 }
  },
  stories: [
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: ['eggs', '{A} finds {}.', 'Some are brown.', 'How many are brown?'],
        other: ['eggs', '{B} finds {}.', '', 'How many does {B} find?'],
        whole: ['all', 'There are {}.', '', 'How many are there altogether?']
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: ['grain', 'There is {} of grain.', 'There is grain.', 'How much grain was there?'],
        change: ['grain|handful', 'Hens eat {}.', 'Hens eat some.', 'How much do the hens eat?'],
        result: ['grain', 'Then there is {}.', '', 'How much is left?']
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        reference: ['eggs', '{A} has {}.', '{A} has eggs.', 'How many eggs does {A} have?'],
        difference: [
          'few',
          '{B} has {#} fewer eggs than {A}.',
          '',
          'How many fewer does {B} have?'
        ],
        compared: ['all', '{B} has {}.', '', 'How many eggs does {B} have?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'nests',
          'There are {}.',
          'There are nests.',
          { none: 'How many nests?', up: 'How many nests are needed?', left: 'How many are over?' }
        ],
        each: [
          'few',
          'A nest holds {}.',
          'All nests hold the same.',
          'How many eggs are in a nest?'
        ],
        all: ['all', 'There are {} in all.', '', 'How many eggs are there?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: ['eggs', '{A} has {}.', '', 'How many eggs does {A} have?'],
        factor: ['times', '{B} has {} as many.', '', 'How many times as many?'],
        compared: ['all', '{B} has {}.', '', 'How many eggs does {B} have?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        amount: ['grain|handful', '{A} buys {}.', '', 'How much does {A} buy?'],
        'unit-price': ['price', 'Grain costs {} a kilogram.', '', 'What does a kilogram cost?'],
        total: ['money', '{A} pays {}.', '', 'How much does {A} pay?']
      }
    },
    {
      links: ['equal-groups groups each all', 'change- all sold result'],
      parts: {
        groups: ['nests', 'There are {}.', '', 'How many nests are there?'],
        each: ['few', 'A nest holds {}.', '', 'How many eggs are in a nest?'],
        all: ['all', '', '', ''],
        sold: ['eggs', '{A} sells {}.', '', 'How many does {A} sell?'],
        result: ['all', '{} stay.', '', 'How many stay?']
      }
    },
    {
      links: [
        'compare+ one more other',
        'compare+ other further third',
        'part-part-whole one other third whole'
      ],
      parts: {
        one: ['eggs', '{A} has {}.', '', ''],
        more: ['few', '{B} has {#} more eggs than {A}.', '', ''],
        other: ['all', '', '', ''],
        further: ['few', '{C} has {#} more eggs than {B}.', '', ''],
        third: ['all', '', '', ''],
        whole: ['all', '', '', 'How many eggs do they have in all?']
      }
    }
  ],
  beside: { cocks: ['two', 'A basket holds {}.'], path: ['two', 'Last year there were {}.'] }
};
