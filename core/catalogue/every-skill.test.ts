import assert from 'node:assert/strict';
import { readdirSync } from 'node:fs';
import { test } from 'node:test';
import fc from 'fast-check';
import { defaultHouseStyle, houseStyleSchema, type HouseStyle } from '../house-style';
import {
  ANSWER,
  cellOf,
  gapSteps,
  isModelled,
  isShown,
  liveSteps,
  modelledTexts,
  pictureOf
} from '../working';
import {
  analyseItem,
  explainEmpty,
  itemsUnder,
  patternsIn,
  readControls,
  schoolIn,
  Wanted,
  WorkedItem,
  type Skill
} from '../skill';
import { cards, describeSkill } from '.';
import { forItems, itemsOf, itemsShowing, rungsOf, schoolsOf, skills } from './skills.test-helper';

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
  yield {
    ...{ ...defaultHouseStyle, blankPlaces: 'open', longDivision: 'right', placeholder: 'open' },
    ...{ remainder: 'fraction', divisionAsked: 'bar', timesSign: 'dot', divideSign: 'colon' }
  };
  yield {
    ...{ ...defaultHouseStyle, headings: 'none', longDivision: 'right', placeholder: 'cross' },
    ...{ remainder: 'decimal', divisionAsked: 'bus-stop', divideSign: 'slash' }
  };
}

/** An item of each rung in each school, under every house style that changes its sheet or its sentences. */
function inEveryStyle(check: (item: WorkedItem, style: HouseStyle) => void): void {
  for (const skill of skills) {
    for (const given of itemsOf(skill, 7).filter((_, at) => at % 4 === 0)) {
      for (const school of schoolsOf(skill)) {
        const item = new WorkedItem(skill, given, school);
        for (const style of houseStyles()) check(item, style);
      }
    }
  }
}

test('a card says of a skill what the skill says of itself', () => {
  for (const [at, skill] of skills.entries()) {
    const { id, family, title, example, schools, operation, way, words } = skill;
    assert.deepEqual(cards[at], {
      ...{ id, family, title, example, schools, words },
      ...(operation && { operation }),
      ...(way && { way })
    });
    assert.equal(operation !== undefined, skill.given.from !== undefined, id);
  }
});

test('the folder of a skill keeps the items that a seed gives', () => {
  const folder = new URL('../skills', import.meta.url);
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' });
  for (const { id, family } of skills) assert.ok(files.includes(`${family}/${id}/golden.test.ts`));
});

test('an item printed on one line is read back, and so is its example', () => {
  for (const { given, example } of skills) assert.notEqual(given.parse(example), undefined);
  forItems(({ skill: { given: form }, given }) => {
    assert.deepEqual(form.parse(form.print(given)), given);
    assert.ok(form.schema.safeParse(given).success);
    assert.equal(form.parse(`${form.print(given)} and more`), undefined);
    // What more is given than the numbers, a base, is chosen for them.
    if (form.from) {
      const operands = form.operands!(given);
      assert.deepEqual(form.operands!(form.from(operands)!), operands);
    }
  });
});

test('steps use only earlier steps and ask for nothing else; the values printed are read back', () => {
  forItems(({ graph, key }) => {
    graph.steps.forEach((step, at) => {
      const earlier = graph.steps.slice(0, at).map(({ id }) => id);
      assert.ok(
        step.uses.every((used) => earlier.includes(used)),
        step.id
      );
      const ask = (id: string) => {
        assert.ok(step.uses.includes(id), `${step.id} asks for ${id}`);
        return key.get(id);
      };
      const value = key.get(step.id)!;
      assert.ok(step.reading.equal(step.rule(ask)!, value));
      step.accepts?.(value, ask);
      assert.ok(step.reading.equal(step.reading.parse(step.reading.print(value))!, value));
      assert.ok(step.reading.near(value).every((near) => !step.reading.equal(near, value)));
    });
    assert.equal(graph.steps.at(-1)!.id, ANSWER);
    assert.equal(liveSteps(graph, key).at(-1)!.length, 0);
  });
});

test('the rules of patterns ask only for the steps they declare', () => {
  forItems((item) => {
    for (const pattern of patternsIn(item.skill, item.school)) {
      const replaced = pattern.instead(item.given, item.graph, item.school) ?? {};
      for (const [id, { uses, rule }] of Object.entries(replaced)) {
        rule((asked) => {
          assert.ok(uses.includes(asked), `${pattern.id} ${id} asks for ${asked}`);
          return item.key.get(asked);
        });
      }
    }
  }, 2);
});

test('every written step has a square on the sheet, under every house style, and none hangs over the edge', () => {
  inEveryStyle((item, style) => {
    const layout = item.layout(style);
    for (const step of item.graph.steps.filter((one) => isShown(one, item.key.get(one.id)))) {
      assert.ok(
        step.assembled || step.id === ANSWER || cellOf(layout, step.id),
        `${item.skill.id} ${step.id}`
      );
    }
    for (const { x, y, size, width = size } of layout.cells) {
      assert.ok(
        x >= -0.1 && y >= 0 && x + width <= layout.width && y + size <= layout.height + 0.01
      );
    }
    const full = layout.cells.filter((cell) => cell.size === 1).map(({ x, y }) => `${x},${y}`);
    assert.equal(new Set(full).size, full.length, 'two full squares in one place');
  });
});

test('there is a sentence for every step, a title for every feature, pattern and school', () => {
  inEveryStyle((item, style) => {
    const { skill, graph, key } = item;
    assert.match(skill.prompt(item.given, style), /[.?]$/);
    for (const step of graph.steps.filter((one) => isModelled(one, key.get(one.id)))) {
      const sentence = item.explain(step, style);
      assert.match(sentence, /^[^a-wyz].{3,}[.…]$/, `${skill.id} ${step.id}`);
      for (const text of [item.label(step, style), sentence]) {
        assert.ok(text.length > 2 && !/undefined|NaN|\.\d+$/.test(text), text);
      }
    }
  });
  for (const skill of skills) {
    for (const style of houseStyles()) {
      const { features, patterns, schools } = describeSkill(skill, style);
      const titles = [...features, ...patterns].map(({ title }) => title);
      assert.ok([...titles, ...Object.values(schools)].every((title) => /^[A-Z]./.test(title)));
      for (const list of [features, patterns]) {
        assert.equal(new Set(list.map(({ title }) => title)).size, list.length);
      }
    }
  }
});

test('a department works a skill in the school it chose, else in the usual one', () => {
  for (const skill of skills) {
    for (const school of schoolsOf(skill)) {
      const style = { ...defaultHouseStyle, methods: { [skill.id]: school } };
      assert.equal(schoolIn(skill, style), school);
      const [given] = itemsOf(skill, 3);
      assert.equal(analyseItem(skill, given, { style }).school, school);
    }
    const odd = { methods: { [skill.id]: 'constructor' } };
    assert.equal(schoolIn(skill, odd), schoolsOf(skill)[0]);
  }
});

test('patterns show on some items drawn under the controls they name', () => {
  for (const skill of skills) {
    const school = schoolsOf(skill)[0]!;
    for (const pattern of patternsIn(skill, school)) {
      const shows = itemsShowing(skill, 5)
        .get(pattern.id)!
        .some((given) =>
          new WorkedItem(skill, given, school).showing().some((shown) => shown.pattern === pattern)
        );
      assert.ok(shows, `${skill.id} ${pattern.id}`);
    }
  }
});

/** Skills whose whole space is walked for each count: too slow for many random requests. */
const isQuick = ({ id }: Skill) => id !== 'long-multiplication' && id !== 'double-and-halve';

test('existence agrees with counting on random controls, and conflicts offer what works', () => {
  let empty = 0;
  for (const skill of skills.filter(isQuick)) {
    const numbers = skill.features.filter((feature) => feature.kind === 'number');
    const control = fc
      .constantFrom(...numbers)
      .chain(({ id, min, max }) =>
        fc.tuple(fc.constant(id), fc.integer({ min, max: Math.min(max, min + 9) }))
      );
    let [some, none] = [0, 0];
    fc.assert(
      fc.property(fc.array(control, { maxLength: 3 }), (chosen) => {
        const controls = Object.fromEntries(chosen);
        const space = itemsUnder(skill, controls);
        const { isEmpty } = space;
        assert.equal(isEmpty, space.count === 0n);
        if (isEmpty) none++;
        else some++;
        const { conflict, nearest } = isEmpty
          ? explainEmpty(skill, controls)
          : { conflict: [], nearest: {} };
        assert.equal(conflict.length > 0, isEmpty);
        assert.ok(conflict.every((name) => name in controls));
        for (const [name, value] of Object.entries(nearest)) {
          assert.ok(!itemsUnder(skill, { ...controls, [name]: value }).isEmpty, `${name} ${value}`);
        }
      }),
      { numRuns: 8, seed: 4, endOnFailure: true }
    );
    assert.ok(some > 0, skill.id);
    empty += none;
  }
  assert.ok(empty > 40, `only ${empty} empty requests`);
});

test('ladder rungs tell which marks, difficulties and times they hold, as many as they count', () => {
  for (const skill of skills) {
    const { controls } = skill.ladder.find(({ kind }) => kind === 'set-out')!;
    const read = readControls(skill.features, controls);
    assert.ok(read.ok);
    const wanted = new Wanted(skill.features, read.constraints);
    const space = skill.items(wanted);
    const told = space.combinations(skill.decidingFeatures);
    assert.equal(
      told.reduce((sum, { count }) => sum + count, 0n),
      space.count
    );
    assert.ok(told.every(({ features }) => wanted.meets(features)));
    const { items } = rungsOf(skill, 11).find(({ kind }) => kind === 'set-out')!;
    for (const given of items.slice(0, 2)) {
      const features = skill.measure(given);
      assert.ok(
        told.some((one) =>
          skill.decidingFeatures.every(
            (name) => String(one.features[name]) === String(features[name])
          )
        ),
        `${skill.id} ${skill.given.print(given)}`
      );
    }
  }
});

test('gaps leave something to do and something to start from; a picture fills what is known', () => {
  forItems((item) => {
    const gaps = gapSteps(item.graph, item.key);
    const written = Object.keys(modelledTexts(item.graph, item.key));
    // What is known by heart has no step but its answer.
    assert.ok(gaps.has(ANSWER) && (gaps.size < written.length || written.length === 1));
    const texts = Object.fromEntries(written.map((id) => [id, '7']));
    const layout = item.layout(defaultHouseStyle);
    const filled = pictureOf(layout, texts).marks.filter(({ text }) => text === '7').length;
    assert.ok(filled >= written.filter((id) => cellOf(layout, id)).length);
  }, 2);
});
