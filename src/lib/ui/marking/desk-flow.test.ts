import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { noResponse, type Response } from '@zealous-quill/core/marking';
import { snapshotOf } from '@zealous-quill/core/papers';
import '@zealous-quill/core/catalogue/all';
import { Clock, Store, Tab } from '../draft.test-helper';
import { MarkingDesk } from './desk.svelte';
import type { ChangedAt } from './desk-options';
import { withoutModifiers } from './held-keys';
import { DeskFlow } from './desk-flow.svelte';
import { keyOf, type Place } from './pile';

const rung = { skill: 'column-addition', school: 'columns' };
const items = [
  ['47', '38'],
  ['58', '67']
].map((addends, at) => ({
  ...snapshotOf(rung, { given: { addends } }, defaultHouseStyle),
  ...{ id: at + 1, number: at + 1, label: String(at + 1), kind: 'bare' }
}));
const names = ['Oona Fell', 'Bram Wick', 'Tilda Mossop'];
/** Bram was absent. */
const AWAY = 1;

/** Three scripts of two items, script by script; a pile is opened when `arrive` is called. */
function marking({ isSlow = false } = {}) {
  const clock = new Clock();
  const stores = new Map<string, Store<Response>>();
  const tabs = new Map<string, Tab>();
  const trail: ChangedAt[] = [];
  const storeOf = (key: string) => {
    if (!stores.has(key)) stores.set(key, new Store<Response>(noResponse));
    return stores.get(key)!;
  };
  const openDesk = (script: number, item?: number) => {
    const pile: Place[] = items.map((one) => ({
      script: { id: script, name: names[script]! },
      item: one
    }));
    return new MarkingDesk({
      ...{ pile, trail, timers: clock },
      states: Object.fromEntries(
        pile.map((place) => {
          const { value, version } = storeOf(keyOf(place));
          return [keyOf(place), { ...value, version }];
        })
      ),
      at: item === undefined ? null : items.findIndex(({ id }) => id === item),
      save: (place, entry, version) => storeOf(keyOf(place)).save(entry, version),
      keeper: (key) => tabs.get(key) ?? (tabs.set(key, new Tab()), tabs.get(key))
    });
  };
  let arrive = () => {};
  const view = {
    desk: openDesk(0),
    sheaves: names.map((word, id) => ({ id, word, isAway: id === AWAY })),
    sheafAt: 0,
    isAtWork: false,
    focused: 0,
    async openSheaf(id: number) {
      await view.desk.settle();
      if (isSlow) await new Promise<void>((resolve) => (arrive = resolve));
      view.sheafAt = id;
      view.desk = openDesk(id);
    },
    async openAt({ script, item }: ChangedAt) {
      await view.desk.settle();
      view.sheafAt = script;
      view.desk = openDesk(script, item);
    },
    shown: () => Promise.resolve(),
    focusAnswer: () => void view.focused++,
    focusBeside: () => false,
    openSquares: () => Promise.resolve()
  };
  const flow = new DeskFlow(view);
  const answers = (script: number) =>
    items.map(({ id }) => storeOf(`${script}/${id}`).value.working['answer'] ?? null);
  return { view, flow, answers, arrive: () => arrive() };
}

for (const as of ['key', 'blank', 'Enter'] as const) {
  test(`the last question of a script leads to the next script that was written: ${as}`, async () => {
    const { view, flow } = marking();
    const act = async () => {
      if (as !== 'Enter') return flow.close(as);
      view.desk.writeAnswer(view.desk.place.item.item.answer);
      await flow.finish();
    };
    await act();
    assert.deepEqual([view.sheafAt, view.desk.at, flow.came], [0, 1, '']);
    await act();
    // Past the one who was absent, with the name said.
    assert.deepEqual([view.sheafAt, view.desk.at, flow.came], [2, 0, 'Now Tilda Mossop.']);
    await act();
    await act();
    // After the last, the cursor selects what is there, so that nothing is typed behind it.
    const { focused } = view;
    assert.deepEqual([view.sheafAt, view.desk.at], [2, 1]);
    assert.ok(focused >= 4, 'the answer is selected');
  });
}

test('a wrong answer opens its squares, or stands alone with Shift; right ones and none are as without it', async () => {
  for (const [answer, isAlone, at] of [
    ['1', false, 0],
    ['1', true, 1],
    ['', true, 0],
    ['right', true, 1]
  ] as const) {
    const { view, flow, answers } = marking();
    const right = view.desk.place.item.item.answer;
    if (answer) view.desk.writeAnswer(answer === 'right' ? right : answer);
    await flow.finish({ isAlone });
    assert.equal(view.desk.at, at, `${answer} ${isAlone}`);
    await view.desk.settle();
    if (at === 1 && answer === '1') assert.equal(answers(0)[0], '1');
    assert.equal(flow.isMissing, answer === '');
  }
});

test('what was left out of a script is said when the next one comes', async () => {
  const { view, flow } = marking();
  view.desk.next();
  await flow.close('key');
  assert.equal(flow.came, 'Now Tilda Mossop. Oona Fell: 1 still to mark.');
});

test('keys that are pressed before the next script is there are typed into it, not behind a closed answer', async () => {
  const { view, flow, answers, arrive } = marking({ isSlow: true });
  await flow.close('key');
  const closing = flow.close('key');
  await new Promise((resolve) => setTimeout(resolve, 5));
  for (const key of ['8', '6', 'Backspace', '5', 'Enter', '=']) {
    assert.ok(flow.take({ key, ...withoutModifiers }), key);
  }
  arrive();
  await closing;
  await view.desk.settle();
  assert.deepEqual(answers(0), ['85', '125']);
  assert.deepEqual(answers(2), ['85', '125']);
  assert.equal(flow.take({ key: '1', ...withoutModifiers }), false);
});

test('undoing reaches back over scripts', async () => {
  const { view, flow, answers } = marking();
  await flow.close('key');
  await flow.close('key');
  assert.equal(view.sheafAt, 2);
  await flow.close('blank');
  await flow.undo();
  assert.deepEqual([view.sheafAt, view.desk.at], [2, 0]);
  await flow.undo();
  assert.deepEqual([view.sheafAt, view.desk.at], [0, 1]);
  await view.desk.settle();
  assert.deepEqual(answers(0), ['85', null]);
  await flow.undo();
  await view.desk.settle();
  assert.deepEqual(answers(0), [null, null]);
  await flow.undo();
  assert.equal(view.sheafAt, 0);
});
