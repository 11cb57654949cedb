import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { snapshotOf } from '@zealous-quill/core/papers';
import { itemsOf, schoolsOf, skills } from '../../../../../core/catalogue/skills.test-helper';
import { keptSnapshot, type KeptTexts } from './read-snapshot';

/** A snapshot of each skill, as it is kept. */
const kept = skills.map((skill): { id: string; texts: KeptTexts } => {
  const given = itemsOf(skill, 11)[0];
  const rung = { skill: skill.id, school: schoolsOf(skill)[0]! };
  const { item, scheme, printed } = snapshotOf(rung, { given }, defaultHouseStyle);
  const texts = [item, scheme, printed].map((part) => JSON.stringify(part)) as [
    string,
    string,
    string
  ];
  return { id: skill.id, texts: { item: texts[0], scheme: texts[1], printed: texts[2] } };
});

test('what was kept of any skill is read as it was', () => {
  for (const { id, texts } of kept) {
    const snapshot = keptSnapshot(texts);
    assert.ok(snapshot, id);
    assert.deepEqual(JSON.parse(JSON.stringify(snapshot)), {
      ...{ item: JSON.parse(texts.item), scheme: JSON.parse(texts.scheme) },
      printed: JSON.parse(texts.printed!)
    });
  }
});

test('what was damaged by anything is left out, and nothing is thrown', () => {
  const { texts } = kept[0]!;
  for (const name of ['item', 'scheme', 'printed'] as const) {
    const whole = texts[name]!;
    const parts = Object.keys(JSON.parse(whole) as object);
    const damaged = [
      ...['', 'not json', 'null', '[]', '{}', '"text"', whole.slice(0, whole.length / 2)],
      // Every part that is relied on, missing or of another kind.
      ...parts
        .filter((part) => part !== 'showWorking' && part !== 'allows')
        .map((part) => JSON.stringify({ ...JSON.parse(whole), [part]: { not: 'this' } }))
    ].filter((text) => text !== whole);
    for (const text of damaged) {
      const isFeatures = text.includes('"features":{"not":"this"}');
      const isTexts = text.includes('"texts":{"not":"this"}');
      if (isFeatures || isTexts) continue;
      assert.equal(
        keptSnapshot({ ...texts, [name]: text }),
        undefined,
        `${name}: ${text.slice(0, 80)}`
      );
    }
  }
  assert.equal(keptSnapshot({ ...texts, printed: null }), undefined);
});
