import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { drawItems, schoolIn, WorkedItem } from '../skill';
import { skills } from '../catalogue/all';
import { defaultHouseStyle } from '../house-style';
import type { Value } from '../numbers';
import { ANSWER, sameValue, stepOf, writtenValue } from '../working';
import { blueprintSchema, formsOf, optionsOf } from '.';
import { linesOf, type Constraint } from './model';
import { gapsIn } from './steps';
import type { PartClass } from './part-class';

/** Some items of every skill, drawn under the controls of its ladder. */
const items = skills.flatMap((skill) =>
  skill.ladder.slice(2, 4).flatMap(({ controls }) => {
    const drawn = drawItems(skill, { controls, count: 2, seed: 5 });
    const school = schoolIn(skill, defaultHouseStyle);
    return drawn.ok ? drawn.given.map((given) => ({ skill, given, school })) : [];
  })
);

test('options of a choice differ in value, name what leads to them, and do not give the right one away', () => {
  const places = [0, 0, 0, 0];
  let made = 0;
  for (const { skill, given, school } of items) {
    const worked = new WorkedItem(skill, given, school);
    const step = stepOf(worked.graph, ANSWER);
    for (let seed = 0; seed < 20; seed++) {
      const options = optionsOf(skill, given, school, seed);
      if (!options) continue;
      made++;
      assert.equal(options.length, 4);
      const right = options.filter(({ by }) => by === 'answer');
      assert.equal(right.length, 1);
      places[options.indexOf(right[0]!)]!++;
      const wrong = options.filter((option) => option !== right[0]);
      for (const { by, pattern, text } of wrong) {
        assert.equal(by === 'pattern', pattern !== undefined, text);
        const value = step.reading.parse(text);
        assert.ok(value === undefined || !sameValue(step, value, worked.key.get(ANSWER)), text);
      }
      assert.equal(new Set(options.map(({ text }) => text)).size, 4);
      const lengths = wrong.map(({ text }) => text.length);
      const own = right[0]!.text.length;
      assert.ok(
        own <= Math.max(...lengths) && own >= Math.min(...lengths),
        JSON.stringify(options)
      );
    }
  }
  assert.ok(made > items.length * 10, `only ${made} of ${items.length * 20} choices were made`);
  // Pearson's chi-square with three degrees of freedom: 16.3 is passed by chance once in a thousand (from memory).
  const expected = made / 4;
  const chi = places.reduce((sum, count) => sum + (count - expected) ** 2 / expected, 0);
  assert.ok(chi < 16.3, `${places} gives ${chi}`);
});

test('no option is off by more than the right answer where enough others could be believed', () => {
  let avoided = 0;
  for (const { skill, given, school } of items) {
    const worked = new WorkedItem(skill, given, school);
    const step = stepOf(worked.graph, ANSWER);
    const right = worked.key.get(ANSWER)!;
    const { reading } = step;
    if (!reading.size) continue;
    const isFar = (value: Value) =>
      Math.abs(reading.size!(value) - reading.size!(right)) > Math.abs(reading.size!(right));
    const options = optionsOf(skill, given, school, 3);
    const wrong = Object.keys(skill.schools).flatMap((own) =>
      worked
        .inSchool(own)
        .showing()
        .map(({ answer }) => answer)
    );
    const all = [...wrong, ...reading.near(right)].filter(
      (value) => !sameValue(step, value, right)
    );
    const length = writtenValue(step, right, defaultHouseStyle)!.length;
    const texts = all
      .filter((value) => !isFar(value))
      .map((value) => writtenValue(step, value, defaultHouseStyle)!);
    const alike = new Set(texts.filter((text) => text.length === length));
    if (!options || alike.size < 3) continue;
    for (const { text } of options) {
      const value = reading.parse(text);
      assert.ok(value === undefined || !isFar(value), `${text} beside ${reading.print(right)}`);
    }
    if (all.some(isFar)) avoided++;
  }
  assert.ok(avoided > 5, `only ${avoided} far answers were left out`);
});

test('forms are worth the same in every place, and no item stands twice', () => {
  const count = 6;
  const parts = items.map(({ skill, given, school }) => ({
    ...{ skill: skill.id, given, school },
    hold: []
  }));
  const { forms, short } = formsOf({ parts, count, seed: 7, avoid: [] });
  assert.equal(forms.length, count);
  const seen = new Map(parts.map(({ skill, given }) => [`${skill} ${JSON.stringify(given)}`, -1]));
  const shown = (at: number, given: unknown) => {
    const { skill, school } = items[at]!;
    const worked = new WorkedItem(skill, given, school);
    const marks = worked.scheme.marks.map(({ kind, value }) => `${kind}${value}`);
    const features = skill.measure(given);
    return JSON.stringify([
      marks,
      // What shows of the arithmetic of a problem hangs on its numbers.
      worked
        .showing()
        .map(({ pattern }) => pattern.id)
        .filter((id) => !id.includes('/')),
      skill.decidingFeatures.map((name) => features[name])
    ]);
  };
  for (const [at, part] of parts.entries()) {
    const own = forms.map((form) => form[at]!);
    const versions = short.find((one) => one.part === at)?.versions ?? Infinity;
    for (const [form, { skill, given }] of own.entries()) {
      assert.equal(skill, part.skill);
      assert.equal(shown(at, given), shown(at, part.given), `part ${at} in form ${form}`);
      const key = `${skill} ${JSON.stringify(given)}`;
      if (versions === Infinity) assert.ok(!seen.has(key), `${key} stands twice`);
      seen.set(key, form);
    }
    if (versions < count && versions > 1) {
      own.slice(1).forEach(({ given }, form) => assert.notDeepEqual(given, own[form]!.given));
    }
  }
  assert.ok(short.length < parts.length / 2, `${short.length} of ${parts.length} are short`);
});

/** A small plan over invented classes, for every way to fill it to be tried. */
const aClass = fc.record({
  row: fc.constantFrom('a', 'b'),
  marks: fc.integer({ min: 1, max: 3 }),
  difficulty: fc.constantFrom(-180, -60, 20, 130),
  seconds: fc.constantFrom(20, 45, 90),
  most: fc.integer({ min: 1, max: 2 }),
  isAtHand: fc.boolean()
});
const aPlan = fc.record({
  total: fc.integer({ min: 3, max: 12 }),
  minutes: fc.constantFrom(2, 4, 8),
  easy: fc.constantFrom(0, 0.25, 0.5),
  hard: fc.constantFrom(0.2, 0.5, 1)
});

test('the lines of a plan say of every small paper what the plan says in words', () => {
  const check = fc.property(
    fc.array(aClass, { minLength: 2, maxLength: 5 }),
    aPlan,
    (drawn, asked) => {
      const classes = drawn.map((one): PartClass => ({
        ...{ section: '', skill: null, school: null, patterns: [], spread: null, least: 0 },
        ...{ draw: () => [], ...one }
      }));
      const row = (id: string) => ({
        ...{ id, kind: 'own' as const, own: { marks: 1, minutes: 1, difficulty: 0 } },
        parts: { min: 1, max: 4 }
      });
      const plan = blueprintSchema.parse({
        total: asked.total,
        minutes: { max: asked.minutes },
        difficulty: { easy: { min: asked.easy }, hard: { max: asked.hard } },
        rows: [row('a'), row('b')]
      });
      const lines = linesOf(plan, classes);
      for (const taken of allWays(classes)) {
        const papers = classes.flatMap((one, at) => Array.from({ length: taken[at]! }, () => one));
        assert.equal(
          lines.every((line) => line.constraints.every(holds(taken))),
          isMet(papers)
        );
      }

      function isMet(parts: readonly PartClass[]): boolean {
        const marks = (own: readonly PartClass[]) => own.reduce((sum, one) => sum + one.marks, 0);
        const seconds = parts.reduce((sum, one) => sum + one.seconds, 0);
        const inRow = (id: string) => parts.filter((one) => one.row === id).length;
        return (
          marks(parts) === asked.total &&
          seconds <= 60 * asked.minutes &&
          marks(parts.filter((one) => one.difficulty < -100)) >= asked.easy * asked.total - 1e-9 &&
          marks(parts.filter((one) => one.difficulty > 100)) <= asked.hard * asked.total + 1e-9 &&
          ['a', 'b'].every((id) => inRow(id) >= 1 && inRow(id) <= 4)
        );
      }
    }
  );
  fc.assert(check, { numRuns: 150 });
});

const holds =
  (taken: readonly number[]) =>
  ({ counts, bounds: { min = -Infinity, max = Infinity } }: Constraint): boolean => {
    const sum = counts.reduce((total, count, at) => total + count * taken[at]!, 0);
    return sum >= min && sum <= max;
  };

/** Every number of each class up to what there is. */
function* allWays(classes: readonly PartClass[]): Generator<number[]> {
  const [first, ...rest] = classes;
  if (!first) {
    yield [];
    return;
  }
  for (let count = 0; count <= first.most; count++) {
    for (const others of allWays(rest)) yield [count, ...others];
  }
}

test('a gap is between parts of one section that follow each other, further apart than a step', () => {
  const one = (section: string, difficulty: number) => ({ section, difficulty }) as PartClass;
  const classes = [one('A', -100), one('A', 0), one('A', 90), one('B', 200), one('A', 50)];
  assert.deepEqual(gapsIn(classes, [1, 1, 1, 1, 0], 0.9), [
    { section: 'A', below: -100, above: 0 }
  ]);
  assert.deepEqual(gapsIn(classes, [1, 1, 1, 1, 0], 1), []);
  assert.deepEqual(gapsIn(classes, [1, 0, 1, 1, 1], 1.4).length, 1);
});

test('a plan that contradicts itself is refused where it does', () => {
  const row = { id: 'a', skills: ['column-addition'], kind: 'bare' };
  const plan = { total: 10, rows: [row] };
  assert.ok(blueprintSchema.safeParse(plan).success);
  for (const [wrong, path] of [
    [{ ...plan, rows: [{ ...row, parts: { min: 3, max: 2 } }] }, 'rows.0.parts'],
    [{ ...plan, rows: [row, row] }, 'rows'],
    [{ ...plan, rows: [{ ...row, section: 'B' }] }, 'rows'],
    [{ ...plan, rows: [{ ...row, kind: 'own' }] }, 'rows.0.own'],
    [{ ...plan, rows: [{ ...row, school: 'counting-rods' }] }, 'rows.0.school'],
    [{ ...plan, difficulty: { easy: { min: 1.5 } } }, 'difficulty.easy.min'],
    [{ ...plan, keep: [{ row: 'z', skill: 'column-addition', given: {} }] }, 'keep']
  ] as const) {
    const read = blueprintSchema.safeParse(wrong);
    assert.ok(!read.success, path);
    assert.equal(read.error.issues[0]!.path.join('.'), path);
  }
});
