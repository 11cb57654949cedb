import type { Context } from '@zealous-quill/core/catalogue';

/** A context that the department has written itself. */
export const lampFair: Omit<Context, 'id' | 'version'> = {
  title: 'The lamp fair',
  actors: ['Wenna', 'Cador', 'Lowen', 'Morwenna', 'Jago'],
  things: {
    lamp: ['paper lamp', 'paper lamps'],
    table: ['table', 'tables'],
    guest: ['guest', 'guests']
  },
  measures: {
    lamps: { unit: 'lamp', from: 120, to: 960, step: 24 },
    tables: { unit: 'table', from: 3, to: 24, step: 1 },
    'per-table': { unit: 'lamp', from: 12, to: 48, step: 4 },
    guests: { unit: 'guest', from: 108, to: 990, step: 18 },
    more: { unit: 'guest', from: 24, to: 140, step: 4 },
    'guests-in-all': { unit: 'guest', from: 120, to: 1400, step: 1, isMade: true },
    'lamps-in-all': { unit: 'lamp', from: 36, to: 1200, step: 1, isMade: true }
  },
  stories: [
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'lamps',
          '{A} has {} to sell.',
          '{A} has paper lamps to sell.',
          'How many paper lamps did {A} have at first?'
        ],
        change: [
          'lamps',
          'Before dusk {A} sells {}.',
          'Before dusk {A} sells some of them.',
          'How many paper lamps does {A} sell before dusk?'
        ],
        result: ['lamps', 'At dusk {} are left.', '', 'How many paper lamps are left at dusk?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'tables',
          'There are {} at the fair.',
          'There are tables at the fair.',
          'How many tables are there?'
        ],
        each: [
          'per-table',
          'On a table stand {}.',
          'On every table stand as many.',
          'How many paper lamps stand on a table?'
        ],
        all: ['lamps-in-all', 'There are {} on the tables.', '', 'How many paper lamps are there?']
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'guests',
          'On the first evening {} come.',
          'Guests come on two evenings.',
          'How many guests come on the first evening?'
        ],
        difference: [
          'more',
          'On the second evening {#} more guests come than on the first.',
          'On the second evening more guests come than on the first.',
          'How many more guests come on the second evening?'
        ],
        compared: [
          'guests-in-all',
          'On the second evening {} come.',
          '',
          'How many guests come on the second evening?'
        ]
      }
    }
  ],
  beside: { rain: ['more', 'When it rains, {} stay away.'] }
};
