import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readName } from '@zealous-quill/core/exchange';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { fromPlans, paperSchema, startLadder, type Paper } from '@zealous-quill/core/papers';
import { patternKey, skillOf, WorkedItem } from '@zealous-quill/core/skill';
import { skills } from '@zealous-quill/core/catalogue/all';
import { ANSWER, evaluate, modelledTexts } from '@zealous-quill/core/working';
import {
  addPupil,
  createClass,
  listClasses,
  readClass,
  removeClass,
  removePupil,
  renameClass,
  renamePupil
} from './people/classes';
import { importPupils, knownPupils } from './people/import-pupils';
import { openDatabase } from './base/connection';
import { readHouseStyle, saveHouseStyle } from './papers/house-style';
import { recentLog } from './records/logbook';
import { createPaper, listPapers, newEdition, readPaper } from './papers/papers';
import { NOTHING, readResponses } from './marking/responses';
import { saveResponse } from './marking/save-response';
import { readResults } from './marking/results';
import { listScripts } from './sittings/scripts';
import { sitPaper } from './sittings/sittings';
import { satItems } from './sittings/snapshots';

/** A paper with two items of every skill, the first skill's spread over a feature. */
function mixedPaper(): Paper {
  const paper = fromPlans(
    'All ways of working',
    17,
    skills.map(({ id, ladder }) => ({ ...ladder[2]!, skill: id, count: 2 }))
  );
  const [first, ...others] = paper.rungs;
  const spread = {
    feature: 'carries',
    parts: [
      { control: 0, count: 1 },
      { control: { min: 1 }, count: 1 }
    ]
  };
  return { ...paper, rungs: [{ ...first!, spread }, ...others] };
}

test('a class list is taken in once, whatever its capitals; two of one name are two pupils', () => {
  const db = openDatabase(':memory:');
  const line = (name: string, line: number) => ({
    ...{ line, className: '7 Amber' },
    ...readName(name)
  });
  const lines = ['Fell, Oona', 'Bram Wick', 'Fell, Oona'].map(line);
  assert.deepEqual(importPupils(db, lines), { classes: [1], added: 3 });
  assert.equal(importPupils(db, lines).added, 0);
  assert.equal(importPupils(db, [...lines, line('Oona Fell', 3)]).added, 1);
  const shouted = [{ ...line('OONA FELL', 4), className: '7 amber' }];
  assert.deepEqual(knownPupils(db, [...shouted, line('Fern Gill', 5)]), new Set([4]));
  const id = listClasses(db)[0]!.id;
  const names = () => readClass(db, id)!.pupils.map(({ name }) => name);
  // By surname, said or seen.
  assert.deepEqual(names(), ['Oona Fell (1)', 'Oona Fell (2)', 'Oona Fell (3)', 'Bram Wick']);
  const fern = addPupil(db, id, readName('Gill, Fern'), 'key')!;
  assert.equal(addPupil(db, id, readName('Gill, Fern'), 'key'), undefined);
  const own = { classId: id, id: fern };
  assert.ok(renamePupil(db, own, readName('Ash, Fern'), 'Fern Gill').ok);
  // A form that was read before reverts nothing, and is told what stands there.
  const late = renamePupil(db, own, readName('Gale, Fern'), 'Fern Gill');
  assert.deepEqual(late, { ok: false, code: 'changed', name: 'Fern Ash' });
  assert.equal(names()[0], 'Fern Ash');
  const other = createClass(db, '7 Copper')!;
  assert.equal(createClass(db, '7 amber'), undefined);
  assert.deepEqual(renameClass(db, other, '7 AMBER', '7 Copper'), { ok: false, code: 'taken' });
  assert.ok(renameClass(db, other, '7 COPPER', '7 Copper').ok);
  assert.deepEqual(importPupils(db, [{ ...line('Cai Moss', 1), className: '7 copper' }]), {
    classes: [other],
    added: 1
  });
  const elsewhere = { classId: other, id: fern };
  const missing = { ok: false, code: 'missing' };
  assert.deepEqual(renamePupil(db, elsewhere, readName('X'), 'Fern Ash'), missing);
  assert.deepEqual(removePupil(db, other, fern, true), missing);
  assert.ok(removePupil(db, id, fern, false).ok);
  assert.ok(removeClass(db, other, false).ok);
  // The logbook names records by number, never children.
  assert.ok(recentLog(db, 50).every((line) => !/Fell|Wick|Gill|Ash/i.test(JSON.stringify(line))));
});

test('the house style is the usual one until it is set, and then what was set', () => {
  const db = openDatabase(':memory:');
  assert.deepEqual(readHouseStyle(db), defaultHouseStyle);
  const style = {
    ...defaultHouseStyle,
    decimalMark: 'comma',
    methods: { 'factorise-quadratic': 'area-grid' }
  } as const;
  saveHouseStyle(db, defaultHouseStyle);
  saveHouseStyle(db, style);
  assert.deepEqual(readHouseStyle(db), style);
});

test('a paper of all skills with a spread is kept as it is, and so is its next edition', () => {
  const db = openDatabase(':memory:');
  const paper = mixedPaper();
  const id = createPaper(db, paper);
  const stored = readPaper(db, id)!;
  assert.deepEqual(stored.rungs, paper.rungs);
  const { title, seed, ramp, rungs } = readPaper(db, newEdition(db, id)!)!;
  assert.deepEqual(paperSchema.parse({ title, seed, ramp, rungs }), paper);
  assert.deepEqual(
    listPapers(db, 60).map((one) => one.title),
    [paper.title, paper.title]
  );
});

test('papers are refused whose parts do not belong together', () => {
  const paper = startLadder('column-addition', 'Practice', { seed: 5 });
  const [rung] = paper.rungs;
  const withRung = (change: object) => ({ ...paper, rungs: [{ ...rung, ...change }] });
  const spread = (feature: string, count: number) => ({
    spread: { feature, parts: [{ control: 1, count }] }
  });
  assert.ok(paperSchema.safeParse(withRung(spread('carries', rung!.count))).success);
  for (const wrong of [
    withRung({ skill: 'no-such-skill' }),
    withRung({ school: 'no-such-school' }),
    withRung(spread('carries', rung!.count + 1)),
    withRung({ items: [rung!.items[0]!, rung!.items[0]!] }),
    { ...paper, title: '   ' },
    { ...paper, seed: -1 }
  ]) {
    assert.equal(paperSchema.safeParse(wrong).success, false, JSON.stringify(wrong).slice(0, 80));
  }
});

test('a pupil who does as the key has all marks; one who holds a pattern of each skill is found to', () => {
  const db = openDatabase(':memory:');
  const names = ['Oona Fell', 'Bram Wick'];
  importPupils(
    db,
    names.map((name, line) => ({ line, className: '9 Slate', name, surname: null }))
  );
  const paperId = createPaper(db, mixedPaper());
  const sitting = sitPaper(db, paperId, listClasses(db)[0]!.id, '2026-11-25');
  assert.ok(sitting.ok);
  const [bram, oona] = listScripts(db, sitting.id);
  const items = satItems(db, paperId);
  const followed = new Set<string>();
  for (const { id, item } of items) {
    const worked = new WorkedItem(skillOf(item.skill), item.given, item.school);
    const key = Object.fromEntries(item.steps.map((step) => [step.id, step.value]));
    const state = { ...NOTHING, isMarked: true };
    assert.ok(saveResponse(db, oona!.id, id, { ...state, working: key }).ok);
    const [shown] = worked.showing();
    const wrong = shown && worked.wrong(shown.pattern)!;
    const answer = wrong ? modelledTexts(wrong, evaluate(wrong))[ANSWER]! : item.answer;
    if (shown) followed.add(patternKey(item.skill, shown.pattern.id));
    assert.ok(saveResponse(db, bram!.id, id, { ...state, working: { answer } }).ok);
  }
  const results = readResults(db, sitting.id, paperId);
  const [second, first] = results.pupils;
  assert.equal(first!.total, results.available);
  assert.deepEqual(first!.evidence, []);
  assert.ok(second!.total < results.available / 2);
  // Two items of a skill on which one pattern always shows leave ties, but none is passed over.
  for (const pattern of followed) {
    const evidence = second!.evidence.find((one) => one.pattern === pattern)!;
    assert.ok(evidence.did > 0 && evidence.probability > 0.05, JSON.stringify(evidence));
  }
  const { facility } = results.items[0]!;
  assert.ok(facility! >= 0.5 && facility! <= 1);
  const states = readResponses(db, { scripts: [oona!.id], parts: items.map(({ id }) => id) });
  assert.equal(Object.keys(states).length, items.length);
});
