import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import '../catalogue/all';
import { defaultHouseStyle } from '../house-style';
import { patternKey } from '../skill';
import {
  needsOf,
  resultsOf,
  withdrawals,
  type MarkedOutcome,
  type MarkedScript,
  type SatPart
} from '.';

const ADDITION = 'column-addition';
const SUBTRACTION = 'column-subtraction';
const DROPPED = patternKey(ADDITION, 'carry-dropped');
const SMALLER = patternKey(SUBTRACTION, 'smaller-from-larger');

/** A part worth so many marks, on which nothing is known to go wrong. */
function part(
  number: number,
  marks: number,
  more: Partial<SatPart> & { skill?: string } = {}
): SatPart {
  const { skill = ADDITION, ...rest } = more;
  return {
    ...{ id: 100 + number, number, label: String(number), withdrawn: 'no' },
    scheme: {
      showWorking: false,
      marks: [{ id: 'B1', kind: 'B', value: marks, steps: ['answer'], own: 'cao' }]
    },
    item: { skill, school: 'columns', prompt: '', answer: '', errorPatterns: [] },
    ...rest
  };
}

/** What marking made of a part: so many of so many marks, the patterns that could show and those that did. */
const outcome = (
  awarded: number,
  available: number,
  couldShow: readonly string[] = [],
  didShow: readonly string[] = []
): MarkedOutcome => ({
  ...{ awarded, proposed: awarded, available, couldShow, didShow, flags: [] },
  ...{ verdict: awarded === available ? 'correct' : 'slip', attempt: 'written', comment: '' }
});

const script = (
  id: number,
  outcomes: MarkedScript['outcomes'],
  more: Partial<MarkedScript> = {}
): MarkedScript => ({
  ...{ id, sittingId: 1, form: '', name: `Pupil ${id}`, isAbsent: false, changed: 0, outcomes },
  ...more
});

const results = (parts: readonly SatPart[], scripts: readonly MarkedScript[]) =>
  resultsOf(parts, scripts, defaultHouseStyle);

/*
 * Two parts of addition (2 and 1 marks) and one of subtraction (3 marks). By hand:
 * 1 has 2 + 1 + 3, 2 has 1 + nothing yet + 0, 3 was away.
 * Facility: part 1 3/4, part 2 1/1, part 3 3/6; addition (2 + 1 + 1) / (2 + 1 + 2) = 4/5, subtraction 3/6.
 */
const threeParts = [part(1, 2), part(2, 1), part(3, 3, { skill: SUBTRACTION })];
const threePupils = [
  script(1, [outcome(2, 2), outcome(1, 1), outcome(3, 3)], { changed: 1 }),
  script(2, [outcome(1, 2), null, outcome(0, 3)]),
  script(3, [null, null, null], { isAbsent: true })
];

test('totals, facilities and what is complete are those of a class worked by hand', () => {
  const { items, skills, pupils, available } = results(threeParts, threePupils);
  assert.equal(available, 6);
  assert.deepEqual(
    pupils.map(({ total, isComplete, changed }) => [total, isComplete, changed]),
    [
      [6, true, 1],
      [1, false, 0],
      [0, true, 0]
    ]
  );
  assert.deepEqual(
    items.map(({ facility }) => facility),
    [0.75, 1, 0.5]
  );
  assert.deepEqual(
    skills.map(({ skill, items, available, facility }) => [skill, items, available, facility]),
    [
      [ADDITION, 2, 3, 0.8],
      [SUBTRACTION, 1, 3, 0.5]
    ]
  );
});

test('a withdrawn part is left out, or gives all its marks to everyone who was there, marked or not', () => {
  const under = (withdrawn: SatPart['withdrawn']) => {
    const parts = threeParts.map((one, at) => (at === 1 ? { ...one, withdrawn } : one));
    const { pupils, available, items } = results(parts, threePupils);
    return [available, items[1]!.facility, ...pupils.map(({ total }) => total)];
  };
  assert.deepEqual(under('no'), [6, 1, 6, 1, 0]);
  assert.deepEqual(under('full-marks'), [6, 1, 6, 2, 0]);
  assert.deepEqual(under('left-out'), [5, null, 5, 1, 0]);
});

test('a pattern is counted where it could show and did, and named with its skill where there are several', () => {
  const parts = [
    part(1, 1, {
      item: { ...part(1, 1).item, errorPatterns: [{ id: 'carry-dropped', title: '', answer: '' }] }
    }),
    ...Array.from({ length: 3 }, (_, at) => part(2 + at, 1))
  ];
  const dropping = outcome(0, 1, [DROPPED], [DROPPED]);
  const right = outcome(1, 1, [DROPPED]);
  const class7 = [
    script(1, [dropping, dropping, dropping, dropping]),
    script(2, [right, right, dropping, null]),
    script(3, [right, right, right, right])
  ];
  const { patterns } = results(parts, class7);
  assert.equal(patterns.length, 1);
  const [dropped] = patterns;
  // Eleven outcomes could show it, four and one did; only the first pupil holds it.
  assert.deepEqual([dropped!.could, dropped!.did, dropped!.pupils], [11, 5, 1]);
  assert.equal(dropped!.label, dropped!.title);
  const two = results([...parts, part(9, 1, { skill: SUBTRACTION })], class7).patterns[0]!;
  assert.equal(two.label, `${two.title} (column addition)`);
  // One that an item names is told even where nobody was marked.
  assert.deepEqual(
    results(parts, []).patterns.map(({ id, could, did }) => [id, could, did]),
    [['carry-dropped', 0, 0]]
  );
});

test('whatever the marks, each figure is what a list of them gives', () => {
  const aPart = fc.record({
    marks: fc.integer({ min: 1, max: 4 }),
    withdrawn: fc.constantFrom(...withdrawals),
    skill: fc.constantFrom(ADDITION, SUBTRACTION)
  });
  const aClass = fc.array(aPart, { minLength: 1, maxLength: 5 }).chain((parts) =>
    fc.record({
      parts: fc.constant(parts),
      scripts: fc.array(
        fc.record({
          isAbsent: fc.boolean(),
          awarded: fc.tuple(
            ...parts.map(({ marks }) => fc.option(fc.integer({ min: 0, max: marks })))
          )
        }),
        { maxLength: 5 }
      )
    })
  );
  fc.assert(
    fc.property(aClass, ({ parts, scripts }) => {
      const all = parts.map(({ marks, ...more }, at) => part(at + 1, marks, more));
      const found = results(
        all,
        scripts.map(({ isAbsent, awarded }, at) =>
          script(
            at,
            // Nothing is kept of who was away.
            awarded.map((own, place) =>
              own === null || isAbsent ? null : outcome(own, parts[place]!.marks)
            ),
            { isAbsent }
          )
        )
      );
      const worth = (at: number) => (parts[at]!.withdrawn === 'left-out' ? 0 : parts[at]!.marks);
      /** What a script has of a part as it counts; undefined where it counts nothing. */
      const has = ({ isAbsent, awarded }: (typeof scripts)[number], at: number) => {
        if (isAbsent) return undefined;
        if (parts[at]!.withdrawn !== 'no') return worth(at);
        return awarded[at] ?? undefined;
      };
      const share = (places: readonly number[]) => {
        let [got, of] = [0, 0];
        for (const one of scripts) {
          for (const at of places) {
            const own = has(one, at);
            if (own === undefined) continue;
            got += own;
            of += worth(at);
          }
        }
        return of === 0 ? null : got / of;
      };
      const places = [...parts.keys()];
      assert.equal(
        found.available,
        places.reduce((sum, at) => sum + worth(at), 0)
      );
      found.pupils.forEach(({ total, isComplete }, at) => {
        const own = places.map((place) => has(scripts[at]!, place));
        assert.equal(
          total,
          own.reduce<number>((sum, marks) => sum + (marks ?? 0), 0)
        );
        assert.equal(isComplete, scripts[at]!.isAbsent || own.every((one) => one !== undefined));
      });
      found.items.forEach(({ facility }, at) => assert.equal(facility, share([at])));
      for (const { skill, facility } of found.skills) {
        assert.equal(facility, share(places.filter((at) => parts[at]!.skill === skill)));
      }
    }),
    { seed: 1852 }
  );
});

test('practice is against what a quarter of the pupils hold, the commonest first, three at most', () => {
  const parts = [
    ...Array.from({ length: 4 }, (_, at) => part(1 + at, 1)),
    ...Array.from({ length: 4 }, (_, at) => part(5 + at, 1, { skill: SUBTRACTION }))
  ];
  const holding = (did: boolean, pattern: string) =>
    Array.from({ length: 4 }, () => outcome(did ? 0 : 1, 1, [pattern], did ? [pattern] : []));
  const pupil = (id: number, dropped: boolean, smaller: boolean) =>
    script(id, [...holding(dropped, DROPPED), ...holding(smaller, SMALLER)]);
  const needs = (...pupils: MarkedScript[]) => {
    const found = results(parts, pupils);
    return needsOf(found, found.pupils).map(({ pattern }) => pattern);
  };
  const sound = (id: number) => pupil(id, false, false);
  assert.deepEqual(needs(pupil(1, true, true), pupil(2, false, true)), [
    'smaller-from-larger',
    'carry-dropped'
  ]);
  assert.deepEqual(needs(pupil(1, true, false), sound(2), sound(3), sound(4)), ['carry-dropped']);
  // One of five is less than a quarter, and all that the skill lost is within what is secure.
  assert.deepEqual(needs(pupil(1, true, false), sound(2), sound(3), sound(4), sound(5)), []);
});

test('where no pattern stands out, practice is in the skills of which least was earned, if that is below seven tenths', () => {
  const parts = [part(1, 10), part(2, 10, { skill: SUBTRACTION })];
  const needs = (addition: number, subtraction: number) => {
    const pupils = [script(1, [outcome(addition, 10), outcome(subtraction, 10)])];
    const found = results(parts, pupils);
    return needsOf(found, found.pupils).map(({ skill }) => skill);
  };
  assert.deepEqual(needs(6, 5), [SUBTRACTION, ADDITION]);
  assert.deepEqual(needs(6, 7), [ADDITION]);
  assert.deepEqual(needs(7, 7), []);
  const found = results(parts, [script(1, [null, null])]);
  assert.deepEqual(needsOf(found, found.pupils), []);
});

test('answers that are left in another form throughout are told as something that goes wrong steadily', () => {
  const parts = [1, 2, 3, 4, 5, 6].map((number) => part(number, 2));
  const unfinished = { ...outcome(0, 2, [DROPPED]), verdict: 'correct' };
  const of = (missesForm: boolean) => {
    const outcomes = parts.map(() => ({ ...unfinished, ...(missesForm && { missesForm }) }));
    return results(parts, [script(1, outcomes)]).pupils[0]!.unknown;
  };
  assert.deepEqual(of(true), ['1', '2', '3', '4', '5', '6']);
  assert.deepEqual(of(false), []);
});

test('under a scheme that was changed since, no part earns more than it is worth now', () => {
  // Marked when each part was worth 4: now the first is worth 3, the second 5.
  const parts = [part(1, 3), part(2, 5)];
  const { pupils, items } = results(parts, [script(1, [outcome(4, 4), outcome(4, 4)])]);
  assert.equal(pupils[0]!.total, 3 + 4);
  assert.deepEqual(
    pupils[0]!.outcomes.map((one) => [one!.awarded, one!.available]),
    [
      [3, 3],
      [4, 5]
    ]
  );
  assert.deepEqual(
    items.map(({ facility }) => facility),
    [1, 4 / 5]
  );
});
