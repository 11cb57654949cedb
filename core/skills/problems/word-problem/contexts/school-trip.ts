import type { Context } from '../context';

export const schoolTrip: Context = {
  id: 'school-trip',
  title: 'The school trip',
  version: 1,
  actors: ['Wenna', 'Massen', 'Ebrel', 'Clemo', 'Talwyn', 'Ruan'],
  things: {
    pupil: ['pupil', 'pupils'],
    coach: ['coach', 'coaches'],
    seat: ['seat', 'seats'],
    lunch: ['lunch', 'lunches'],
    tent: ['tent', 'tents'],
    teacher: ['teacher', 'teachers']
  },
  measures: {
    pupils: { unit: 'pupil', from: 84, to: 630, step: 14 },
    manyPupils: { unit: 'pupil', from: 1016, to: 5200, step: 208 },
    fewPupils: { unit: 'pupil', from: 12, to: 60, step: 3 },
    coaches: { unit: 'coach', from: 3, to: 14, step: 1 },
    perCoach: { unit: 'pupil', from: 18, to: 58, step: 5 },
    going: { unit: 'pupil', from: 50, to: 800, step: 1, isMade: true },
    tents: { unit: 'tent', from: 12, to: 150, step: 3 },
    perTent: { unit: 'pupil', from: 4, to: 9, step: 1 },
    campers: { unit: 'pupil', from: 60, to: 1300, step: 1, isMade: true },
    price: { unit: '£/pupil', from: 4.25, to: 18.5, step: 0.75 },
    cost: { unit: '£', from: 40, to: 999, step: 0.25, isMade: true },
    hire: { unit: '£', from: 84.5, to: 640, step: 18.35 },
    bill: { unit: '£', from: 90, to: 1900, step: 0.05, isMade: true },
    road: { unit: 'km', from: 3.6, to: 86, step: 2.7 },
    walk: { unit: 'm', from: 200, to: 950, step: 50 },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    minutes: { unit: 'minute', from: 35, to: 190, step: 5 },
    teachers: { unit: 'teacher', from: 6, to: 24, step: 2 },
    lunches: { unit: 'lunch', from: 84, to: 600, step: 12 }
  },
  stories: [
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: [
          'going',
          '{} are going on a trip.',
          'Pupils are going on a trip.',
          'How many pupils are going on the trip?'
        ],
        each: [
          'perCoach',
          'A coach takes {}.',
          'All coaches take the same number.',
          'How many pupils does a coach take?'
        ],
        groups: [
          'coaches',
          'They go in {}.',
          '',
          {
            none: 'How many coaches do they fill?',
            up: 'How many coaches must {A} order?',
            down: 'How many coaches are quite full?',
            left: 'How many pupils are in the last coach, which is not full?'
          }
        ]
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'tents',
          'The camp has {}.',
          'The camp has tents.',
          {
            none: 'How many tents do they fill?',
            up: 'How many tents do they need?',
            down: 'How many tents are full?',
            left: 'How many pupils are over when all full tents are taken?',
            both: 'How many tents are full, and how many pupils are over?'
          }
        ],
        each: [
          'perTent',
          'There is room for {} in a tent.',
          'All tents have the same room.',
          'For how many pupils is there room in a tent?'
        ],
        all: [
          'campers',
          '{} come to the camp.',
          '',
          'For how many pupils is there room in the camp?'
        ]
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        amount: [
          'fewPupils',
          '{A} takes {} to the caves.',
          '{A} takes pupils to the caves.',
          'How many pupils does {A} take?'
        ],
        'unit-price': [
          'price',
          'It costs {} for each pupil.',
          'It costs the same for everybody.',
          'What does it cost for one pupil?'
        ],
        total: ['cost', 'The trip costs {}.', '', 'How much does the trip cost?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        total: [
          'cost',
          'The school pays {} for tickets.',
          'The school pays for tickets.',
          'How much does the school pay?'
        ],
        'unit-price': [
          'price',
          'A ticket for one pupil is {}.',
          'All tickets have the same price.',
          'What is the price of a ticket for one pupil?'
        ],
        amount: ['fewPupils', '{} have a ticket.', '', 'How many pupils have a ticket?']
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'pupils',
          '{} choose the caves.',
          'Some pupils choose the caves.',
          'How many pupils choose the caves?'
        ],
        other: [
          'pupils|manyPupils',
          '{} choose the castle.',
          'The others choose the castle.',
          'How many pupils choose the castle?'
        ],
        whole: [
          'pupils|manyPupils',
          'That is all {} of the school.',
          '',
          'How many pupils are that in all?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'bill',
          'The trip costs {}, with the coach and the tickets.',
          '{A} pays for the coach and for the tickets.',
          'How much does the whole trip cost?'
        ],
        one: ['hire', 'The coach costs {}.', '', 'How much does the coach cost?'],
        other: ['hire', 'The tickets cost {}.', '', 'How much do the tickets cost?']
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'pupils',
          '{} have put their names on the list.',
          'Pupils have put their names on the list.',
          'How many pupils were on the list at first?'
        ],
        change: [
          'fewPupils',
          '{#} of them are ill on the day.',
          'Some of them are ill on the day.',
          'How many pupils are ill on the day?'
        ],
        result: ['pupils', '{} come along.', '', 'How many pupils come along?']
      }
    },
    {
      links: ['change+ start change result'],
      parts: {
        start: [
          'hire',
          '{A} has collected {}.',
          '{A} is collecting money for the trip.',
          'How much had {A} collected before?'
        ],
        change: [
          'hire',
          'Today {A} collects another {}.',
          'Today {A} collects some.',
          'How much does {A} collect today?'
        ],
        result: ['bill', 'Now {A} has {}.', '', 'How much has {A} collected now?']
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        compared: [
          'pupils',
          '{} go by coach.',
          'Pupils go by coach and by train.',
          'How many pupils go by coach?'
        ],
        difference: [
          'fewPupils',
          '{#} fewer pupils go by coach than by train.',
          '',
          'How many fewer pupils go by coach than by train?'
        ],
        reference: ['pupils', '{} go by train.', '', 'How many pupils go by train?']
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'road',
          'By the old road it is {} to the castle.',
          'There are two roads to the castle.',
          'How long is the old road?'
        ],
        difference: [
          'road|walk',
          'The new road is {} longer than the old one.',
          '',
          'How much longer than the old road is the new one?'
        ],
        compared: ['road', 'By the new road it is {}.', '', 'How long is the new road?']
      }
    },
    {
      links: ['part-part-whole one other whole', 'equal-groups groups each whole'],
      parts: {
        one: ['fewPupils|pupils', '{} of year seven go on the trip.', '', ''],
        other: ['fewPupils|pupils', '{} of year eight go as well.', '', ''],
        whole: ['going', '', '', ''],
        each: ['perCoach', 'A coach takes {}.', '', ''],
        groups: [
          'coaches',
          '',
          '',
          {
            none: 'How many coaches do they fill?',
            up: 'How many coaches must {A} order?',
            down: 'How many coaches are quite full?'
          }
        ]
      }
    },
    {
      links: ['rate amount unit-price tickets', 'part-part-whole tickets coach whole'],
      parts: {
        amount: ['fewPupils', '{} go to the castle.', 'Some pupils go to the castle.', ''],
        'unit-price': [
          'price',
          'A ticket for one pupil is {}.',
          'All tickets have the same price.',
          ''
        ],
        tickets: ['cost', '', '', ''],
        coach: ['hire', 'The coach costs {}.', '', 'How much does the coach cost?'],
        whole: ['bill', 'The whole trip costs {}.', '', 'How much does the whole trip cost?']
      }
    }
  ],
  beside: {
    teachers: ['teachers', '{} come along.'],
    drive: ['minutes', 'The drive takes {}.'],
    lunch: ['lunches', 'The kitchen has made {}.']
  }
};
