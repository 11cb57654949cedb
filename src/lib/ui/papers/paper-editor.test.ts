import assert from 'node:assert/strict';
import { test } from 'node:test';
import { usualTiming } from '@zealous-quill/core/house-style';
import {
  addRung,
  factsIn,
  factsOf,
  fitToRamp,
  redrawRung,
  replaceItem,
  startLadder,
  withFacts,
  type Drawn,
  type Paper
} from '@zealous-quill/core/papers';
import { skillOf } from '@zealous-quill/core/skill';
import '@zealous-quill/core/catalogue/all';
import { Draft, PAUSE } from '../draft.svelte';
import { Clock, settled, Store } from '../draft.test-helper';
import { PaperEditor, type Drawer } from './paper-editor.svelte';

/** Draws as the worker does, but only when it is told to go on. */
function slowDrawer() {
  const waiting: (() => void)[] = [];
  const later = <T>(work: () => T) =>
    new Promise<T>((resolve) => waiting.push(() => resolve(work())));
  const drawer: Drawer = {
    redraw: (paper, rung, turn) =>
      later<Drawn>(() => withFacts(() => redrawRung(paper, rung, turn))),
    replace: (paper, rung, item, turn) =>
      later<Drawn>(() => withFacts(() => replaceItem(paper, rung, item, turn))),
    add: (paper, plan, turn) => later<Drawn>(() => withFacts(() => addRung(paper, plan, turn))),
    fit: (paper, turn) => later(() => fitToRamp(paper, turn)),
    facts: (paper) => later(() => factsIn(paper))
  };
  /** Lets all that was asked for be drawn. */
  async function goOn() {
    for (await settled(); waiting.length > 0; await settled()) waiting.shift()!();
  }
  return { drawer, goOn };
}

function open() {
  const paper = startLadder('column-addition', 'Lantern counts', { seed: 3 });
  const store = new Store<Paper>(paper);
  const clock = new Clock();
  const { drawer, goOn } = slowDrawer();
  const draft = new Draft({ value: paper, version: 1, save: store.save, timers: clock });
  const editor = new PaperEditor(draft, factsIn(paper), () => drawer, {
    patternIds: (skill) => skillOf(skill).patterns.map(({ id }) => id),
    timing: usualTiming
  });
  return { editor, store, clock, goOn, paper };
}

const ids = ({ rungs }: Paper) => rungs.flatMap(({ items }) => items.map(({ id }) => id));

test('a title changed while a rung is drawn stays, and both are saved', async () => {
  const { editor, store, clock, goOn, paper } = open();
  const drawing = editor.draw('r3');
  await settled();
  editor.change((old) => ({ ...old, title: 'Lantern counts, again' }));
  await goOn();
  await drawing;
  await clock.pass(PAUSE);
  assert.equal(store.value.title, 'Lantern counts, again');
  assert.notDeepEqual(store.value.rungs[2]!.items, paper.rungs[2]!.items);
  assert.deepEqual(store.value.rungs.toSpliced(2, 1), paper.rungs.toSpliced(2, 1));
  editor.draft.undo();
  assert.deepEqual(editor.paper, { ...paper, title: 'Lantern counts, again' });
});

test('an item kept while its rung is drawn is kept; a rung removed meanwhile stays away', async () => {
  const { editor, goOn } = open();
  const kept = editor.paper.rungs[3]!.items[1]!;
  void editor.draw('r4');
  void editor.draw('r5');
  await settled();
  editor.changeRung('r4', (rung) => ({
    ...rung,
    items: rung.items.map((item) => (item === kept ? { ...item, locked: true } : item))
  }));
  editor.removeRung('r5');
  await goOn();
  assert.deepEqual(editor.paper.rungs[3]!.items[1], { ...kept, locked: true });
  assert.ok(!editor.paper.rungs.some(({ id }) => id === 'r5'));
});

test('drawings asked for at once come one after another, with no item and no id twice', async () => {
  const { editor, goOn } = open();
  const [first, second] = editor.paper.rungs[2]!.items;
  const asked = [
    editor.replace('r3', first!.id),
    editor.replace('r3', second!.id),
    editor.draw('r4'),
    editor.addRung('bare', 'square-ending-five'),
    editor.plan('r5', { count: 5 })
  ];
  await goOn();
  await Promise.all(asked);
  assert.equal(editor.paper.rungs.length, 7);
  assert.equal(editor.paper.rungs[4]!.items.length, 5);
  assert.equal(new Set(ids(editor.paper)).size, ids(editor.paper).length);
  assert.equal(editor.outline.items.length, ids(editor.paper).length);
});

test('what cannot be drawn is said at its rung, and changes nothing', async () => {
  const { editor, goOn, paper } = open();
  const planned = editor.plan('r3', { controls: { addends: 2, digits: 1, carries: 2 } });
  await goOn();
  await planned;
  assert.match(editor.drawProblems['r3']!, /No item meets these controls together/);
  assert.equal(editor.paper, paper);
});

test('a typed item stands at once with what is known of it; what is not known is learned', async () => {
  const { editor, goOn } = open();
  const rung = editor.paper.rungs[3]!;
  const given = { addends: ['487', '365'] };
  editor.putItem('r4', rung.items[0]!.id, given, factsOf(rung, { given }));
  const [item] = editor.paper.rungs[3]!.items;
  assert.deepEqual([item!.given, item!.locked, item!.edited], [given, true, true]);
  assert.equal(editor.outline.items.length, ids(editor.paper).length);
  const other = startLadder('order-decimals', 'Other', { seed: 4 });
  editor.change(() => other);
  assert.equal(editor.outline.items.length, 0);
  void editor.learn();
  await goOn();
  assert.equal(editor.outline.items.length, ids(other).length);
});

test('an item moves through all rungs of its skill and back: none is lost, each move is one undo', () => {
  const { editor, paper } = open();
  const order = ids(paper);
  const moving = order[0]!;
  const rungOf = () =>
    editor.paper.rungs.find(({ items }) => items.some(({ id }) => id === moving))!;
  const moves = order.length + paper.rungs.length - 2;
  for (let move = 1; move <= moves; move++) {
    editor.moveItem(rungOf().id, moving, 1);
    assert.deepEqual([...ids(editor.paper)].sort(), [...order].sort());
  }
  assert.deepEqual(ids(editor.paper), [...order.slice(1), moving]);
  assert.deepEqual(
    editor.paper.rungs.map(({ items }) => items.length),
    [0, 1, 4, 4, 3, 2]
  );
  assert.equal(editor.paper.rungs.at(-1)!.count, 2);
  for (let move = 1; move <= moves; move++) editor.draft.undo();
  assert.equal(editor.paper, paper);
});

test('an item stays within its skill', () => {
  const { editor } = open();
  const other = { ...startLadder('order-decimals', 'Other', { seed: 4 }).rungs[0]!, id: 'other' };
  editor.change((old) => ({ ...old, rungs: [old.rungs[0]!, other, old.rungs[1]!] }));
  const [first, , last] = editor.paper.rungs;
  const item = first!.items[0]!.id;
  editor.placeItem(item, 'other', 0);
  assert.equal(editor.paper.rungs[0], first);
  editor.moveItem(first!.id, item, 1);
  assert.deepEqual(editor.paper.rungs[2]!.items[0]!.id, item);
  assert.equal(editor.paper.rungs[2]!.items.length, last!.items.length + 1);
});

test('fitting to the ramp changes the items in one step, and starts again where the paper was changed meanwhile', async () => {
  const { editor, goOn, paper } = open();
  const wanted = { from: 2, to: -2 };
  editor.change((old) => ({ ...old, ramp: wanted }));
  const fitting = editor.fit();
  await settled();
  editor.change((old) => ({ ...old, title: 'Lantern counts, falling' }));
  await goOn();
  await fitting;
  assert.equal(editor.paper.title, 'Lantern counts, falling');
  assert.notDeepEqual(ids(editor.paper), ids(paper));
  assert.equal(editor.outline.items.length, ids(editor.paper).length, 'all facts are known');
  editor.draft.undo();
  assert.deepEqual(ids(editor.paper), ids(paper));
  assert.equal(editor.paper.title, 'Lantern counts, falling');
});
