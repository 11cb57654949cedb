import assert from 'node:assert/strict';
import { test } from 'node:test';
import { describeSkill } from '@zealous-quill/core/catalogue';
import { itemsOf, skills } from '../../../../core/catalogue/skills.test-helper';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { analyseItem } from '@zealous-quill/core/skill';
import { featureWords } from './feature-words';

test('what an item has is told, and nothing else, for every skill', () => {
  for (const skill of skills) {
    const description = describeSkill(skill, defaultHouseStyle);
    for (const given of itemsOf(skill, 5)) {
      const { features } = analyseItem(skill, given);
      const told = featureWords(description, features);
      for (const { id, text } of told) {
        assert.ok(features[id] !== undefined && features[id] !== 0 && features[id] !== false);
        assert.doesNotMatch(text, /undefined|object/);
      }
      const controls = Object.fromEntries(told.map(({ id }) => [id, features[id] as number]));
      assert.deepEqual(featureWords(description, features, controls), []);
    }
  }
});

test('a feature that an item lacks is no word', () => {
  const features = [
    { id: 'carries', title: 'Carries', kind: 'number', min: 0, max: 9 },
    { id: 'other/way', title: 'Way', kind: 'choice', values: ['short'] }
  ];
  const skill = { features } as never;
  assert.deepEqual(featureWords(skill, { carries: 2 }), [{ id: 'carries', text: 'carries 2' }]);
  assert.deepEqual(featureWords(skill, { carries: 0, 'other/way': 'short' }), [
    { id: 'other/way', text: 'way short' }
  ]);
});
