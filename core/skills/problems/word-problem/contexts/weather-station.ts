import type { Context } from '../context';

export const weatherStation: Context = {
  id: 'weather-station',
  title: 'The weather station',
  version: 1,
  actors: ['Hale', 'Morwen', 'Odo', 'Kerris', 'Lowen', 'Digory'],
  things: {
    reading: ['reading', 'readings'],
    visit: ['visit', 'visits'],
    sensor: ['sensor', 'sensors'],
    flash: ['flash of lightning', 'flashes of lightning']
  },
  measures: {
    rain: { unit: 'mm', from: 3.4, to: 98, step: 3.4 },
    longRain: { unit: 'mm', from: 12.5, to: 400, step: 0.1, isMade: true },
    snow: { unit: 'cm', from: 4.5, to: 64, step: 1.25 },
    melted: { unit: 'mm', from: 15, to: 95, step: 5 },
    readings: { unit: 'reading', from: 144, to: 985, step: 29 },
    manyReadings: { unit: 'reading', from: 1068, to: 9900, step: 416 },
    sensors: { unit: 'sensor', from: 3, to: 27, step: 1 },
    perSensor: { unit: 'reading', from: 48, to: 480, step: 24 },
    days: { unit: 'day', from: 3, to: 28, step: 1 },
    perDay: { unit: 'reading', from: 24, to: 144, step: 12 },
    all: { unit: 'reading', from: 96, to: 6000, step: 1, isMade: true },
    perHour: { unit: 'mm/hour', from: 1.2, to: 6.4, step: 0.4 },
    hours: { unit: 'hour', from: 2, to: 14, step: 0.5 },
    wind: { unit: 'hour', from: 1.25, to: 6, step: 1 / 12, isMixed: true },
    flashes: { unit: 'flash', from: 12, to: 96, step: 4 },
    allFlashes: { unit: 'flash', from: 24, to: 870, step: 1, isMade: true },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    mast: { unit: 'm', from: 6, to: 24, step: 1.5 },
    visits: { unit: 'visit', from: 12, to: 48, step: 4 },
    allVisits: { unit: 'visit', from: 24, to: 432, step: 1, isMade: true },
    sensorPrice: { unit: '£/sensor', from: 12, to: 64, step: 4 },
    sensorMoney: { unit: '£', from: 36, to: 1728, step: 1, isMade: true }
  },
  stories: [
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'rain',
          'On Monday {} of rain falls.',
          'It rains on Monday.',
          'How much rain falls on Monday?'
        ],
        other: [
          'rain',
          'On Tuesday {} falls.',
          'It rains on Tuesday too.',
          'How much rain falls on Tuesday?'
        ],
        whole: [
          'longRain',
          'On the two days {} falls.',
          '',
          'How much rain falls on the two days together?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'manyReadings|readings',
          'The station stores {} in a week.',
          'The station stores readings for a week.',
          'How many readings does it store in the week?'
        ],
        one: [
          'readings',
          '{A} checks {#} of them.',
          '{A} checks some of them.',
          'How many readings does {A} check?'
        ],
        other: [
          'readings|manyReadings',
          '{B} checks the other {#}.',
          '{B} checks the others.',
          'How many readings does {B} check?'
        ]
      }
    },
    {
      links: ['change+ start change result'],
      parts: {
        start: [
          'snow',
          'At dawn the snow is {} deep.',
          'At dawn {A} measures the snow.',
          'How deep was the snow at dawn?'
        ],
        change: [
          'snow|melted',
          'During the day {} falls.',
          'More snow falls during the day.',
          'How much snow falls during the day?'
        ],
        result: ['snow', 'At dusk it is {} deep.', '', 'How deep is the snow at dusk?']
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'snow',
          'In the morning the snow is {} deep.',
          'In the morning {A} measures the snow.',
          'How deep was the snow in the morning?'
        ],
        change: [
          'snow',
          'By noon {} of it has melted.',
          'By noon some of it has melted.',
          'How much of it has melted?'
        ],
        result: ['snow', 'At noon it is still {} deep.', '', 'How deep is the snow at noon?']
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        reference: [
          'rain',
          'In May {} of rain falls.',
          '{A} looks up the rain in May.',
          'How much rain falls in May?'
        ],
        difference: [
          'rain',
          'June has {} less than May.',
          '',
          'How much less rain than May does June have?'
        ],
        compared: ['rain', 'In June {} falls.', '', 'How much rain falls in June?']
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'wind',
          'On Friday the sun shines for {}.',
          'On Friday there is little sun.',
          'How long does the sun shine on Friday?'
        ],
        difference: [
          'wind',
          'On Saturday the sun shines {} longer than on Friday.',
          '',
          'How much longer does the sun shine on Saturday than on Friday?'
        ],
        compared: [
          'wind',
          'On Saturday the sun shines for {}.',
          '',
          'How long does the sun shine on Saturday?'
        ]
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'sensors',
          'The station has {}.',
          'The station has several sensors.',
          'How many sensors does the station have?'
        ],
        each: [
          'perSensor',
          'Each sensor sends {} a day.',
          'All sensors send the same number of readings.',
          'How many readings does a sensor send in a day?'
        ],
        all: ['all', 'In a day {} arrive.', '', 'How many readings arrive in a day?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        each: [
          'perDay',
          '{A} checks {} a day.',
          '{A} checks the same number of readings every day.',
          'How many readings does {A} check in a day?'
        ],
        groups: [
          'days',
          '{A} works for {}.',
          '{A} works for several days.',
          {
            none: 'How many days does {A} need?',
            up: 'On how many days does {A} have to work?',
            left: 'How many readings remain for the last day?'
          }
        ],
        all: ['all', 'There are {} to check.', '', 'How many readings does {A} check?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'flashes',
          'In the first storm {A} counts {}.',
          '{A} counts lightning in two storms.',
          'How many flashes are in the first storm?'
        ],
        factor: [
          'times',
          'In the second storm there are {} as many flashes.',
          '',
          'How many times as many flashes are in the second storm?'
        ],
        compared: [
          'allFlashes',
          'In the second storm {A} counts {}.',
          '',
          'How many flashes are in the second storm?'
        ]
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        amount: ['hours', 'It rains for {}.', 'It rains steadily.', 'For how long does it rain?'],
        'unit-price': [
          'perHour',
          'In an hour {} of rain falls.',
          'In every hour the same amount falls.',
          'How much rain falls in an hour?'
        ],
        total: [
          'longRain',
          'In that time {} of rain falls.',
          '',
          'How much rain falls in that time?'
        ]
      }
    },
    {
      links: ['rate amount unit-price rain', 'part-part-whole rain before whole'],
      parts: {
        before: [
          'rain',
          'There is {} of rain in the gauge.',
          'There is some rain in the gauge.',
          'How much was in the gauge before?'
        ],
        amount: ['hours', 'Then it rains for {}.', 'Then it rains.', ''],
        'unit-price': ['perHour', 'In an hour {} falls.', 'In every hour as much falls.', ''],
        rain: ['longRain', '', '', ''],
        whole: [
          'longRain',
          'Afterwards the gauge shows {}.',
          '',
          'What does the gauge show afterwards?'
        ]
      }
    },
    {
      links: [
        'compare+ one more other',
        'compare+ other further third',
        'part-part-whole one other third whole'
      ],
      parts: {
        one: ['rain', 'In April {} of rain falls.', '', ''],
        more: ['rain', 'May has {} more than April.', '', ''],
        other: ['longRain', '', '', ''],
        further: ['rain', 'June has {} more than May.', '', ''],
        third: ['longRain', '', '', ''],
        whole: ['longRain', '', '', 'How much rain falls in the three months altogether?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'visits',
          'In winter the station has {}.',
          'Classes visit the station in winter and in summer.',
          'How many visits does the station have in winter?'
        ],
        factor: [
          'times',
          'In summer it has {} as many.',
          '',
          'How many times as many visits does it have in summer?'
        ],
        compared: [
          'allVisits',
          'In summer it has {}.',
          '',
          'How many visits does it have in summer?'
        ]
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'sensorPrice',
          'A new sensor costs {}.',
          'All new sensors cost the same.',
          'What does a new sensor cost?'
        ],
        amount: [
          'sensors',
          'The station buys {}.',
          'The station buys some.',
          'How many sensors does the station buy?'
        ],
        total: ['sensorMoney', 'It pays {}.', '', 'How much does the station pay?']
      }
    }
  ],
  beside: {
    mast: ['mast', 'The mast is {} high.'],
    sensors: ['sensors', 'The station has room for {}.'],
    flashes: ['flashes', 'Last year there were {} in one night.']
  }
};
