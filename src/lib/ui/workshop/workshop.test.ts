import assert from 'node:assert/strict';
import { test } from 'node:test';
import { describeSkill } from '@zealous-quill/core/catalogue';
import { skillOf, WorkedItem, type Controls, type ItemView } from '@zealous-quill/core/skill';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import '@zealous-quill/core/catalogue/all';
import { choicesOf } from '../controls/choices';
import { settled } from '../draft.test-helper';
import { Possibilities, type Counter } from '../controls/possibilities.svelte';
import { Stepper } from './stepper.svelte';
import { Workbench, type Worker } from './workbench.svelte';

/** Answers in the order in which a test gives them. */
class Later {
  readonly waiting: ((value: never) => void)[] = [];
  ask = <T>(): Promise<T> => new Promise<T>((resolve) => this.waiting.push(resolve as never));
}

test('a sample that is overtaken by another one is not shown, nor an item that is', async () => {
  const later = new Later();
  const worker = { sample: later.ask, view: later.ask } as unknown as Worker;
  const bench = new Workbench(worker);
  void bench.draw('doubling', {}, 1);
  void bench.draw('complement', {}, 2);
  later.waiting[1]!([{ line: '100 - 37' }] as never);
  later.waiting[0]!([{ line: '2 x 18' }] as never);
  await settled();
  assert.deepEqual(bench.sample, { skill: 'complement', items: [{ line: '100 - 37' }] });
  const asked = { skill: 'complement', school: 'places', style: defaultHouseStyle };
  void bench.show(asked, '100 - 37');
  void bench.show(asked, '100 - x');
  later.waiting[3]!(null as never);
  later.waiting[2]!({} as never);
  await settled();
  assert.deepEqual(bench.shown, { skill: 'complement', line: '100 - x', view: null });
});

test('a working is gone through step by step, and not beyond its ends', () => {
  const steps = ['one', 'two', 'three'].map((id, at) => ({
    ...{ id, text: String(at), explanation: `Say ${id}.`, held: at === 1 ? ['7'] : [] }
  }));
  const stepper = new Stepper({ steps } as unknown as ItemView);
  assert.deepEqual([stepper.shown, stepper.isWhole, stepper.current], [3, true, null]);
  stepper.go(2);
  assert.deepEqual(
    [stepper.current, stepper.explanation, stepper.held],
    ['two', 'Say two.', ['7']]
  );
  assert.deepEqual(stepper.texts, { one: '0', two: '1' });
  stepper.go(-1);
  assert.deepEqual([stepper.shown, stepper.current, stepper.texts], [0, null, {}]);
  assert.equal(stepper.explanation, 'Nothing is written yet.');
  stepper.go(9);
  assert.equal(stepper.shown, 3);
  assert.ok(new WorkedItem(skillOf('doubling'), { number: '18' }, 'looking-ahead').answer === '36');
});

const doubling = describeSkill(skillOf('doubling'), defaultHouseStyle);
const complement = describeSkill(skillOf('complement'), defaultHouseStyle);

/** A counter of which each kind of question is answered when a test says so. */
function counting() {
  const later = {
    count: new Later(),
    explain: new Later(),
    possible: new Later(),
    blocked: new Later()
  };
  const counter: Counter = {
    count: later.count.ask,
    explain: later.explain.ask,
    possible: later.possible.ask,
    blocked: later.blocked.ask
  };
  return { later, possibilities: new Possibilities(counter, counter) };
}

const counted = (count: bigint | null) => ({ count, usable: count }) as never;

test('the count of the newest request is shown, then feature by feature what else could be asked', async () => {
  const { later, possibilities } = counting();
  void possibilities.ask(doubling, {});
  void possibilities.ask(doubling, { digits: 3 });
  assert.ok(possibilities.isCounting);
  later.count.waiting[1]!(counted(900n));
  later.count.waiting[0]!(counted(1n));
  await settled();
  assert.deepEqual(
    [possibilities.count, possibilities.usable, possibilities.isCounting],
    [...[900n, 900n, false]]
  );
  const [first, second] = doubling.features;
  const all = choicesOf(first!).map(() => true);
  later.possible.waiting[0]!(all as never);
  await settled();
  assert.deepEqual(possibilities.possible, { [first!.id]: all });
  assert.equal(later.possible.waiting.length, 2);
  // What comes late for a request that was overtaken is dropped.
  void possibilities.ask(doubling, { digits: 4 });
  later.possible.waiting[1]!([] as never);
  await settled();
  assert.ok(!(second!.id in possibilities.possible));
});

test('nothing to draw is explained; too much work says so; another skill forgets it all', async () => {
  const { later, possibilities } = counting();
  void possibilities.ask(doubling, { digits: 2, carries: 5 });
  later.count.waiting[0]!(counted(0n));
  await settled();
  const conflict = { conflict: ['digits', 'carries'], nearest: { carries: 2 } };
  later.explain.waiting[0]!(conflict as never);
  await settled();
  assert.deepEqual(possibilities.conflict, conflict);
  void possibilities.ask(doubling, { digits: 2 });
  later.count.waiting[1]!(counted(null));
  await settled();
  assert.deepEqual([possibilities.isTooHard, possibilities.conflict], [true, null]);
  void possibilities.ask(complement, {});
  assert.deepEqual(
    [possibilities.isTooHard, possibilities.count, possibilities.possible],
    [...[false, null, {}]]
  );
});

test('a value that cannot be had says what blocks it, unless another was pressed meanwhile', async () => {
  const { later, possibilities } = counting();
  const controls: Controls = { digits: 2 };
  const [feature] = doubling.features;
  const [one, other] = choicesOf(feature!);
  void possibilities.refuse(doubling, controls, feature!.id, one!);
  assert.deepEqual(possibilities.refusal, { feature: feature!.id, label: one!.label, why: null });
  void possibilities.refuse(doubling, controls, feature!.id, other!);
  const why = { conflict: ['digits'], offers: [] };
  later.blocked.waiting[1]!(why as never);
  later.blocked.waiting[0]!({} as never);
  await settled();
  assert.deepEqual(possibilities.refusal, { feature: feature!.id, label: other!.label, why });
});
