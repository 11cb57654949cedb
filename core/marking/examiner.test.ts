import assert from 'node:assert/strict';
import { test } from 'node:test';
import { skillOf, WorkedItem } from '../skill';
import '../catalogue/all';
import { scripts } from './examiner-scripts.test-helper';
import { markItem, unknownSteps } from './mark-item';
import type { Working } from './readings';

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
  const parts = steps.split(/\s+(?=\w+[:=]|[\w.]+=)/).map((part): Working => {
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
    if (kind === 'c') return squares('carry.', [...rest], 1);
    if (kind === 'w') return squares('rewritten.', rest.split(','));
    if (kind === 's') return squares('sum.digit.', [...rest]);
    if (kind === 'k') return Object.fromEntries([...rest].map((rank, at) => [`rank.${at}`, rank]));
    if (kind === 'k0') return squares('row.0.carry.', [...rest], 1);
    const [, id, value] = /^([\w.]+)=(.*)$/.exec(part) ?? [];
    return id === undefined ? {} : { [names[id] ?? id]: value! };
  });
  return Object.assign({}, ...parts, answer === undefined ? {} : { answer }) as Working;
}

test('scripts get the marks an examiner gives them', () => {
  let count = 0;
  const wrong: string[] = [];
  for (const [id, table] of Object.entries(scripts)) {
    const skill = skillOf(id);
    for (const line of table.trim().split('\n')) {
      const [head, text, marks, why = ''] = line.split(' | ') as [string, string, string, string?];
      const [, school = Object.keys(skill.schools)[0]!, shown] = /^(?:([\w-]+): )?(.*)$/.exec(
        head
      )!;
      const item = new WorkedItem(skill, skill.given.parse(shown!), school);
      const widest = item.graph.steps.filter((step) => /^digit\.\d+$/.test(step.id)).length;
      const working = read(text, widest);
      assert.deepEqual(unknownSteps(item, working), [], line);
      const given = markItem(item, working).marks.lines.map(({ awarded }) => awarded);
      if (given.join(' ') !== marks) wrong.push(`${line} -> ${given.join(' ')} ${why && ''}`);
      count++;
    }
  }
  assert.deepEqual(wrong, []);
  assert.ok(count >= 200, `${count} scripts`);
});
