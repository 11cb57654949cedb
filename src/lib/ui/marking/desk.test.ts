import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { noResponse, type Response } from '@zealous-quill/core/marking';
import { snapshotOf } from '@zealous-quill/core/papers';
import '@zealous-quill/core/catalogue/all';
import { type DraftReply, PAUSE, RETRY } from '../draft.svelte';
import { Clock, Store, Tab } from '../draft.test-helper';
import { MarkingDesk } from './desk.svelte';
import { keyOf, type Place } from './pile';

const NOTHING = noResponse;

const rung = { skill: 'column-addition', school: 'columns' };
const items = [
  ['47', '38'],
  ['487', '365'],
  ['58', '67']
].map((addends, at) => ({
  ...snapshotOf(rung, { given: { addends } }, defaultHouseStyle),
  id: at + 1,
  number: at + 1,
  label: String(at + 1),
  kind: 'bare'
}));
const script = { id: 7, name: 'Oona Fell' };
const pile: Place[] = items.map((item) => ({ script, item }));

/** A desk on a server of its own for each response. */
function open(
  stores = new Map<string, Store<Response>>(),
  tabs = new Map<string, Tab>(),
  at: number | null = 0
) {
  const clock = new Clock();
  const of = <T>(map: Map<string, T>, key: string, make: () => T) => {
    if (!map.has(key)) map.set(key, make());
    return map.get(key)!;
  };
  const storeOf = (place: Place) => of(stores, keyOf(place), () => new Store(NOTHING));
  const desk = new MarkingDesk({
    pile,
    states: Object.fromEntries(
      pile.map((place) => {
        const { value, version } = storeOf(place);
        return [keyOf(place), { ...value, version }];
      })
    ),
    at,
    elsewhere: { 7: 5 },
    save: (place, entry, version): Promise<DraftReply<Response>> =>
      storeOf(place).save(entry, version),
    keeper: (key) => of(tabs, key, () => new Tab()),
    timers: clock
  });
  return { desk, clock, stores, tabs, storeOf };
}

test('marking by key: right answers close, a wrong one opens the squares, and all of it is saved', async () => {
  const { desk, clock, storeOf } = open();
  desk.asKey();
  desk.write('answer', '742');
  assert.equal(desk.answered(), false);
  assert.deepEqual(desk.state.working, { 'digit.0': '2', 'digit.1': '4', 'digit.2': '7' });
  assert.deepEqual(desk.marked.diagnosis[0]!.patterns, ['carry-dropped']);
  desk.done();
  desk.write('answer', '125');
  assert.equal(desk.answered(), true);
  assert.deepEqual([desk.left, desk.marks.standing(pile[1]!)], [0, 'wrong']);
  await clock.pass(PAUSE);
  assert.equal(desk.unsaved.length, 0);
  assert.deepEqual(
    pile.map((place) => storeOf(place).value.working['answer'] ?? '742'),
    ['85', '742', '125']
  );
});

test('nothing typed decides nothing; a blank has a key of its own', () => {
  const { desk } = open();
  assert.equal(desk.answered(), false);
  assert.deepEqual([desk.at, desk.left, desk.isUntouched], [0, 3, true]);
  desk.asBlank();
  assert.deepEqual([desk.at, desk.left], [1, 2]);
  assert.deepEqual(desk.entryOf(pile[0]!), {
    ...NOTHING,
    attempt: 'not-attempted',
    isMarked: true
  });
});

test('right over wrong working, or what cannot be read, is not closed until the marker says so', () => {
  for (const tens of ['7', '?']) {
    const { desk } = open();
    desk.write('digit.0', '5');
    desk.write('digit.1', tens);
    desk.write('answer', '85');
    assert.equal(desk.marked.marks.awarded, 2, 'proposed as earned');
    assert.equal(desk.answered(), false);
    assert.deepEqual([desk.at, desk.isStopped], [0, true]);
    // A change is looked at anew.
    desk.write('answer', '85 ');
    assert.equal(desk.isStopped, false);
    assert.equal(desk.answered(), false);
    assert.equal(desk.answered(), true);
    assert.deepEqual([desk.at, desk.left], [1, 2]);
  }
});

test('undoing goes back to where the last change was, response by response', () => {
  const { desk } = open();
  desk.asKey();
  desk.asKey();
  desk.write('answer', '1');
  desk.undo();
  assert.deepEqual([desk.at, desk.state.working], [2, {}]);
  desk.undo();
  assert.deepEqual([desk.at, desk.left], [1, 2]);
  desk.undo();
  desk.undo();
  assert.deepEqual([desk.at, desk.left], [0, 3]);
});

test('several clashes stand side by side until each is settled', async () => {
  const { desk, clock, storeOf } = open();
  pile
    .slice(0, 2)
    .forEach((place) =>
      storeOf(place).put({ ...NOTHING, working: { answer: '99' }, isMarked: true })
    );
  desk.write('answer', '81');
  desk.next();
  desk.write('answer', '82');
  await clock.pass(PAUSE);
  assert.deepEqual(desk.clashes, pile.slice(0, 2));
  desk.draftOf(pile[0]!).settleClash('theirs');
  desk.draftOf(pile[1]!).settleClash('mine');
  await clock.pass(PAUSE);
  assert.deepEqual(desk.clashes, []);
  assert.equal(desk.entryOf(pile[0]!).working['answer'], '99');
  assert.equal(storeOf(pile[1]!).value.working['answer'], '82');
});

test('an outage is said once, tried again, and over a reload nothing that was typed is lost', async () => {
  const { desk, clock, stores, tabs, storeOf } = open();
  storeOf(pile[0]!).isDown = true;
  desk.write('answer', '85');
  await clock.pass(PAUSE);
  assert.equal(desk.problem, 'no answer');
  assert.equal(await desk.settle(), false);
  const again = open(stores, tabs);
  assert.equal(again.desk.state.working['answer'], '85');
  storeOf(pile[0]!).isDown = false;
  await again.clock.pass(PAUSE + RETRY);
  assert.equal(storeOf(pile[0]!).value.working['answer'], '85');
  again.desk.undo();
  assert.deepEqual(again.desk.state.working, {});
});

test('a mark given by hand stays over a change of it, but writing again opens the response', () => {
  const { desk } = open();
  desk.write('answer', '84');
  desk.give('M1', 1, 'said aloud');
  assert.deepEqual([desk.awarded, desk.state.given['M1']!.reason], [1, 'said aloud']);
  desk.done();
  desk.go(0);
  desk.give('M1', null, '');
  assert.deepEqual([desk.state.isMarked, desk.awarded], [true, 0]);
  desk.write('answer', '83');
  assert.equal(desk.state.isMarked, false);
});

test('the pile shows what was earned, and the total of the script goes with it', () => {
  const { desk } = open();
  desk.asKey();
  desk.write('digit.0', '2');
  desk.write('digit.1', '5');
  desk.write('digit.2', '9');
  desk.done();
  desk.asBlank();
  assert.deepEqual(
    pile.map((place) => desk.marks.standing(place)),
    ['right', 'partly', 'wrong']
  );
  // 5 on other items, 2 and 1 here.
  assert.equal(desk.marks.totalOf(script), 8);
  desk.undo();
  assert.deepEqual([desk.marks.standing(pile[2]!), desk.marks.totalOf(script)], ['waiting', 8]);
});

test('one goes on where one was, else at the next that waits from there round', async () => {
  const first = open();
  first.desk.asKey();
  await first.clock.pass(PAUSE);
  const goOn = (at: number | null) => open(first.stores, new Map(), at).desk.at;
  assert.deepEqual([goOn(null), goOn(0), goOn(1), goOn(2)], [1, 1, 1, 2]);
  first.desk.go(2);
  first.desk.asKey();
  await first.clock.pass(PAUSE);
  assert.equal(goOn(2), 1);
});

test('how an item was attempted is kept with what was written, and writing takes a blank back', async () => {
  const { desk, clock, storeOf } = open();
  desk.write('answer', '75');
  desk.attempt('crossed-out');
  desk.comment('Line up the ones.');
  await clock.pass(PAUSE);
  const { attempt, comment, working } = storeOf(pile[0]!).value;
  assert.deepEqual(
    [attempt, comment, working],
    ['crossed-out', 'Line up the ones.', { answer: '75' }]
  );
  desk.attempt('another-method');
  assert.equal(desk.state.attempt, 'another-method');
  // Its steps are not those of the squares: Enter is enough to close it.
  assert.equal(desk.answered(), true);
  desk.asBlank();
  desk.go(1);
  desk.write('answer', '8');
  assert.deepEqual([desk.state.attempt, desk.state.isMarked], ['written', false]);
  desk.comment('Well set out.');
  desk.done();
  desk.go(1);
  desk.comment('Well set out!');
  assert.equal(desk.state.isMarked, true);
});

test('the desk asks for a way only where a mark is for it, and the key fills it in', () => {
  const given = { operation: 'addition', operands: ['198', '57'] };
  const named = snapshotOf({ skill: 'choose-way', school: 'named' }, { given }, defaultHouseStyle);
  const marks = named.scheme.marks.filter(({ steps }) => steps.includes('answer'));
  const keyedWith = (scheme: typeof named.scheme) => {
    const item = { ...named, scheme, id: 1, number: 1, label: '1', kind: 'bare' };
    const save = () => Promise.resolve({ ok: true as const, version: 1 });
    const desk = new MarkingDesk({ pile: [{ script, item }], states: {}, at: 0, save });
    return [desk.apart.map(({ id }) => id), desk.keyed(), desk.isAnswerOnly];
  };
  assert.deepEqual(keyedWith(named.scheme), [
    ['way'],
    { way: 'near multiple', answer: '255' },
    true
  ]);
  assert.deepEqual(keyedWith({ ...named.scheme, marks }), [[], { answer: '255' }, true]);
});
