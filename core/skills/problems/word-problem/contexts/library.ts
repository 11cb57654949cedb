import type { Context } from '../context';

export const library: Context = {
  id: 'library',
  title: 'The library',
  version: 1,
  actors: ['Nessa', 'Cubert', 'Loveday', 'Piran', 'Hedra', 'Myghal'],
  things: {
    book: ['book', 'books'],
    page: ['page', 'pages'],
    shelf: ['shelf', 'shelves'],
    reader: ['reader', 'readers'],
    box: ['box', 'boxes']
  },
  measures: {
    books: { unit: 'book', from: 127, to: 990, step: 26 },
    manyBooks: { unit: 'book', from: 1204, to: 9950, step: 349 },
    fewBooks: { unit: 'book', from: 12, to: 96, step: 3 },
    shelves: { unit: 'shelf', from: 12, to: 60, step: 3 },
    perShelf: { unit: 'book', from: 14, to: 48, step: 2 },
    all: { unit: 'book', from: 140, to: 3000, step: 1, isMade: true },
    boxes: { unit: 'box', from: 3, to: 18, step: 1 },
    perBox: { unit: 'book', from: 8, to: 36, step: 2 },
    pages: { unit: 'page', from: 96, to: 620, step: 12 },
    fewPages: { unit: 'page', from: 12, to: 90, step: 2 },
    days: { unit: 'day', from: 2, to: 28, step: 1 },
    readers: { unit: 'reader', from: 48, to: 480, step: 16 },
    weight: { unit: 'kg', from: 3.2, to: 28, step: 0.8 },
    light: { unit: 'g', from: 250, to: 950, step: 50 },
    hours: { unit: 'hour', from: 1.25, to: 7.5, step: 0.25, isMixed: true },
    longHours: { unit: 'hour', from: 2, to: 16, step: 0.25, isMixed: true },
    atlas: { unit: 'kg', from: 1.6, to: 6, step: 0.2 },
    times: { unit: 'times', from: 2, to: 9, step: 1 },
    heavyPile: { unit: 'kg', from: 4, to: 200, step: 0.05, isMade: true }
  },
  stories: [
    {
      links: ['part-part-whole one other whole'],
      parts: {
        whole: [
          'manyBooks|books',
          'The library has {} on nature.',
          'The library has books on nature.',
          'How many books on nature does the library have?'
        ],
        one: [
          'books',
          '{#} of them are on birds.',
          'Some of them are on birds.',
          'How many books are on birds?'
        ],
        other: [
          'books|manyBooks',
          'The other {#} are on plants.',
          'The others are on plants.',
          'How many books are on plants?'
        ]
      }
    },
    {
      links: ['part-part-whole one other whole'],
      parts: {
        one: [
          'hours',
          'On Saturday {A} reads for {}.',
          '{A} reads on Saturday.',
          'For how long does {A} read on Saturday?'
        ],
        other: [
          'hours',
          'On Sunday {A} reads for {}.',
          '{A} reads on Sunday too.',
          'For how long does {A} read on Sunday?'
        ],
        whole: [
          'longHours',
          'At the weekend {A} reads for {}.',
          '',
          'For how long does {A} read at the weekend in all?'
        ]
      }
    },
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'books|manyBooks',
          'The library has {}.',
          'The library is giving books away.',
          'How many books did the library have at first?'
        ],
        change: [
          'books',
          'It gives {} to the school.',
          'It gives some to the school.',
          'How many books does it give to the school?'
        ],
        result: [
          'books|manyBooks',
          'Afterwards it has {}.',
          '',
          'How many books does it have afterwards?'
        ]
      }
    },
    {
      links: ['change+ start change result'],
      parts: {
        start: [
          'weight',
          'A box of books weighs {}.',
          '{A} weighs a box of books.',
          'How much did the box weigh at first?'
        ],
        change: [
          'weight|light',
          '{A} puts in more books, which weigh {}.',
          '{A} puts in more books.',
          'How much do the books that {A} puts in weigh?'
        ],
        result: ['heavyPile', 'Now the box weighs {}.', '', 'How much does the box weigh now?']
      }
    },
    {
      links: ['compare+ reference difference compared'],
      parts: {
        reference: [
          'pages|books',
          '{A} reads {}.',
          '{A} and {B} count the pages that they read.',
          'How many pages does {A} read?'
        ],
        difference: [
          'pages',
          '{B} reads {#} more pages than {A}.',
          '',
          'How many more pages does {B} read than {A}?'
        ],
        compared: ['pages', '{B} reads {}.', '', 'How many pages does {B} read?']
      }
    },
    {
      links: ['compare- reference difference compared'],
      parts: {
        reference: [
          'books|manyBooks',
          'In March the library lends {}.',
          'The library lends books in March.',
          'How many books does it lend in March?'
        ],
        difference: [
          'books',
          'In April it lends {#} fewer books than in March.',
          '',
          'How many fewer books does it lend in April than in March?'
        ],
        compared: [
          'books|manyBooks',
          'In April it lends {}.',
          '',
          'How many books does it lend in April?'
        ]
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        groups: [
          'shelves',
          '{A} fills {}.',
          '{A} puts books on shelves.',
          {
            none: 'How many shelves does {A} fill?',
            up: 'How many shelves does {A} need for all of them?',
            down: 'How many shelves are full?',
            left: 'When all full shelves are done, how many books are over?'
          }
        ],
        each: [
          'perShelf',
          'A shelf holds {}.',
          'All shelves hold the same number.',
          'How many books does a shelf hold?'
        ],
        all: ['all', 'There are {}.', '', 'How many books are there?']
      }
    },
    {
      links: ['equal-groups groups each all'],
      parts: {
        all: [
          'pages',
          'A book has {}.',
          '{A} is reading a book.',
          'How many pages does the book have?'
        ],
        each: [
          'fewPages',
          '{A} reads {} a day.',
          '{A} reads as much every day.',
          'How many pages does {A} read a day?'
        ],
        groups: [
          'days',
          '{A} reads it in {}.',
          '',
          {
            none: 'How many days does {A} need?',
            up: 'On how many days does {A} have to read?',
            left: 'How many pages does {A} read on the last day, which is shorter?'
          }
        ]
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        reference: [
          'fewBooks',
          '{A} borrows {} in a year.',
          '{A} borrows books.',
          'How many books does {A} borrow?'
        ],
        factor: [
          'times',
          '{B} borrows {} as many.',
          '',
          'How many times as many books as {A} does {B} borrow?'
        ],
        compared: ['all', '{B} borrows {}.', '', 'How many books does {B} borrow?']
      }
    },
    {
      links: ['times-as-many factor reference compared'],
      parts: {
        compared: [
          'heavyPile',
          'A pile of old papers weighs {}.',
          '{A} weighs a pile of old papers.',
          'How much does the pile of old papers weigh?'
        ],
        factor: [
          'times',
          'It weighs {} as much as the atlas.',
          '',
          'How many times as much as the atlas does the pile weigh?'
        ],
        reference: ['atlas', 'The atlas weighs {}.', '', 'How much does the atlas weigh?']
      }
    },
    {
      links: ['equal-groups groups each all', 'part-part-whole all there whole'],
      parts: {
        there: [
          'books',
          'The library has {}.',
          'The library has some books.',
          'How many books did the library have before?'
        ],
        groups: ['boxes', '{} of new books arrive.', 'Boxes of new books arrive.', ''],
        each: ['perBox', 'There are {} in a box.', 'There are as many books in every box.', ''],
        all: ['all', '', '', ''],
        whole: ['all', 'Then the library has {}.', '', 'How many books does the library have then?']
      }
    },
    {
      links: ['change- start read left', 'equal-groups days each left'],
      parts: {
        start: [
          'pages',
          'A book has {}.',
          '{A} is reading a book.',
          'How many pages does the book have?'
        ],
        read: [
          'pages',
          '{A} has read {}.',
          '{A} has read a part of it.',
          'How many pages has {A} read?'
        ],
        left: ['pages', '', '', ''],
        each: [
          'fewPages',
          'From today on {A} reads {} a day.',
          'From today on {A} reads as much every day.',
          'How many pages does {A} read a day from today on?'
        ],
        days: [
          'days',
          'After {} {A} has finished it.',
          '',
          {
            none: 'How many more days does {A} need?',
            up: 'On how many more days does {A} have to read?'
          }
        ]
      }
    }
  ],
  beside: {
    readers: ['readers', 'The library has {}.'],
    open: ['days', 'The library was shut for {}.'],
    carts: ['fewBooks', '{} lie on a table.']
  }
};
