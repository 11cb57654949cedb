import assert from 'node:assert/strict';
import { test } from 'node:test';
import { markItem, unknownSteps, type MarkedItem, type Working } from '../marking';
import { skillOf, WorkedItem } from '../skill';
import { schoolsOf } from './skills.test-helper';

/** Step names that stand in the scripts in short. */
const names: Readonly<Record<string, string>> = {
  ...{ cd: 'common.denominator', a: 'common.minuend', b: 'common.subtrahend' },
  ...{ rw: 'regroup.whole', rn: 'regroup.numerator', fn: 'fraction.numerator', wh: 'whole' },
  ...{ im: 'improper.minuend', is: 'improper.subtrahend', id: 'improper.difference' },
  ...{ sn: 'simplified.numerator', sd: 'simplified.denominator' },
  ...{ mu: 'multiple', di: 'difference', ad: 'adjustment', ne: 'next', po: 'product' },
  ...{ co: 'content', pr: 'product', su: 'sum', pa: 'pair' },
  ...{ cp: 'cross.p', cq: 'cross.q', cr: 'cross.r', cs: 'cross.s' }
};

/** Figures in squares, the last of them at the place `from`. */
function squares(prefix: string, figures: readonly string[], from = 0): Working {
  return Object.fromEntries(
    [...figures]
      .reverse()
      .map((figure, at) => [`${prefix}${at + from}`, figure] as const)
      .filter(([, figure]) => figure !== '_')
  );
}

/** The longest figures a column holds: what is too wide stands in the last square. */
function fitted(figures: string, widest: number): string[] {
  const over = Math.max(0, figures.length - widest);
  return [figures.slice(0, over + 1), ...figures.slice(over + 1)];
}

function read(text: string, widest: number): Working {
  // The answer may hold spaces, so that it is read first.
  const [, steps = '', answer] = /^(.*?)(?:(?:^|\s)=(.*))?$/.exec(text)!;
  const parts = steps.split(/\s+(?=\w+[:=]|[\w.-]+=)/).map((part): Working => {
    const row = /^r(\d):(.*)$/.exec(part);
    if (row) {
      const [, k, figures] = row as unknown as [string, string, string];
      const all = squares('', fitted(figures, 9));
      return Object.fromEntries(
        Object.entries(all).map(([place, figure]) => [
          `row.${k}.${Number(place) < Number(k) ? 'placeholder' : 'digit'}.${place}`,
          figure
        ])
      );
    }
    const [, kind, rest = ''] = /^(\w+):(.*)$/.exec(part) ?? [];
    if (kind === 'd') return squares('digit.', fitted(rest, widest));
    if (kind === 'q') return squares('quotient.', [...rest]);
    if (kind === 'c') return squares('carry.', [...rest], 1);
    if (kind === 'w') return squares('rewritten.', rest.split(','));
    if (kind === 's') return squares('sum.digit.', [...rest]);
    if (kind === 'k') return Object.fromEntries([...rest].map((rank, at) => [`rank.${at}`, rank]));
    if (kind === 'k0') return squares('row.0.carry.', [...rest], 1);
    const [, id, value] = /^([\w.-]+)=(.*)$/.exec(part) ?? [];
    return id === undefined ? {} : { [names[id] ?? id]: value! };
  });
  return Object.assign({}, ...parts, answer === undefined ? {} : { answer }) as Working;
}

/** What is named: the patterns, alone or in a tie; `-` where neither a pattern nor a slip is. */
function isNamed({ diagnosis, slips }: MarkedItem, name: string): boolean {
  if (name === '-') return diagnosis.length === 0 && slips.length === 0;
  return diagnosis.some(({ patterns }) => patterns.join('+') === name);
}

/** What is wrong with how a script is marked, against one line of a table; undefined if nothing. */
function wrongIn(id: string, line: string): string | undefined {
  const skill = skillOf(id);
  const [head, text, judged] = line.split(' | ') as [string, string, string];
  const [, school = schoolsOf(skill)[0]!, shown] = /^(?:([a-z-]+): )?(.*)$/.exec(head)!;
  const [, marks, name] = /^([\d ]+?)(?: \{(.+)\})?$/.exec(judged)!;
  const item = new WorkedItem(skill, skill.given.parse(shown!), school);
  const widest = item.graph.steps.filter((step) => /^digit\.\d+$/.test(step.id)).length;
  const working = read(text, widest);
  assert.deepEqual(unknownSteps(item, working), [], line);
  const marked = markItem(item, working);
  const given = marked.marks.lines.map(({ awarded }) => awarded).join(' ');
  const isFull = marked.marks.awarded === marked.marks.available && marked.flags.length === 0;
  // A name or a slip beside full marks is always a fault, unless the marker is asked to look.
  const expected = name ?? (isFull ? '-' : undefined);
  if (given === marks && (expected === undefined || isNamed(marked, expected))) return undefined;
  const found = marked.diagnosis.map(({ patterns, slip }) => patterns.join('+') + (slip ?? ''));
  const slips = marked.slips.map(({ kind, step }) => `${kind} ${step ?? ''}`);
  return `${line} -> ${given} {${found.join(', ')}} ${slips.join(', ')} ${marked.flags.join()}`;
}

/**
 * Scripts of a skill with the marks an experienced examiner gives, worked by hand from the scheme before the program was
 * asked. A line is an item, what was written, the marks line by line with what is to be named in braces, and the reason
 * where it is not plain. Short forms of what was written, beside the names of steps:
 *
 *   d:852   figures of the answer's row, the last in the ones; _ is a blank square
 *   q:304   figures of a quotient, the last in the ones
 *   c:11    carries, the last enters the tens
 *   w:3,9,13   what stands above a subtraction, the last over the ones
 *   r0:282 r1:1410 s:1692   rows and sum of a long multiplication; k0:4   carries of a row
 *   k:3214  ranks          =852   the final answer
 */
export function checkExaminer(id: string, table: string): void {
  test(`${id}: scripts get the marks and names an examiner gives them`, () => {
    const lines = table.trim().split('\n');
    const wrong = lines.flatMap((line) => wrongIn(id, line) ?? []);
    assert.equal(new Set(lines).size, lines.length, 'a script twice');
    assert.deepEqual(wrong, []);
  });
}
