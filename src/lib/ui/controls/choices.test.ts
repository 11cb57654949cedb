import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { readControls, type Control } from '@zealous-quill/core/skill';
import { skills } from '@zealous-quill/core/catalogue/all';
import { choicesOf, controlText, endOf, isChosen, press, withControl, withEnd } from './choices';

test('a second square spans a range, the only one asked is let go, another starts anew', () => {
  assert.deepEqual(press(undefined, 2), 2);
  assert.deepEqual(press(2, 5), { min: 2, max: 5 });
  assert.deepEqual(press(5, 2), { min: 2, max: 5 });
  assert.equal(press(2, 2), undefined);
  assert.equal(press({ min: 2, max: 5 }, 3), 3);
  assert.equal(press(true, true), undefined);
  assert.equal(press(true, false), false);
  assert.deepEqual(press(['a'], ['b']), ['a', 'b']);
  assert.equal(press(['a'], ['a']), undefined);
  assert.deepEqual(press({ allow: [5] }, { allow: [2] }), { allow: [2, 5] });
});

test('whatever is pressed, the skill can read it, and it has words', () => {
  for (const skill of skills) {
    for (const feature of skill.features) {
      const choices = choicesOf(feature);
      const presses = fc.array(fc.nat({ max: choices.length - 1 }), { maxLength: 6 });
      fc.assert(
        fc.property(presses, (at) => {
          const control = at.reduce<Control | undefined>(
            (asked, index) => press(asked, choices[index]!.control),
            undefined
          );
          const controls = withControl({}, feature.id, control);
          assert.ok(readControls(skill.features, controls, { isNew: true }).ok);
          if (control === undefined) return;
          assert.ok(controlText(control).length > 0);
          assert.ok(choices.some((choice) => isChosen(control, choice.control)));
        }),
        { numRuns: 40 }
      );
    }
  }
});

test('typed ends stay within the limits and in order; an empty end is open', () => {
  const limits = { min: -30, max: 30 };
  fc.assert(
    fc.property(
      fc.array(
        fc.tuple(
          fc.constantFrom('min' as const, 'max' as const),
          fc.integer({ min: -60, max: 60 })
        ),
        { maxLength: 6 }
      ),
      (typed) => {
        const control = typed.reduce<Control | undefined>(
          (asked, [end, value]) => withEnd(limits, asked, end, String(value)),
          undefined
        );
        const [low, high] = [endOf(control, 'min') ?? -30, endOf(control, 'max') ?? 30];
        assert.ok(low >= -30 && high <= 30 && low <= high);
      }
    )
  );
  assert.equal(withEnd(limits, { min: 3 }, 'min', ''), undefined);
});
