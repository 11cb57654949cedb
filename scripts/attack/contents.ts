import { gzipSync } from 'node:zlib';
import { skills } from '@zealous-quill/core/catalogue/all';
import { drawItems, WorkedItem } from '@zealous-quill/core/skill';
import type { Dice } from './dice';
import { bodyOf, jsonBody, type Sent } from './sender';

/** A numeral of 1 to 200 digits, with what may stand in one. */
function numeral(dice: Dice): string {
  const digits = Array.from({ length: 1 + dice.below(200) }, () => dice.below(10)).join('');
  const at = dice.below(digits.length + 1);
  const [head, tail] = [digits.slice(0, at), digits.slice(at)];
  return dice.of([
    digits,
    `${head}.${tail}`,
    `${head}/${tail}`,
    `${head} ${tail}`,
    `-${digits}`,
    `${head} r ${tail}`,
    `(x+${head})(x-${tail})`,
    `x^${head}+${tail}`,
    `${head},${tail}`
  ]);
}

const items = skills.flatMap((skill) => {
  const drawn = drawItems(skill, { controls: skill.ladder.at(-1)!.controls, count: 1, seed: 1847 });
  return drawn.ok
    ? Object.keys(skill.schools).map((school) => new WorkedItem(skill, drawn.given[0], school))
    : [];
});

/** Numbers of any length at the steps of an item of any skill. */
export function numbers(dice: Dice): Sent {
  const { skill, given, school, graph } = dice.of(items);
  const written = graph.steps.filter(() => dice.oneIn(2)).map(({ id }) => [id, numeral(dice)]);
  const { answer, ...working } = Object.fromEntries(written) as Record<string, string>;
  const body = { skill: skill.id, given, school, working, ...(answer !== undefined && { answer }) };
  return { method: 'POST', path: '/api/marking', ...jsonBody(body) };
}

/** Marks pasted in blocks, for scripts and parts that there are or are not. */
export function pastes(dice: Dice): Sent {
  const cells = Array.from({ length: 1 + dice.below(400) }, () => ({
    ...{ row: 1 + dice.below(80), column: 1 + dice.below(200) },
    ...{ value: dice.oneIn(5) ? null : dice.below(9), version: dice.below(3) }
  }));
  return { method: 'POST', path: `/marking/${1 + dice.below(6)}/grid`, ...jsonBody({ cells }) };
}

const svg = (inner: string, size = 'width="40" height="30"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${size}>${inner}</svg>`;
const nested = (depth: number) => svg('<g>'.repeat(depth) + '</g>'.repeat(depth));

/** Pictures that would stop a typesetter or a browser, and some that are as they should be. */
const drawings: readonly string[] = [
  svg('<rect width="9" height="9"/>'),
  nested(30),
  nested(3000),
  nested(60_000),
  svg('<image href="http://127.0.0.1/a.png" width="9" height="9"/>'),
  svg('<script>while(true);</script>'),
  svg('<filter id="f"><feGaussianBlur stdDeviation="900"/></filter>'),
  svg('&nbsp;'),
  `<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;">]>${svg('&b;')}`,
  svg('', 'width="0" height="0"'),
  svg('', 'width="1e308" height="1e-308"'),
  svg('<g id="a"><use href="#a"/></g><use href="#a"/>'),
  svg('<path d="M0 0h1"/>'.repeat(30_000)),
  svg(`<path d="${'M0 0L9 9'.repeat(100_000)}"/>`),
  '<svg',
  `<svg>${'<!--'.repeat(1000)}`
];

const bitmaps: readonly Buffer[] = [
  Buffer.from('89504e470d0a1a0a0000000d49484452ffffffffffffffff08060000000000000000', 'hex'),
  Buffer.from('89504e470d0a1a0a0000000d4948445200000000000000000806000000', 'hex'),
  Buffer.from('ffd8ffe000104a46494600', 'hex'),
  Buffer.from('%PDF-1.7 no end')
];

/** Uploads: pictures of questions and pages of scripts. */
export function uploads(dice: Dice): Sent {
  const whole = dice.oneIn(4) ? dice.of(bitmaps) : Buffer.from(dice.of(drawings));
  const bytes = dice.oneIn(3) ? whole.subarray(0, dice.below(whole.length + 1)) : whole;
  const path = dice.oneIn(3)
    ? `/marking/${1 + dice.below(5)}/pages?script=${1 + dice.below(60)}`
    : '/papers/pictures';
  return { method: 'POST', path, ...bodyOf('application/octet-stream', bytes) };
}

const archives: readonly Buffer[] = [
  gzipSync(Buffer.alloc(2_000_000)),
  gzipSync(Buffer.from('SQLite format 3\u0000')),
  Buffer.from('no archive'),
  Buffer.alloc(0)
];

/** Pieces of files that are no backups. */
export function pieces(dice: Dice): Sent {
  const file = dice.oneIn(3) ? '' : dice.of(['x', '..%2f..%2fx', 'constructor', '__proto__']);
  const at = dice.of([0, 0, 0, -1, 7, 1e15]);
  const path = `/records/backups/sent?file=${file}&at=${at}`;
  return { method: 'POST', path, ...bodyOf('application/octet-stream', dice.of(archives)) };
}
