import type { Context } from '../context';

export const railway: Context = {
  id: 'railway',
  title: 'The narrow-gauge railway',
  version: 1,
  actors: ['Perran', 'Zennor', 'Austol', 'Derwa', 'Gerens', 'Talan'],
  things: {
    passenger: ['passenger', 'passengers'],
    wagon: ['wagon', 'wagons'],
    sleeper: ['sleeper', 'sleepers'],
    ticket: ['ticket', 'tickets'],
    carriage: ['carriage', 'carriages']
  },
  measures: {
    passengers: { unit: 'passenger', from: 108, to: 960, step: 34 },
    manyPassengers: { unit: 'passenger', from: 1037, to: 9900, step: 391 },
    fewPassengers: { unit: 'passenger', from: 12, to: 96, step: 3 },
    carriages: { unit: 'carriage', from: 3, to: 16, step: 1 },
    seats: { unit: 'passenger', from: 12, to: 56, step: 4 },
    all: { unit: 'passenger', from: 40, to: 2400, step: 1, isMade: true },
    slate: { unit: 't', from: 2.4, to: 46, step: 1.3 },
    stone: { unit: 'kg', from: 150, to: 950, step: 50 },
    wagons: { unit: 'wagon', from: 4, to: 24, step: 1 },
    load: { unit: 't', from: 0.6, to: 2.4, step: 0.15 },
    track: { unit: 'km', from: 2.375, to: 18, step: 0.625 },
    yards: { unit: 'm', from: 150, to: 950, step: 50 },
    speed: { unit: 'km/hour', from: 12, to: 34, step: 2 },
    hours: { unit: 'hour', from: 1.5, to: 4.5, step: 0.5 },
    run: { unit: 'km', from: 18, to: 160, step: 1, isMade: true },
    minutes: { unit: 'minute', from: 30, to: 210, step: 15 },
    fare: { unit: '£/ticket', from: 2.4, to: 9.6, step: 0.6 },
    tickets: { unit: 'ticket', from: 12, to: 96, step: 3 },
    money: { unit: '£', from: 28, to: 930, step: 0.1, isMade: true },
    sleepers: { unit: 'sleeper', from: 136, to: 996, step: 20 },
    manySleepers: { unit: 'sleeper', from: 272, to: 9000, step: 1, isMade: true },
    times: { unit: 'times', from: 2, to: 9, step: 1 }
  },
  stories: [
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'passengers',
          'On Saturday the train carries {}.',
          'The train runs on Saturday.',
          'How many passengers does it carry on Saturday?'
        ],
        other: [
          'passengers|manyPassengers',
          'On Sunday it carries {}.',
          'It runs on Sunday too.',
          'How many passengers does it carry on Sunday?'
        ],
        whole: [
          'passengers|manyPassengers',
          'At the weekend it carries {}.',
          '',
          'How many passengers does it carry on both days in all?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'track',
          'The line is {} long.',
          '{A} walks along the line.',
          'How long is the line?'
        ],
        one: [
          'track|yards',
          '{} of it runs through the valley.',
          'One part of it runs through the valley.',
          'How much of it runs through the valley?'
        ],
        other: [
          'track',
          'The part over the moor is {} long.',
          'The rest runs over the moor.',
          'How long is the part over the moor?'
        ]
      }
    },
    {
      links: ['change+ start change result'],
      parts: {
        start: [
          'passengers',
          '{} are on the train.',
          'There are passengers on the train.',
          'How many passengers were on the train before?'
        ],
        change: [
          'passengers',
          'At the mill {} get on.',
          'At the mill more get on.',
          'How many passengers get on at the mill?'
        ],
        result: [
          'passengers',
          'Then there are {} on the train.',
          '',
          'How many passengers are on the train then?'
        ]
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'slate',
          'A train is loaded with {} of slate.',
          'A train is loaded with slate.',
          'How much slate was on the train?'
        ],
        change: [
          'slate|stone',
          '{A} unloads {} at the first stop.',
          '{A} unloads some at the first stop.',
          'How much does {A} unload at the first stop?'
        ],
        result: [
          'slate',
          'It goes on with {} of slate.',
          '',
          'How much slate is left on the train?'
        ]
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'passengers|manyPassengers',
          'In winter the railway carries {}.',
          'The railway runs in winter and in summer.',
          'How many passengers does it carry in winter?'
        ],
        difference: [
          'passengers',
          'In summer there are {#} more passengers than in winter.',
          '',
          'How many more passengers are there in summer than in winter?'
        ],
        compared: [
          'manyPassengers|passengers',
          'In summer there are {}.',
          '',
          'How many passengers are there in summer?'
        ]
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        compared: [
          'track',
          'The branch to the quarry is {} long.',
          '{A} measures the branch to the quarry.',
          'How long is the branch to the quarry?'
        ],
        difference: [
          'track',
          'The branch to the quarry is {} shorter than the main line.',
          '',
          'How much shorter than the main line is the branch to the quarry?'
        ],
        reference: ['track', 'The main line is {} long.', '', 'How long is the main line?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'carriages',
          'A train has {}.',
          'A train has several carriages.',
          {
            none: 'How many carriages are full?',
            up: 'How many carriages does the train need?',
            down: 'How many carriages are quite full?',
            left: 'How many passengers sit in the last carriage, which is not full?'
          }
        ],
        each: [
          'seats',
          'A carriage takes {}.',
          'They all take the same number of passengers.',
          'How many passengers does a carriage take?'
        ],
        all: ['all', 'There are {}.', '', 'How many passengers does the train take?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: [
          'slate',
          'The quarry sends {} of slate.',
          'The quarry sends slate.',
          'How much slate does the quarry send?'
        ],
        groups: [
          'wagons',
          '{A} splits it equally between {}.',
          '{A} splits it equally between some wagons.',
          'How many wagons does {A} load?'
        ],
        each: ['load|stone', 'Each wagon carries {}.', '', 'How much does a wagon carry?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'sleepers',
          '{A} lays {} in a week.',
          '{A} lays sleepers.',
          'How many sleepers does {A} lay in a week?'
        ],
        factor: ['times', 'The whole line has {} as many sleepers.', '', ''],
        compared: [
          'manySleepers',
          'The whole line has {}.',
          '',
          'How many sleepers does the whole line have?'
        ]
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'speed',
          'The train goes {} an hour.',
          'The train always goes at the same speed.',
          'How far does it go in an hour?'
        ],
        amount: [
          'hours|minutes',
          'It travels for {}.',
          'It travels without a stop.',
          'For how many hours does it travel?'
        ],
        total: ['run', 'It goes {}.', '', 'How far does it go?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        amount: [
          'tickets',
          '{A} sells {}.',
          '{A} sells tickets.',
          'How many tickets does {A} sell?'
        ],
        'unit-price': [
          'fare',
          'A ticket costs {}.',
          'All tickets cost the same.',
          'What does a ticket cost?'
        ],
        total: ['money', '{A} takes {}.', '', 'How much money does {A} take?']
      }
    },
    {
      links: ['equal-groups groups each seats', 'change- seats taken free'],
      parts: {
        groups: ['carriages', 'A train has {}.', 'A train has several carriages.', ''],
        each: [
          'seats',
          'There are seats for {} in a carriage.',
          'All carriages have as many seats.',
          ''
        ],
        seats: ['all', '', '', ''],
        taken: [
          'all',
          '{} sit down.',
          'Some passengers sit down.',
          'How many passengers sit down?'
        ],
        free: [
          'fewPassengers',
          'There is still room for {}.',
          '',
          'For how many passengers is there still room?'
        ]
      }
    },
    {
      links: ['change+ start on middle', 'change- middle off result'],
      parts: {
        start: [
          'passengers',
          '{} are on the train.',
          'There are passengers on the train.',
          'How many passengers were on the train at first?'
        ],
        on: [
          'fewPassengers',
          'At the mill {} get on.',
          'At the mill some get on.',
          'How many passengers get on at the mill?'
        ],
        middle: ['passengers', '', '', ''],
        off: [
          'fewPassengers',
          'At the bridge {} get off.',
          'At the bridge some get off.',
          'How many passengers get off at the bridge?'
        ],
        result: [
          'passengers',
          'Then {} are on the train.',
          '',
          'How many passengers are on the train then?'
        ]
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'fewPassengers',
          'The first train takes {}.',
          'Trains run in the morning and at noon.',
          'How many passengers does the first train take?'
        ],
        factor: ['times', 'The train at noon takes {} as many.', '', ''],
        compared: [
          'all',
          'The train at noon takes {}.',
          '',
          'How many passengers does the train at noon take?'
        ]
      }
    }
  ],
  beside: {
    clock: ['minutes', 'The train stands for {} before it starts.'],
    coal: ['stone', 'The engine burns {} of coal on the way.'],
    price: ['sleepers', '{} lie beside the track.']
  }
};
