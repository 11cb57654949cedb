import { cards } from '@zealous-quill/core/catalogue';
import { numbers, pastes, pieces, uploads } from './contents';
import type { Dice } from './dice';
import { bodyOf, formBody, jsonBody, type Sent } from './sender';

/** What stands where something else is expected. */
const words = [
  '',
  ' ',
  '0',
  '-1',
  '1e309',
  '99999999999999999999',
  '1.5',
  'NaN',
  'true',
  'null',
  '__proto__',
  'constructor',
  'toString',
  'hasOwnProperty',
  '../../../../etc/passwd',
  '..%2f..%2f',
  '%00',
  '%',
  '%c0%af',
  '\u0000',
  '\u0007\u001b[2J',
  '\u202e',
  '\ud800',
  '<script>alert(1)</script>',
  '"><img src=x onerror=alert(1)>',
  "' or 1=1 --",
  '"; drop table papers; --',
  '#let x = 1; #x $x$',
  '=cmd|a!A1',
  '{"nonsense":1}',
  '[]',
  '{}',
  'x'.repeat(500),
  'é'.repeat(300),
  '9'.repeat(400),
  '👩‍🏫'
] as const;

const values: readonly unknown[] = [
  ...words,
  0,
  -1,
  1e300,
  0.5,
  2 ** 53,
  null,
  true,
  [],
  {},
  [[[[[[]]]]]],
  { nonsense: 1 },
  { __proto__: { x: 1 } },
  JSON.parse('{"__proto__":{"polluted":true}}'),
  Array.from({ length: 2000 }, (_, at) => at)
];

const pages = [
  '/',
  '/workshop',
  '/workshop/1',
  '/papers',
  '/papers/1',
  '/papers/1/print',
  '/papers/1/pages',
  '/papers/1/preview',
  '/papers/plans',
  '/papers/plans/1',
  '/marking',
  '/marking/1',
  '/marking/1/pages/1',
  '/results',
  '/results/1',
  '/results/1/csv',
  '/results/1/feedback',
  '/classes',
  '/classes/1',
  '/classes/1/pupils/1',
  '/classes/1/pupils/1/record',
  '/classes/import',
  '/house-style',
  '/records',
  '/records/bin',
  '/records/backups',
  '/records/backups/1',
  '/records/names',
  '/api',
  '/api/health',
  '/api/skills'
];

const queries = ['q', 'state', 'class', 'year', 'page', 'archived', 'kind', 'by', 'script', 'item'];

/** Forms with fields as a page sends them. Restoring is left to the kills, as it would undo the attack. */
const forms: readonly (readonly [path: string, fields: Readonly<Record<string, string>>])[] = [
  ['/papers?/start', { skill: 'column-addition', with: 'ladder', controls: '{}', kept: '{}' }],
  ['/papers?/start', { skill: 'factorise-quadratic', with: 'controls', controls: '{"b":5}' }],
  ['/papers?/remove', { id: '9', marks: 'go' }],
  ['/papers/3?/sit', { class: '1', satOn: '2026-11-27' }],
  ['/papers/1?/edition', {}],
  ['/papers/plans?/start', { skill: 'column-addition' }],
  ['/papers/plans?/copy', { id: '1' }],
  ['/papers/plans?/remove', { id: '1' }],
  ['/classes?/create', { name: '8 Tin' }],
  ['/classes?/archive', { year: '2026/27' }],
  ['/classes/1?/add', { name: 'Fell, Oona', key: 'a' }],
  ['/classes/1?/rename', { pupil: '1', name: 'Ash, Oona', was: 'Oona Fell' }],
  ['/classes/1?/renameClass', { name: '7 Amber', was: '7 Amber' }],
  ['/classes/1?/year', { year: '2026/27' }],
  ['/classes/1?/archive', { archived: 'no' }],
  ['/classes/1?/remove', { pupil: '24', marks: 'go' }],
  ['/classes/3?/removeClass', { marks: 'go' }],
  ['/classes/1/pupils/2?/erase', {}],
  ['/classes/import?/preview', { csv: 'name,class\nOona Fell,7 Amber\n', class: '', newClass: '' }],
  ['/classes/import?/accept', { csv: 'name,class\nOona Fell,7 Amber\n', class: '1' }],
  ['/marking?/remove', { sitting: '4', marks: 'go' }],
  ['/results/1?/practise', { skill: 'column-addition' }],
  ['/results/1?/practise', { script: '1' }],
  ['/records/bin?/restore', { id: '1' }],
  ['/records/names?/years', { years: '3' }],
  ['/records/names?/erase', { class: '4' }],
  ['/records/backups?/schedule', { backupHours: '0', backupsKept: '2' }],
  ['/records/backups?/restore', { name: '../x' }],
  ['/records/backups?/received', { file: 'x' }]
];

const response = {
  ...{ scriptId: 1, partId: 1, version: 0, working: { answer: '12' }, attempt: 'written' },
  ...{ comment: '', isMarked: true, given: { A1: { given: 1, reason: 'said aloud' } } }
};
const rung = {
  ...{ id: 'r1', kind: 'bare', skill: 'column-addition', controls: { digits: 3 }, count: 1 },
  items: [{ id: 1, given: { addends: ['12', '34'] }, locked: false, edited: false }]
};
const paper = { title: 'Lamps', seed: 3, ramp: { from: -2, to: 2 }, rungs: [rung] };

/** Bodies of JSON as a page or a program sends them. */
const bodies: readonly (readonly [path: string, body: object])[] = [
  ['/papers/3/save', { version: 1, paper }],
  ['/marking/1/save', response],
  ['/marking/1/absent', { scriptId: 1, isAbsent: true }],
  ['/marking/1/pages/1', { turn: 90 }],
  ['/house-style/save', { version: 1, style: { decimalMark: 'comma', methods: {} } }],
  ['/api/items/count', { skill: 'column-addition', controls: { digits: 3, carries: 2 } }],
  ['/api/items', { skill: 'column-addition', controls: { digits: 3 }, count: 5, seed: 1 }],
  ['/api/items/analyse', { skill: 'column-addition', given: { addends: ['47', '38'] } }],
  [
    '/api/marking',
    { skill: 'column-addition', given: { addends: ['47', '38'] }, working: {}, answer: '75' }
  ],
  [
    '/api/assemble',
    {
      total: 8,
      minutes: { max: 20 },
      difficulty: { mean: { min: -3, max: 1 }, easy: { max: 1 } },
      patterns: { 'column-addition/carry-dropped': 1 },
      rows: [{ id: 'a', skills: ['column-addition'], kind: 'set-out', parts: { min: 1, max: 6 } }],
      seed: 3
    }
  ],
  [
    '/api/forms',
    { parts: [{ skill: 'column-addition', given: { addends: ['47', '38'] } }], count: 3, seed: 1 }
  ],
  [
    '/papers/plans/1/save',
    {
      version: 1,
      name: 'Spring',
      plan: { total: 4, rows: [{ id: 'a', skills: ['column-addition'], kind: 'bare' }] }
    }
  ],
  ['/api/suitability', { operation: 'addition', operands: ['198', '57'] }]
];

/** A hostile request: one that a page could send, with something in it that no page would. */
export function hostile(dice: Dice): Sent {
  switch (dice.below(14)) {
    case 0:
    case 1:
    case 2:
      return { method: dice.oneIn(8) ? dice.of(METHODS) : 'GET', path: address(dice) };
    case 3:
    case 4:
    case 5:
      return spoiledJson(dice);
    case 6:
    case 7:
      return spoiledForm(dice);
    case 8:
      return junk(dice);
    case 9:
      return numbers(dice);
    case 10:
      return uploads(dice);
    case 11:
      return pieces(dice);
    case 12:
      return pastes(dice);
    default:
      return { method: 'GET', path: dice.of(pages), headers: foreign(dice) };
  }
}

const METHODS = ['POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD'];

function address(dice: Dice): string {
  const parts = dice.of(pages).split('/');
  const spoiled = parts.map((part, at) =>
    at > 0 && dice.oneIn(3) ? escaped(dice, dice.of(words)) : part
  );
  const path = spoiled.join('/') || '/';
  if (dice.oneIn(2)) return path;
  const asked = Array.from(
    { length: 1 + dice.below(3) },
    () => `${dice.of(queries)}=${escaped(dice, dice.of(words))}`
  );
  return `${path}?${asked.join('&')}`;
}

/** As it may be sent: escaped, as a browser does, or as it is where an address may have it. */
function escaped(dice: Dice, word: string): string {
  const isPlain = /^[\x21-\x7e]*$/.test(word);
  if (isPlain && !dice.oneIn(2)) return word.replace(/[<>"{}|\\^`]/g, '');
  return encodeURIComponent(word.toWellFormed?.() ?? word.replace(/[\ud800-\udfff]/g, ''));
}

function spoiledJson(dice: Dice): Sent {
  const [path, body] = dice.of(bodies);
  const value = structuredClone(body) as Record<string, unknown>;
  if ('skill' in value && dice.oneIn(2)) value['skill'] = dice.of(cards).id;
  for (let times = dice.below(3); times >= 0; times--) spoil(dice, value);
  return { method: 'POST', path: moved(dice, path), ...jsonBody(value) };
}

/** Puts something strange in the place of a value somewhere within. */
function spoil(dice: Dice, value: Record<string, unknown> | unknown[]): void {
  const keys = Object.keys(value);
  if (keys.length === 0 || dice.oneIn(6)) {
    Object.defineProperty(value, dice.of(words) || 'x', {
      ...{
        value: structuredClone(dice.of(values)),
        enumerable: true,
        configurable: true,
        writable: true
      }
    });
    return;
  }
  const key = dice.of(keys) as keyof typeof value;
  const inner = value[key] as unknown;
  if (inner !== null && typeof inner === 'object' && !dice.oneIn(3)) {
    spoil(dice, inner as Record<string, unknown>);
  } else {
    value[key] = structuredClone(dice.of(values)) as never;
  }
}

function spoiledForm(dice: Dice): Sent {
  const [path, fields] = dice.of(forms);
  const spoiled: Record<string, string> = { ...fields };
  for (const name of Object.keys(spoiled)) if (dice.oneIn(2)) spoiled[name] = dice.of(words);
  if (dice.oneIn(4)) spoiled[dice.of(words)] = dice.of(words);
  return { method: 'POST', path: moved(dice, path), ...formBody(spoiled) };
}

/** The same for another record, or for one that there is not. */
const moved = (dice: Dice, path: string) =>
  dice.oneIn(2) ? path.replace(/\d+/g, () => String(1 + dice.below(14))) : path;

function junk(dice: Dice): Sent {
  const [path] = dice.oneIn(2) ? dice.of(forms) : dice.of(bodies);
  const type = dice.of([
    'application/json',
    'application/x-www-form-urlencoded',
    'multipart/form-data; boundary=x',
    'multipart/form-data',
    'text/plain',
    'text/csv; charset=utf-16',
    'image/png',
    '',
    'x/y; ;;'
  ]);
  const bytes = dice.of([
    Buffer.from('--x\r\ncontent-disposition: form-data; name="name"\r\n\r\nOona'),
    Buffer.from('--x\r\ncontent-disposition: form-data; name="__proto__"\r\n\r\n1\r\n--x--\r\n'),
    Buffer.from('{'.repeat(5000)),
    Buffer.from('['.repeat(50_000)),
    Buffer.from('{"a":1,"a":2'),
    Buffer.from([0xff, 0xfe, 0, 0, 0xd8]),
    Buffer.alloc(300_000, 'a'),
    Buffer.alloc(0)
  ]);
  return { method: 'POST', path, ...bodyOf(type, bytes) };
}

function foreign(dice: Dice): Record<string, string> {
  return dice.of<Record<string, string>>([
    { host: 'lantern.example' },
    { host: '127.0.0.1:1' },
    { origin: 'http://lantern.example' },
    { 'sec-fetch-site': 'cross-site' },
    { cookie: 'desk-1=' + '9.'.repeat(1500) },
    { cookie: '__proto__=1; desk-1=script.x.y' },
    { 'accept-encoding': 'gzip;q=0, *;q=0' },
    { range: 'bytes=0-0,1-1,2-2' },
    { 'x-forwarded-host': 'lantern.example' },
    { 'content-length': '0', 'transfer-encoding': 'chunked' }
  ]);
}
