import type { Context } from '../context';

export const moorWalks: Context = {
  id: 'moor-walks',
  title: 'Walks on the moor',
  version: 1,
  actors: ['Rowan', 'Linnet', 'Hob', 'Merryn', 'Casvelyn', 'Ysella'],
  things: {
    step: ['step', 'steps'],
    post: ['post', 'posts'],
    walker: ['walker', 'walkers'],
    sandwich: ['sandwich', 'sandwiches'],
    group: ['group', 'groups']
  },
  measures: {
    path: { unit: 'km', from: 1.4, to: 24, step: 0.7 },
    finePath: { unit: 'km', from: 1.125, to: 14, step: 0.375 },
    lane: { unit: 'm', from: 150, to: 950, step: 50 },
    climb: { unit: 'm', from: 114, to: 980, step: 18 },
    steps: { unit: 'step', from: 1064, to: 9900, step: 288 },
    fewSteps: { unit: 'step', from: 128, to: 996, step: 28 },
    hours: { unit: 'hour', from: 1.25, to: 6, step: 1 / 12, isMixed: true },
    walkTime: { unit: 'hour', from: 1.5, to: 6.5, step: 0.5 },
    walkMinutes: { unit: 'minute', from: 30, to: 240, step: 30 },
    speed: { unit: 'km/hour', from: 2.4, to: 5.6, step: 0.2 },
    distance: { unit: 'km', from: 3, to: 38, step: 0.1, isMade: true },
    posts: { unit: 'post', from: 12, to: 84, step: 4 },
    gap: { unit: 'm', from: 12, to: 60, step: 3 },
    long: { unit: 'm', from: 144, to: 5000, step: 1, isMade: true },
    walkers: { unit: 'walker', from: 18, to: 140, step: 1, isMade: true },
    groups: { unit: 'group', from: 3, to: 12, step: 1 },
    perGroup: { unit: 'walker', from: 6, to: 12, step: 1 },
    sandwiches: { unit: 'sandwich', from: 12, to: 96, step: 6 },
    people: { unit: 'walker', from: 3, to: 12, step: 1 },
    eachEats: { unit: 'sandwich', from: 2, to: 12, step: 1 },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    manySandwiches: { unit: 'sandwich', from: 24, to: 870, step: 1, isMade: true },
    postPrice: { unit: '£/post', from: 4.5, to: 12.5, step: 0.5 },
    postMoney: { unit: '£', from: 50, to: 1100, step: 0.5, isMade: true }
  },
  stories: [
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'finePath|path',
          'The path to the stone circle is {} long.',
          '{A} follows the path to the stone circle.',
          'How long is the path to the stone circle?'
        ],
        other: [
          'path|lane',
          'From there it is {} to the inn.',
          'From there {A} goes on to the inn.',
          'How far is it from the stone circle to the inn?'
        ],
        whole: [
          'finePath|path',
          '{A} walks {} to the inn.',
          '',
          'How far does {A} walk to the inn in all?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'hours',
          'A walk takes {}.',
          '{A} goes for a walk.',
          'How long does the whole walk take?'
        ],
        one: [
          'hours',
          'The way up takes {}.',
          'First {A} goes up.',
          'How long does the way up take?'
        ],
        other: [
          'hours',
          'The way down takes {}.',
          'Then {A} comes down.',
          'How long does the way down take?'
        ]
      }
    },
    {
      links: ['change+ start change result'],
      parts: {
        start: [
          'climb',
          'The car park is {} above the sea.',
          '{A} starts at the car park.',
          'How high above the sea is the car park?'
        ],
        change: [
          'climb',
          'From there {A} climbs {}.',
          'From there {A} climbs to the tor.',
          'How far does {A} climb?'
        ],
        result: ['climb', 'The tor is {} above the sea.', '', 'How high above the sea is the tor?']
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'path|finePath',
          'The walk is {} long.',
          '{A} sets out on a long walk.',
          'How long is the walk?'
        ],
        change: [
          'path|lane',
          '{A} has walked {} of it.',
          '{A} has walked a part of it.',
          'How far has {A} walked?'
        ],
        result: [
          'path|finePath',
          'The rest of the walk is {} long.',
          '',
          'How long is the rest of the walk?'
        ]
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'steps|fewSteps',
          'On Monday {A} takes {}.',
          '{A} counts steps on Monday.',
          'How many steps does {A} take on Monday?'
        ],
        difference: [
          'fewSteps',
          'On Tuesday {A} takes {#} more steps than on Monday.',
          '',
          'How many more steps does {A} take on Tuesday than on Monday?'
        ],
        compared: [
          'steps|fewSteps',
          'On Tuesday {A} takes {}.',
          '',
          'How many steps does {A} take on Tuesday?'
        ]
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        compared: [
          'climb',
          'The near tor is {} high.',
          '{A} looks at two tors.',
          'How high is the near tor?'
        ],
        difference: [
          'climb',
          'The near tor is {} lower than the far tor.',
          '',
          'How many metres lower is the near tor than the far tor?'
        ],
        reference: ['climb', 'The far tor is {} high.', '', 'How high is the far tor?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'groups',
          '{A} leads out {}.',
          '{A} puts walkers into groups.',
          {
            none: 'How many groups are there?',
            up: 'How many groups are needed, so that everybody can come?',
            down: 'How many full groups are there?',
            left: 'When all full groups have gone, how many walkers are over?'
          }
        ],
        each: [
          'perGroup',
          'There are {} in a group.',
          'All groups are of the same size.',
          'How many walkers are in a group?'
        ],
        all: ['walkers', '{} have come.', '', 'How many walkers have come?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: ['long', 'A fence is {} long.', '{A} puts up a fence.', 'How long is the fence?'],
        each: [
          'gap',
          'There is a post after every {}.',
          'There is as much room between all posts.',
          'How far is it from one post to the next?'
        ],
        groups: [
          'posts',
          '{A} needs {}, without the first one.',
          '',
          'How many posts does {A} need, without the first one?'
        ]
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'path',
          'The short walk is {} long.',
          'There is a short walk and a long one.',
          'How long is the short walk?'
        ],
        factor: [
          'times',
          'The long walk is {} as long as the short one.',
          '',
          'How many times as long as the short walk is the long one?'
        ],
        compared: ['distance', 'The long walk is {} long.', '', 'How long is the long walk?']
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'speed',
          '{A} walks {} in an hour.',
          '{A} always walks at the same speed.',
          'How far does {A} walk in an hour?'
        ],
        amount: [
          'walkTime|walkMinutes',
          '{A} walks for {}.',
          '{A} walks without a rest.',
          'For how many hours does {A} walk?'
        ],
        total: ['distance', '{A} covers {}.', '', 'How far does {A} walk?']
      }
    },
    {
      links: ['rate amount unit-price first', 'part-part-whole first rest whole'],
      parts: {
        'unit-price': ['speed', '{A} walks {} in an hour.', '', ''],
        amount: [
          'walkTime',
          '{A} walks for {} before lunch.',
          '{A} walks for a while before lunch.',
          ''
        ],
        first: ['distance', '', '', ''],
        rest: [
          'path',
          'After lunch {A} walks {}.',
          'After lunch {A} walks on.',
          'How far does {A} walk after lunch?'
        ],
        whole: ['distance', 'That is {} for the day.', '', 'How far does {A} walk that day?']
      }
    },
    {
      links: ['change- start eaten left', 'equal-groups people each left'],
      parts: {
        start: [
          'sandwiches',
          '{A} packs {}.',
          '{A} packs sandwiches.',
          'How many sandwiches does {A} pack?'
        ],
        eaten: [
          'sandwiches',
          '{} are eaten at the tor.',
          'Some are eaten at the tor.',
          'How many are eaten at the tor?'
        ],
        left: ['sandwiches', '', '', ''],
        people: ['people', 'At the inn {} share the others equally.', '', ''],
        each: ['eachEats', 'Everybody gets {}.', '', 'How many sandwiches does everybody get?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'sandwiches',
          'For the short walk {A} makes {}.',
          '{A} makes sandwiches for two walks.',
          'How many sandwiches does {A} make for the short walk?'
        ],
        factor: [
          'times',
          'For the long walk {A} makes {} as many.',
          '',
          'How many times as many sandwiches does {A} make for the long walk?'
        ],
        compared: [
          'manySandwiches',
          'For the long walk {A} makes {}.',
          '',
          'How many sandwiches does {A} make for the long walk?'
        ]
      }
    },
    {
      links: ['rate amount unit-price total'],
      parts: {
        'unit-price': [
          'postPrice',
          'A new post costs {}.',
          'All new posts cost the same.',
          'What does a new post cost?'
        ],
        amount: [
          'posts',
          '{A} orders {} for the path.',
          '{A} orders posts for the path.',
          'How many posts does {A} order?'
        ],
        total: ['postMoney', '{A} pays {}.', '', 'How much does {A} pay?']
      }
    }
  ],
  beside: {
    dog: ['posts', 'The path has {}.'],
    bridge: ['lane', 'The river is {} from the path.'],
    party: ['perGroup', '{} walk in front.']
  }
};
