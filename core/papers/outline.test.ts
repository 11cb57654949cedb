import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import '../catalogue/all';
import { availableMarks } from '../schemes';
import { skillOf } from '../skill';
import { listAsCsv, listAsText } from '../exchange';
import { defaultHouseStyle, secondsOnPaper, usualTiming } from '../house-style';
import { factsIn, factsKey, factsOf, schemeOf } from './facts';
import { isMarked, rungKinds, spreadCount, unmarkedKinds, workingKinds } from './kinds';
import { outline, outlineFrom } from './outline';
import { problemsIn } from './problems';
import { snapshotOf } from './snapshot';
import { startLadder } from './start';
import { rungWords } from './words';
import type { Paper } from './paper';

const paper = startLadder('column-addition', 'Lantern counts', { seed: 11 });
const entries = paper.rungs.flatMap((rung) => rung.items.map((entry) => ({ rung, entry })));

test('items are numbered through the paper; those done together have no marks', () => {
  const { items, marks, minutes } = outline(paper, defaultHouseStyle);
  assert.deepEqual(
    items.map(({ number, entry }) => [number, entry.id]),
    entries.map(({ entry }, at) => [at + 1, entry.id])
  );
  let [all, seconds] = [0, 0];
  for (const { rung, entry } of entries) {
    const facts = factsOf(rung, entry);
    const kind = workingKinds.includes(rung.kind) ? 'set-out' : 'bare';
    seconds += secondsOnPaper({ kind, seconds: facts.seconds }, usualTiming);
    if (!unmarkedKinds.includes(rung.kind)) all += availableMarks(schemeOf(rung, entry));
  }
  assert.deepEqual([marks, minutes], [all, Math.ceil(seconds / 60)]);
  assert.ok(items.every((one) => one.marks > 0 === isMarked(one.rung)));
});

test('a scheme of its own counts in the place of the skill’s; what is not known yet is left out', () => {
  const scheme = schemeOf(entries.at(-1)!.rung, entries.at(-1)!.entry);
  const twice = {
    ...scheme,
    marks: scheme.marks.map((mark) => ({ ...mark, value: 2 * mark.value }))
  };
  const last = paper.rungs.length - 1;
  const changed: Paper = {
    ...paper,
    rungs: paper.rungs.map((rung, at) =>
      at === last ? { ...rung, items: rung.items.map((one) => ({ ...one, scheme: twice })) } : rung
    )
  };
  const more = paper.rungs[last]!.items.length * availableMarks(scheme);
  assert.equal(
    outline(changed, defaultHouseStyle).marks,
    outline(paper, defaultHouseStyle).marks + more
  );
  const known = factsIn(paper);
  const patternIds = (id: string) => skillOf(id).patterns.map((pattern) => pattern.id);
  fc.assert(
    fc.property(fc.subarray(entries), (some) => {
      const keys = new Set(some.map(({ rung, entry }) => factsKey(rung, entry)));
      const facts = Object.fromEntries(Object.entries(known).filter(([key]) => keys.has(key)));
      const { items } = outlineFrom(paper, facts, { patternIds, timing: usualTiming });
      assert.deepEqual(
        items.map(({ number }) => number),
        entries.flatMap(({ rung, entry }, at) => (keys.has(factsKey(rung, entry)) ? at + 1 : []))
      );
    })
  );
  assert.deepEqual(factsIn(paper, { known: new Set(Object.keys(known)) }), {});
});

test('what the skill cannot read of a paper is named by its place', () => {
  assert.deepEqual(problemsIn(paper), []);
  const [first, ...rest] = paper.rungs;
  const odd: Paper = {
    ...paper,
    rungs: [
      {
        ...first!,
        controls: { carries: true, lanterns: 1 },
        spread: { feature: 'digits', parts: [{ control: 99, count: first!.count }] },
        items: first!.items.map((item) => ({ ...item, given: { addends: ['1', 'x'] } }))
      },
      ...rest
    ]
  };
  const places = problemsIn(odd).map(({ path }) => path.join('.'));
  assert.deepEqual(places, [
    'rungs.0.controls.carries',
    'rungs.0.spread.parts.0.digits',
    ...first!.items.map((_, at) => `rungs.0.items.${at}.given`)
  ]);
});

test('every kind of rung has a title and says what to do, and a spread counts its parts', () => {
  for (const kind of rungKinds) {
    assert.match(rungWords[kind].title, /^[A-Z]/);
    assert.match(rungWords[kind].note, /^[A-Z].+\.$/);
  }
  assert.equal(spreadCount({ parts: [{ count: 3 }, { count: 4 }] }), 7);
  assert.equal(spreadCount({ parts: [] }), 0);
});

test('items are taken out as a list or a table, as the house writes them, with answers where they are wanted', () => {
  const skill = skillOf('order-decimals');
  const given = skill.given.parse('0.4, 0.35, 4 ascending')!;
  const facts = factsOf({ skill: skill.id, school: Object.keys(skill.schools)[0]! }, { given });
  const items = [{ skill: skill.title, answerSign: skill.answerSign, facts }];
  const style = { ...defaultHouseStyle, decimalMark: 'comma' as const };
  assert.equal(
    listAsText(items, { hasAnswers: false, style: defaultHouseStyle }),
    '1. 0.4, 0.35, 4 ascending\n'
  );
  assert.match(
    listAsText(items, { hasAnswers: true, style: defaultHouseStyle }),
    / → 0\.35, 0\.4, 4\n$/
  );
  assert.match(listAsText(items, { hasAnswers: true, style }), /0,35/);
  const [head, row] = listAsCsv(items, { hasAnswers: true, style: defaultHouseStyle })
    .replace('\ufeff', '')
    .split('\r\n');
  assert.equal(head, 'number,skill,item,answer,difficulty,seconds,features');
  assert.match(row!, /^1,[^,]+,"0\.4, 0\.35, 4 ascending","0\.35, 0\.4, 4",/);
  const bare = listAsCsv(items, { hasAnswers: false, style: defaultHouseStyle });
  assert.ok(!bare.includes('answer'));
});

test('the marks of a paper are those of the house, as its print has them', () => {
  const paper = startLadder('mixed-addition', 'Panes', { seed: 3 });
  const marksIn = (simplestForm: 'asked' | 'open') => {
    const style = { ...defaultHouseStyle, simplestForm };
    const printed = paper.rungs.flatMap((rung) =>
      isMarked(rung)
        ? rung.items.map((entry) => availableMarks(snapshotOf(rung, entry, style).scheme))
        : []
    );
    const { marks } = outline(paper, style);
    assert.equal(
      marks,
      printed.reduce((sum, one) => sum + one, 0)
    );
    return marks;
  };
  assert.ok(marksIn('open') < marksIn('asked'));
});
