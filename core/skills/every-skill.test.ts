import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { defaultHouseStyle, houseStyleSchema, type HouseStyle } from '../house-style';
import {
  ANSWER,
  cellOf,
  evaluate,
  gapSteps,
  isModelled,
  isShown,
  liveSteps,
  modelledTexts,
  pictureOf
} from '../working';
import { drawItems, explainEmpty, patternsIn, schoolOf, showingPatterns, skills } from '.';
import { forItems, itemsOf } from './every-skill.test-helper';

/** What holds of every skill in the registry, whatever it is about. */

/** Every combination of what changes a sheet or a sentence. */
function* houseStyles(): Generator<HouseStyle> {
  const { firstPlace, takingTen, carryPosition, answerRules, headings } = houseStyleSchema.shape;
  for (const place of firstPlace.def.innerType.options)
    for (const taking of takingTen.def.innerType.options)
      for (const carry of carryPosition.def.innerType.options)
        for (const rules of answerRules.def.innerType.options)
          for (const over of headings.def.innerType.options)
            yield {
              ...defaultHouseStyle,
              firstPlace: place,
              takingTen: taking,
              carryPosition: carry,
              answerRules: rules,
              headings: over
            };
}

test('an item printed on one line is read back, and so is its example', () => {
  for (const skill of skills) assert.notEqual(skill.parse(skill.words.example), undefined);
  forItems((skill, given) => {
    assert.deepEqual(skill.parse(skill.print(given)), given);
    assert.ok(skill.given.safeParse(given).success);
    assert.equal(skill.parse(`${skill.print(given)} and more`), undefined);
    const { strategy } = skill;
    if (strategy) assert.deepEqual(strategy.given(strategy.operands(given)), given);
  });
});

test('steps use only earlier steps, and the values that are printed are read back', () => {
  forItems((skill, given, school) => {
    const graph = skill.graph(given, school);
    const values = evaluate(graph);
    graph.steps.forEach((step, at) => {
      const earlier = graph.steps.slice(0, at).map(({ id }) => id);
      assert.ok(
        step.uses.every((used) => earlier.includes(used)),
        step.id
      );
      const value = values.get(step.id)!;
      assert.ok(step.reading.equal(step.reading.parse(step.reading.print(value))!, value));
      assert.ok(step.reading.near(value).every((near) => !step.reading.equal(near, value)));
    });
    assert.equal(graph.steps.at(-1)!.id, ANSWER);
    assert.equal(liveSteps(graph, values).at(-1)!.length, 0);
  });
});

test('every written step has a square on the sheet, under every house style, and none hangs over the edge', () => {
  for (const skill of skills) {
    const [given] = itemsOf(skill, 7);
    for (const style of houseStyles()) {
      for (const school of skill.schools) {
        const graph = skill.graph(given, school);
        const values = evaluate(graph);
        const layout = skill.layout(given, school, style);
        for (const step of graph.steps.filter((one) => isShown(one, values.get(one.id)))) {
          assert.ok(step.id === ANSWER || cellOf(layout, step.id), `${skill.id} ${step.id}`);
        }
        for (const { x, y, size, width = size } of layout.cells) {
          assert.ok(
            x >= -0.1 && y >= 0 && x + width <= layout.width && y + size <= layout.height + 0.01
          );
        }
        const full = layout.cells.filter((cell) => cell.size === 1).map(({ x, y }) => `${x},${y}`);
        assert.equal(new Set(full).size, full.length, 'two full squares in one place');
      }
    }
  }
});

test('there is a sentence for every step, a title for every feature, pattern and school', () => {
  for (const skill of skills) {
    const [given] = itemsOf(skill, 3);
    for (const style of houseStyles()) {
      assert.ok(skill.schools.includes(schoolOf(skill, style)));
      assert.ok(skill.words.prompt(given, style).endsWith('.'));
      for (const school of skill.schools) {
        const graph = skill.graph(given, school);
        const values = evaluate(graph);
        for (const step of graph.steps.filter((one) => isModelled(one, values.get(one.id)))) {
          for (const text of [
            skill.words.label(step, style),
            skill.words.explain(given, step, values, style)
          ]) {
            assert.ok(text.length > 2 && !/undefined|NaN/.test(text), text);
          }
        }
      }
    }
    assert.deepEqual(
      Object.keys(skill.words.features),
      skill.features.map(({ id }) => id)
    );
    assert.deepEqual(
      Object.keys(skill.words.errorPatterns),
      skill.errorPatterns.map(({ id }) => id)
    );
    if (skill.schools.length > 1)
      assert.deepEqual(Object.keys(skill.words.schools!), [...skill.schools]);
  }
});

test('patterns show on some items drawn under the controls they name', () => {
  for (const skill of skills) {
    for (const pattern of patternsIn(skill, skill.schools[0]!)) {
      const drawn = drawItems(skill, { controls: pattern.shownBy, count: 40, seed: 5 });
      assert.ok(drawn.ok, pattern.id);
      const shows = drawn.given.some((given) =>
        showingPatterns(skill, given, skill.schools[0]!).some(
          (shown) => shown.pattern.id === pattern.id
        )
      );
      assert.ok(shows, `${skill.id} ${pattern.id}`);
    }
  }
});

test('existence agrees with counting on random controls, and conflicts offer what works', () => {
  for (const skill of skills.filter(({ id }) => id !== 'long-multiplication')) {
    const numbers = skill.features.filter((feature) => feature.kind === 'number');
    const control = fc
      .constantFrom(...numbers)
      .chain(({ id, min, max }) =>
        fc.tuple(fc.constant(id), fc.integer({ min, max: Math.min(max, min + 9) }))
      );
    fc.assert(
      fc.property(fc.array(control, { maxLength: 3 }), (chosen) => {
        const controls = Object.fromEntries(chosen);
        const constraints = Object.fromEntries(
          chosen.map(([id, value]) => [id, { min: value, max: value }])
        );
        const count = skill.count(constraints);
        assert.equal(skill.exists(constraints), count > 0n);
        if (count > 0n) return;
        const { conflict, nearest } = explainEmpty(skill, controls);
        assert.ok(conflict.length > 0 && conflict.every((name) => name in controls));
        for (const [name, value] of Object.entries(nearest)) {
          const tried = { ...constraints, [name]: { min: value as number, max: value as number } };
          assert.ok(skill.exists(tried), `${name} ${value}`);
        }
      }),
      { numRuns: 25, endOnFailure: true }
    );
  }
});

test('gaps leave something to do and something to start from; a picture fills what is known', () => {
  forItems((skill, given, school) => {
    const graph = skill.graph(given, school);
    const values = evaluate(graph);
    const gaps = gapSteps(graph, values);
    const written = Object.keys(modelledTexts(graph, values));
    assert.ok(gaps.has(ANSWER) && gaps.size < written.length);
    const texts = Object.fromEntries(written.map((id) => [id, '7']));
    const layout = skill.layout(given, school, defaultHouseStyle);
    const filled = pictureOf(layout, texts).marks.filter(({ text }) => text === '7').length;
    assert.ok(filled >= written.filter((id) => cellOf(layout, id)).length);
  }, 2);
});
