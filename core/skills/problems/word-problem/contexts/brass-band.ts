import type { Context } from '../context';

export const brassBand: Context = {
  id: 'brass-band',
  title: 'The brass band',
  version: 1,
  actors: ['Alwyn', 'Beryan', 'Denzel', 'Gwenna', 'Jenna', 'Kitto'],
  things: {
    player: ['player', 'players'],
    chair: ['chair', 'chairs'],
    row: ['row', 'rows'],
    song: ['song', 'songs'],
    guest: ['guest', 'guests'],
    badge: ['badge', 'badges'],
    ticket: ['ticket', 'tickets']
  },
  measures: {
    trumpet: { unit: '£', from: 120.5, to: 690, step: 18.85 },
    more: { unit: '£', from: 12.5, to: 324.5, step: 12 },
    most: { unit: '£', from: 130, to: 1900, step: 0.05, isMade: true },
    rows: { unit: 'row', from: 12, to: 36, step: 2 },
    perRow: { unit: 'chair', from: 12, to: 32, step: 2 },
    taken: { unit: 'chair', from: 72, to: 480, step: 12 },
    chairs: { unit: 'chair', from: 100, to: 1200, step: 1, isMade: true },
    guests: { unit: 'guest', from: 112, to: 970, step: 26 },
    manyGuests: { unit: 'guest', from: 1048, to: 8200, step: 298 },
    practice: { unit: 'hour', from: 1.25, to: 7, step: 1 / 12, isMixed: true },
    minutes: { unit: 'minute', from: 15, to: 95, step: 5 },
    song: { unit: 'minute', from: 2.5, to: 9.5, step: 0.5 },
    songs: { unit: 'song', from: 4, to: 24, step: 1 },
    planned: { unit: 'minute', from: 35, to: 180, step: 2.5 },
    concert: { unit: 'minute', from: 18, to: 200, step: 0.5, isMade: true },
    players: { unit: 'player', from: 12, to: 48, step: 2 },
    fee: { unit: '£/player', from: 2.4, to: 14.4, step: 0.8 },
    fees: { unit: '£', from: 28, to: 700, step: 0.2, isMade: true },
    badges: { unit: 'badge', from: 24, to: 360, step: 12 },
    allBadges: { unit: 'badge', from: 48, to: 3300, step: 1, isMade: true },
    tickets: { unit: 'ticket', from: 24, to: 140, step: 4 },
    ticket: { unit: '£/ticket', from: 3.5, to: 12.5, step: 0.5 },
    takings: { unit: '£', from: 84, to: 1800, step: 0.5, isMade: true },
    march: { unit: 'km', from: 0.6, to: 4.8, step: 0.3 },
    smallMore: { unit: '£', from: 20.95, to: 120.95, step: 10 },
    sumOfAll: { unit: '£', from: 400, to: 5600, step: 0.05, isMade: true },
    longPractice: { unit: 'hour', from: 2.5, to: 14, step: 1 / 12, isMade: true, isMixed: true },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    allPlayers: { unit: 'player', from: 24, to: 440, step: 1, isMade: true }
  },
  stories: [
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'trumpet',
          'A trumpet costs {}.',
          '{A} asks for the price of a trumpet.',
          'How much does the trumpet cost?'
        ],
        difference: [
          'more',
          'A horn costs {} more than a trumpet.',
          '',
          'How much more does a horn cost than a trumpet?'
        ],
        compared: ['most', 'A horn costs {}.', '', 'How much does a horn cost?']
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        compared: [
          'guests|manyGuests',
          'On Friday {} come to the concert.',
          'There is a concert on Friday and on Saturday.',
          'How many guests come on Friday?'
        ],
        difference: [
          'guests',
          'On Friday {#} fewer guests come than on Saturday.',
          '',
          'How many fewer guests come on Friday than on Saturday?'
        ],
        reference: [
          'guests|manyGuests',
          'On Saturday {} come.',
          '',
          'How many guests come on Saturday?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'practice',
          'On Tuesday the band plays for {}.',
          'The band plays on Tuesday.',
          'For how long does it play on Tuesday?'
        ],
        other: [
          'practice',
          'On Thursday it plays for {}.',
          'It plays on Thursday too.',
          'For how long does it play on Thursday?'
        ],
        whole: [
          'longPractice',
          'On both days it plays for {}.',
          '',
          'For how long does it play on both days together?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'guests|manyGuests',
          '{} come to the concert.',
          'Guests come to the concert.',
          'How many guests come to the concert?'
        ],
        one: ['guests', '{#} of them sit.', 'Some of them sit.', 'How many guests sit?'],
        other: [
          'guests|manyGuests',
          'The other {#} stand.',
          'The others stand.',
          'How many guests stand?'
        ]
      }
    },
    {
      links: ['change+ start change result'],
      parts: {
        start: [
          'trumpet',
          'The band has {} for a new drum.',
          'The band saves up for a new drum.',
          'How much money did the band have before?'
        ],
        change: [
          'more',
          'A concert brings {}.',
          'A concert brings some money.',
          'How much does the concert bring?'
        ],
        result: ['most', 'Then the band has {}.', '', 'How much money does the band have then?']
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'planned',
          'A concert was to last {}.',
          '{A} plans a concert.',
          'How long was the concert to last?'
        ],
        change: [
          'minutes',
          '{A} leaves out songs of {}.',
          '{A} leaves out some songs.',
          'How long are the songs that {A} leaves out?'
        ],
        result: ['concert', 'Now it lasts {}.', '', 'How long does it last now?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'rows',
          '{A} puts up {} of chairs.',
          '{A} puts up chairs in rows.',
          {
            none: 'How many rows are there?',
            up: 'How many rows are needed for all the chairs?',
            down: 'How many full rows are there?',
            left: 'How many chairs are over when all full rows stand?',
            both: 'How many rows are full, and how many chairs are over?'
          }
        ],
        each: [
          'perRow',
          'There are {} in a row.',
          'There are as many chairs in every row.',
          'How many chairs are in a row?'
        ],
        all: ['chairs', 'There are {}.', '', 'How many chairs are there?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'songs',
          'The band plays {} of the same length.',
          'The band plays songs of the same length.',
          'How many songs does it play?'
        ],
        each: ['song', 'A song lasts {}.', '', 'How many minutes does a song last?'],
        all: ['concert', 'They last {}.', '', 'How many minutes do they last in all?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'badges',
          '{A} sells {}.',
          '{A} sells badges of the band.',
          'How many badges does {A} sell?'
        ],
        factor: [
          'times',
          '{B} sells {} as many.',
          '',
          'How many times as many badges as {A} does {B} sell?'
        ],
        compared: ['allBadges', '{B} sells {}.', '', 'How many badges does {B} sell?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        amount: [
          'players',
          'The band has {}.',
          'The players of the band buy notes.',
          'How many players does the band have?'
        ],
        'unit-price': [
          'fee',
          'Every player pays {} for the notes.',
          'All of them pay the same for the notes.',
          'How much does each player pay?'
        ],
        total: ['fees', 'The notes cost {}.', '', 'How much do the notes cost?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'ticket',
          'A ticket for the concert costs {}.',
          'All tickets for the concert have the same price.',
          'What does a ticket cost?'
        ],
        amount: [
          'tickets',
          '{A} sells {}.',
          '{A} sells tickets.',
          'How many tickets does {A} sell?'
        ],
        total: ['takings', '{A} takes {}.', '', 'How much money does {A} take?']
      }
    },
    {
      links: [
        'compare+ one more other',
        'compare+ other further third',
        'part-part-whole one other third whole'
      ],
      parts: {
        one: ['trumpet', 'A trumpet costs {}.', '', ''],
        more: ['more', 'A horn costs {} more than the trumpet.', '', ''],
        other: ['most', '', '', ''],
        further: ['smallMore', 'A tuba costs {} more than the horn.', '', ''],
        third: ['most', '', '', ''],
        whole: ['sumOfAll', '', '', 'How much do the three cost altogether?']
      }
    },
    {
      links: ['compare+ one more other', 'part-part-whole one other whole'],
      parts: {
        one: ['badges', '{A} sells {}.', '', ''],
        more: ['badges', '{B} sells {#} more badges than {A}.', '', ''],
        other: ['allBadges', '', '', ''],
        whole: ['allBadges', '', '', 'How many badges do they sell altogether?']
      }
    },
    {
      links: ['equal-groups groups each chairs', 'change- chairs taken free'],
      parts: {
        groups: ['rows', 'There are {} of chairs.', 'There are rows of chairs.', ''],
        each: ['perRow', 'There are {} in a row.', 'There are as many chairs in every row.', ''],
        chairs: ['chairs', '', '', ''],
        taken: [
          'taken',
          'The guests take {}.',
          'The guests take most of them.',
          'How many chairs do the guests take?'
        ],
        free: ['chairs', '{} stay free.', '', 'How many chairs stay free?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'players',
          'The young band has {}.',
          'There is a young band and a festival band.',
          'How many players does the young band have?'
        ],
        factor: [
          'times',
          'The festival band has {} as many.',
          '',
          'How many times as many players does the festival band have?'
        ],
        compared: [
          'allPlayers',
          'The festival band has {}.',
          '',
          'How many players does the festival band have?'
        ]
      }
    }
  ],
  beside: {
    march: ['march', 'The band marches {} to the hall.'],
    break: ['minutes', 'The break lasts {}.'],
    players: ['players', '{} play the cornet.']
  }
};
