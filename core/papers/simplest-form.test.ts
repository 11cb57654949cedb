import assert from 'node:assert/strict';
import { test } from 'node:test';
import '../catalogue/all';
import { defaultHouseStyle } from '../house-style';
import { markItem } from '../marking';
import { skillOf, WorkedItem } from '../skill';
import { ANSWER } from '../working';
import { factsKey, schemeOf } from './facts';
import { rungSchema, type Rung } from './paper';
import { snapshotOf } from './snapshot';

const skill = skillOf('mixed-addition');
/** 1 3/8 + 2 1/8 = 3 4/8 = 3 1/2. */
const given = skill.given.parse('1 3/8 + 2 1/8')!;
const entry = { id: 'i1', given, locked: false, edited: false };
const rung = (simplestForm?: Rung['simplestForm']): Rung => ({
  ...{ id: 'r1', kind: 'bare', skill: skill.id, school: Object.keys(skill.schools)[0]! },
  ...{ controls: {}, count: 1, items: [entry] },
  ...(simplestForm && { simplestForm })
});
const house = (simplestForm: 'asked' | 'open') => ({ ...defaultHouseStyle, simplestForm });

/** Whether the question asks for simplest form, and the marks of an answer that is not in it. */
function asks(own: Rung, style = defaultHouseStyle) {
  const { item, scheme } = snapshotOf(own, entry, style);
  const marked = markItem(
    new WorkedItem(skill, given, own.school),
    { [ANSWER]: '3 4/8' },
    schemeOf(own, entry, style)
  );
  assert.deepEqual(scheme, schemeOf(own, entry, style));
  return [item.prompt.includes('simplest form'), marked.marks.available - marked.marks.awarded];
}

test('a rung asks for simplest form or does not, whatever the house says; one that says nothing does as the house', () => {
  const [asked, open] = [
    [true, 1],
    [false, 0]
  ];
  for (const style of [house('asked'), house('open')]) {
    assert.deepEqual(asks(rung('asked'), style), asked);
    assert.deepEqual(asks(rung('open'), style), open);
    assert.deepEqual(asks(rung(), style), style.simplestForm === 'asked' ? asked : open);
  }
});

test('what a rung asks is kept with it, and what is known of its items is not that of another rung', () => {
  assert.ok(rungSchema.safeParse(rung('open')).success);
  assert.ok(!rungSchema.safeParse({ ...rung(), simplestForm: 'never' }).success);
  const keys = [rung(), rung('asked'), rung('open')].map((one) => factsKey(one, entry));
  assert.equal(new Set(keys).size, 3);
});
