import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { Draft, PAUSE, RETRY } from './draft.svelte';
import { Clock, settled, Store, Tab } from './draft.test-helper';

function open(store = new Store('a'), tab = new Tab(), clock = new Clock()) {
  const { value, version, save } = store;
  const draft = new Draft<string>({ value, version, save, keeper: tab, timers: clock });
  const add = (text: string) => draft.edit((old) => old + text);
  return { draft, store, tab, clock, add };
}

test('edits are saved together after a pause, and undone one by one', async () => {
  const { draft, store, clock, add } = open();
  add('b');
  add('c');
  assert.equal(draft.state, 'waiting');
  await clock.pass(PAUSE);
  assert.deepEqual([draft.state, store.value, store.saves], ['saved', 'abc', 1]);
  draft.undo();
  assert.deepEqual([draft.value, draft.canUndo, draft.canRedo], ['ab', true, true]);
  draft.redo();
  draft.redo();
  draft.undo();
  await clock.pass(PAUSE);
  assert.equal(store.value, 'ab');
  draft.edit((same) => same);
  assert.equal(draft.canRedo, true);
});

test('what is typed while a save is under way is saved next, over the version it made', async () => {
  const { draft, store, clock, add } = open();
  const release = store.wait();
  add('b');
  await clock.pass(PAUSE);
  add('c');
  assert.equal(draft.state, 'saving');
  release();
  await clock.pass(0);
  assert.deepEqual([draft.state, store.value], ['waiting', 'ab']);
  await clock.pass(PAUSE);
  assert.deepEqual([draft.state, store.value, draft.version], ['saved', 'abc', 3]);
});

test('a save that is not heard is tried again by itself; one that is refused waits for a change', async () => {
  const { draft, store, clock, add } = open();
  store.isDown = true;
  add('b');
  await clock.pass(PAUSE + 3 * RETRY);
  assert.deepEqual([draft.state, draft.problem, store.saves], ['problem', 'no answer', 4]);
  store.isDown = false;
  await clock.pass(RETRY);
  assert.deepEqual([draft.state, draft.problem, store.value], ['saved', null, 'ab']);
  store.refuses = 'too long';
  add('c');
  await clock.pass(PAUSE + 10 * RETRY);
  assert.deepEqual([draft.problem, store.saves], ['too long', 6]);
  store.refuses = null;
  add('d');
  await clock.pass(PAUSE);
  assert.equal(store.value, 'abcd');
});

test('a clash shows both sides, saves neither until one is chosen, and loses neither', async () => {
  for (const take of ['theirs', 'mine'] as const) {
    const { draft, store, clock, add } = open();
    store.put('theirs');
    add('b');
    await clock.pass(PAUSE);
    assert.deepEqual([draft.state, draft.value, draft.clash?.theirs], ['clash', 'ab', 'theirs']);
    add('c');
    await clock.pass(10 * RETRY);
    assert.deepEqual([store.value, store.saves], ['theirs', 1]);
    draft.settleClash(take);
    await clock.pass(PAUSE);
    const [chosen, other] = take === 'mine' ? ['abc', 'theirs'] : ['theirs', 'abc'];
    assert.deepEqual([draft.state, draft.value, store.value], ['saved', chosen, chosen]);
    draft.undo();
    assert.equal(draft.value, other);
  }
});

test('a reload keeps what was not saved and all that can be undone', async () => {
  const { store, tab, add, draft } = open();
  add('b');
  add('c');
  draft.end();
  const next = open(store, tab);
  assert.deepEqual([next.draft.value, next.draft.state], ['abc', 'waiting']);
  await next.clock.pass(PAUSE);
  assert.equal(store.value, 'abc');
  const last = open(store, tab);
  assert.equal(last.draft.state, 'saved');
  last.draft.undo();
  last.draft.undo();
  assert.equal(last.draft.value, 'a');
});

test('what was not saved before a reload clashes with what was saved meanwhile; a saved history ends', async () => {
  const { store, tab, add, draft } = open();
  add('b');
  draft.end();
  store.put('theirs');
  const next = open(store, tab);
  assert.deepEqual([next.draft.value, next.draft.clash?.theirs], ['ab', 'theirs']);
  next.draft.settleClash('mine');
  await next.clock.pass(PAUSE);
  assert.equal(store.value, 'ab');
  store.put('again theirs');
  const last = open(store, tab);
  assert.deepEqual([last.draft.value, last.draft.canUndo], ['again theirs', false]);
  last.tab.text = '{"half';
  assert.equal(open(store, tab).draft.value, 'again theirs');
});

test('a save whose answer was lost is no clash with itself', async () => {
  const { draft, store, clock, add } = open();
  const save = store.save;
  let isCut = true;
  store.save = async (value, version) => {
    const reply = await save(value, version);
    return isCut ? { ok: false, code: 'unheard', message: 'cut off' } : reply;
  };
  const cut = open(store, new Tab(), clock);
  cut.add('b');
  await clock.pass(PAUSE);
  isCut = false;
  await clock.pass(RETRY);
  assert.deepEqual([cut.draft.state, cut.draft.version, store.value], ['saved', 2, 'ab']);
  add('x');
  await clock.pass(PAUSE);
  assert.equal(draft.clash?.theirs, 'ab');
});

test('settling saves at once, waits for what is under way, and says whether all is there', async () => {
  const { draft, store, clock, add } = open();
  const release = store.wait();
  add('b');
  await clock.pass(PAUSE);
  add('c');
  const settling = draft.settle();
  await settled();
  release();
  assert.equal(await settling, true);
  assert.equal(store.value, 'abc');
  store.isDown = true;
  add('d');
  assert.equal(await draft.settle(), false);
});

test('whatever happens in whatever order, the last edit is on the server in the end, or in a clash', async () => {
  const happening = fc.constantFrom(
    'edit',
    'undo',
    'redo',
    'down',
    'up',
    'wait',
    'others',
    'reload'
  );
  await fc.assert(
    fc.asyncProperty(fc.array(happening, { maxLength: 25 }), async (happenings) => {
      let { draft, clock, add } = open();
      const { store, tab } = { store: new Store('a'), tab: new Tab() };
      ({ draft, clock, add } = open(store, tab));
      for (const [at, what] of happenings.entries()) {
        if (what === 'edit') add(String(at));
        else if (what === 'undo') draft.undo();
        else if (what === 'redo') draft.redo();
        else if (what === 'down') store.isDown = true;
        else if (what === 'up') store.isDown = false;
        else if (what === 'wait') await clock.pass(150);
        else if (what === 'others') store.put(`others ${at}`);
        else {
          await clock.pass(0);
          draft.end();
          ({ draft, clock, add } = open(store, tab));
        }
      }
      const mine = draft.value;
      store.isDown = false;
      await clock.pass(PAUSE + 2 * RETRY);
      if (draft.clash) {
        assert.deepEqual([draft.value, draft.clash.theirs], [mine, store.value]);
        draft.settleClash('mine');
        await clock.pass(PAUSE);
      }
      assert.deepEqual([draft.value, draft.state], [mine, 'saved']);
      // Unless others saved since, it is what stands there.
      assert.ok(store.version > draft.version || store.value === mine);
    }),
    { numRuns: 200 }
  );
});
