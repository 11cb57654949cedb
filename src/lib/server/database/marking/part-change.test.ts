import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Scheme } from '@zealous-quill/core/schemes';
import { wasOf } from '../base/was';
import { readResults } from './results';
import { NOTHING, readResponseMarks, readResponses } from './responses';
import { saveResponse } from './save-response';
import { saveTypedMarks } from './marks-only';
import { sat } from '../sat-exam.test-helper';
import { readBoundaries, setBoundaries } from '../sittings/boundaries';
import { listScripts } from '../sittings/scripts';
import { readSat, satForms } from '../sittings/snapshots';
import { changePart, outlookOf, type Along, type PartChange } from './part-change';
import { changesSince } from '../exams/scheme-versions';

const KEPT: Along = { again: false, shares: false };

/** A sat exam, and how its parts are changed and its scripts answered. */
function examined() {
  const { db, id, first, second } = sat();
  const scripts = [first, second].flatMap((sitting) => listScripts(db, sitting));
  const nowOf = () => wasOf(changesSince(db, id));
  return {
    ...{ db, id, first, second, scripts, nowOf },
    parts: readSat(db, id).parts,
    change: (next: PartChange, along: Along = KEPT, was = nowOf()) =>
      changePart(db, id, { ...next, ...along, reason: 'as agreed', was }),
    /** Answers a part as the key of the script's form says, with marks given by hand. */
    answer: (scriptId: number, partId: number, given: Record<string, number> = {}) => {
      const { formId } = scripts.find((script) => script.id === scriptId)!;
      const { item } = satForms(db, id, [formId])
        .get(formId)!
        .parts.find((part) => part.id === partId)!;
      const hand = Object.entries(given).map(([mark, value]) => [
        mark,
        { given: value, reason: 'said aloud' }
      ]);
      const at = readResponses(db, { scripts: [scriptId], parts: [partId] });
      const { version } = at[`${scriptId}/${partId}`] ?? NOTHING;
      const working = { answer: item.answer };
      const state = {
        ...NOTHING,
        version,
        working,
        isMarked: true,
        given: Object.fromEntries(hand)
      };
      return saveResponse(db, scriptId, partId, state);
    },
    totals: () =>
      new Map(
        readResults(db, [first, second], id).pupils.map(({ scriptId, total }) => [scriptId, total])
      )
  };
}

const oneMark = (parts: ReturnType<typeof examined>['parts']) =>
  parts.find(({ scheme }) => scheme.marks.length === 1)!;

const worth = (scheme: Scheme, value: number): Scheme => ({
  ...scheme,
  marks: [{ ...scheme.marks[0]!, value }]
});

test('a withdrawn part counts for nobody, or in full for all who were there; what was kept stays', () => {
  const { db, id, first, parts, change } = examined();
  const before = readResults(db, first, id);
  const [part] = parts;
  const { scheme } = part!;
  const marks = before.items[0]!.available;
  const next = { partId: part!.id, scheme };
  assert.ok(change({ ...next, withdrawn: 'left-out' }), 'done');
  assert.equal(readResults(db, first, id).available, before.available - marks);
  assert.ok(change({ ...next, withdrawn: 'full-marks' }), 'done');
  const full = readResults(db, first, id);
  assert.equal(full.available, before.available);
  assert.ok(
    full.pupils.every(({ total }) => total === marks),
    'full marks'
  );
  assert.ok(change({ ...next, withdrawn: 'no' }), 'done');
  assert.deepEqual(readResults(db, first, id).pupils, before.pupils);
});

test('a part is not changed over what another window changed meanwhile', () => {
  const { parts, change, nowOf } = examined();
  const next = { partId: parts[0]!.id, scheme: parts[0]!.scheme };
  const read = nowOf();
  assert.ok(change({ ...next, withdrawn: 'left-out' }, KEPT, read), 'done');
  assert.equal(change({ ...next, withdrawn: 'full-marks' }, KEPT, read), false);
});

test('under another scheme marks that were given stay, or what is marked is marked again', () => {
  const { db, first, parts, scripts, change, answer, totals } = examined();
  const part = oneMark(parts);
  const [one, other] = scripts;
  const next: PartChange = { partId: part.id, scheme: worth(part.scheme, 2), withdrawn: 'no' };
  assert.ok(answer(one!.id, part.id).ok, 'done');
  assert.ok(change(next), 'done');
  assert.ok(answer(other!.id, part.id).ok, 'done');
  const marks = readResponseMarks(db, first);
  const given = [one, other].map((script) => marks[`${script!.id}/${part.id}`]!.marks);
  assert.deepEqual(given, [1, 2]);
  assert.ok(
    change({ ...next, scheme: worth(part.scheme, 3) }, { again: true, shares: false }),
    'done'
  );
  assert.deepEqual([totals().get(one!.id), totals().get(other!.id)], [3, 3]);
});

for (const [withdrawn, along] of [
  ['no', { again: true, shares: true }],
  ['left-out', { again: true, shares: false }],
  ['left-out', { again: false, shares: true }],
  ['full-marks', { again: false, shares: false }]
] as const) {
  const { again, shares } = along;
  test(`what is said beforehand is what comes: ${withdrawn}${again ? ', again' : ''}${shares ? ', shares' : ''}`, () => {
    const { db, id, first, second, parts, scripts, change, answer, totals } = examined();
    const part = oneMark(parts);
    for (const one of parts) answer(scripts[0]!.id, one.id);
    answer(scripts[4]!.id, part.id);
    const before = totals();
    const most = before.get(scripts[0]!.id)!;
    assert.ok(
      setBoundaries(db, [first, second], [{ grade: 'Lamp', from: most }], wasOf([])),
      'set'
    );
    const next: PartChange = { partId: part.id, scheme: worth(part.scheme, 4), withdrawn };
    const { available, choices } = outlookOf(db, id, first, next);
    const said = choices.find((one) => one.again === again && one.shares === shares)!.moves;
    assert.ok(change(next, along), 'done');
    const after = totals();
    assert.equal(readResults(db, first, id).available, available.after);
    assert.deepEqual(
      said
        .filter(({ total }) => total.before !== total.after)
        .map(({ scriptId, total }) => [scriptId, total.before, total.after]),
      scripts
        .map(({ id: script }) => [script, before.get(script), after.get(script)])
        .filter(([, was, is]) => was !== is)
    );
    const share = Math.floor(
      (2 * most * available.after + available.before) / (2 * available.before)
    );
    const from = shares ? share : most;
    assert.equal(readBoundaries(db, second)[0]!.from, from);
    const gradeNow = after.get(scripts[0]!.id)! >= from ? 'Lamp' : '';
    const moved = said.find(({ scriptId }) => scriptId === scripts[0]!.id);
    assert.equal(moved?.grade.after ?? 'Lamp', gradeNow);
  });
}

test('a mark given by hand stands under another scheme as far as there is a line for it', () => {
  const { db, parts, scripts, change, answer } = examined();
  const part = parts.find(({ scheme }) => scheme.marks.length > 1)!;
  const script = scripts[0]!.id;
  const [kept, gone] = part.scheme.marks.map(({ id: mark }) => mark) as [string, string];
  assert.ok(answer(script, part.id, { [kept]: 0, [gone]: 0 }).ok, 'done');
  const scheme = { ...part.scheme, marks: [part.scheme.marks[0]!] };
  const read = () =>
    readResponses(db, { scripts: [script], parts: [part.id] })[`${script}/${part.id}`]!;
  assert.ok(change({ partId: part.id, scheme, withdrawn: 'no' }), 'done');
  // The desk sends what it read, with the mark whose line is gone: it is let go, and the rest is saved.
  assert.ok(saveResponse(db, script, part.id, read()).ok, 'saved');
  assert.deepEqual(Object.keys(read().given), [kept]);
  // A mark that nobody gave before is refused.
  const given = { ...read().given, none: { given: 1, reason: 'x' } };
  assert.equal(saveResponse(db, script, part.id, { ...read(), given }).ok, false);
});

test('marks typed without working are not marked again', async () => {
  const { db, id, first, parts, scripts, change } = examined();
  const part = oneMark(parts);
  const scriptId = scripts[0]!.id;
  await saveTypedMarks(db, first, [{ scriptId, partId: part.id, marks: 1, version: 0 }]);
  const next: PartChange = { partId: part.id, scheme: worth(part.scheme, 2), withdrawn: 'no' };
  assert.ok(change(next, { again: true, shares: false }), 'done');
  assert.equal(readResults(db, first, id).pupils[0]!.total, 1);
});
