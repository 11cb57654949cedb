import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import '../../../catalogue/all';
import { defaultHouseStyle } from '../../../house-style';
import { markItem } from '../../../marking';
import { skillOf, WorkedItem } from '../../../skill';
import { cellOf, withFurtherLines } from '../../../working';

const skill = skillOf('long-division');

/** The quotient in parts, as a pupil may take them: `[3, 1]` for 31 is three tens and a one, or 3 and then 28 more. */
const division = fc
  .record({
    divisor: fc.integer({ min: 11, max: 99 }),
    parts: fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 2, maxLength: 16 }),
    share: fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true })
  })
  .map(({ divisor, parts, share }) => ({ divisor, parts, remainder: Math.floor(share * divisor) }))
  .filter(({ divisor, parts, remainder }) => {
    const dividend = divisor * parts.reduce((sum, part) => sum + part, 0) + remainder;
    return dividend >= 100 && dividend <= 999_999;
  });

test('chunks of any size, up to sixteen, can be entered line by line and earn every mark', () => {
  fc.assert(
    fc.property(division, ({ divisor, parts, remainder }) => {
      const quotient = parts.reduce((sum, part) => sum + part, 0);
      const dividend = divisor * quotient + remainder;
      const given = { dividend: String(dividend), divisor: String(divisor) };
      const item = new WorkedItem(skill, given, 'chunks');
      const sheet = item.layout(defaultHouseStyle);
      const working: Record<string, string> = {};
      let left = dividend;
      for (const [line, part] of parts.entries()) {
        left -= part * divisor;
        assert.ok(cellOf(withFurtherLines(sheet, working), `chunk.${line}`), `line ${line}`);
        working[`chunk.${line}`] = String(part * divisor);
        working[`left.${line}`] = String(left);
      }
      working['answer'] = remainder === 0 ? String(quotient) : `${quotient} r ${remainder}`;
      const { marks } = markItem(item, working);
      assert.equal(marks.awarded, marks.available, JSON.stringify({ given, parts }));
    }),
    { seed: 12, numRuns: 200 }
  );
});

test('two multiples that are none, in whichever lines, lose the mark for the rest', () => {
  const item = new WorkedItem(skill, skill.given.parse('2616 / 35'), 'chunks');
  // 350 three times, then 340 and 34 are no multiples of 35.
  const working = {
    ...{ 'chunk.0': '350', 'left.0': '2266', 'chunk.1': '350', 'left.1': '1916' },
    ...{ 'chunk.2': '350', 'left.2': '1566', 'chunk.3': '340', 'left.3': '1226' },
    ...{ 'chunk.4': '34', 'left.4': '1192' }
  };
  const { marks } = markItem(item, working);
  assert.deepEqual(
    marks.lines.map(({ awarded }) => awarded),
    [1, 0, 0]
  );
});
