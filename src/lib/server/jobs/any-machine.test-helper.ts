/* Asks for ladders, items and exams, one after the other, and prints what became of each: a line of JSON for each. */
import fc from 'fast-check';
import { createHash } from 'node:crypto';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import type { Controls, FeatureSpec } from '@zealous-quill/core/skill';
import { skills } from '@zealous-quill/core/catalogue/all';
import { startPlan } from '../exams/plan-trial';
import { run } from './pool';

const RANDOM_REQUESTS = 100;
const PLANS = 10;

/** Any control of a feature. */
function control(feature: FeatureSpec): fc.Arbitrary<unknown> {
  switch (feature.kind) {
    case 'flag':
      return fc.boolean();
    case 'tables':
      return fc
        .subarray(feature.values.map(Number), { minLength: 2 })
        .map((allow) => ({ allow: [...allow] }));
    case 'choice':
    case 'list':
      return fc.subarray([...feature.values], { minLength: 1 });
    case 'number':
      if (feature.steps) return fc.constantFrom(...feature.steps);
      return fc
        .tuple(...[0, 1].map(() => fc.integer({ min: feature.min, max: feature.max })))
        .map((ends) => ({ min: Math.min(...ends), max: Math.max(...ends) }));
  }
}

/** A skill and up to three of its controls. */
const requests = fc.constantFrom(...skills).chain((skill) =>
  fc
    .subarray([...skill.features], { maxLength: Math.min(3, skill.features.length) })
    .chain((features) =>
      fc
        .tuple(...features.map(control))
        .map((values) => Object.fromEntries(features.map(({ id }, at) => [id, values[at]])))
    )
    .map((controls) => ({ skill: skill.id, controls: controls as Controls }))
);

/** What a task gave, short enough to be compared. */
async function told(name: string, doing: Promise<unknown>): Promise<void> {
  const text = JSON.stringify(await doing, (_, value) =>
    typeof value === 'bigint' ? `${value}` : (value as unknown)
  );
  const digest = createHash('sha256').update(text).digest('hex').slice(0, 16);
  console.log(JSON.stringify([name, text.slice(0, 80), digest]));
}

const style = defaultHouseStyle;
for (const { id } of skills) {
  await told(`ladder ${id}`, run('ladder', { skill: id, controls: {}, seed: 11, style }));
}
for (const asked of fc.sample(requests, { numRuns: RANDOM_REQUESTS, seed: 1852 })) {
  await told(`count ${JSON.stringify(asked)}`, run('count', asked));
}
for (let at = 0; at < PLANS; at++) {
  const [one, other] = [skills[(3 * at) % skills.length]!, skills[(3 * at + 7) % skills.length]!];
  const rows = [one, other].map(({ id }, row) => ({
    ...startPlan(id).rows[0]!,
    ...{ id: `r${row}`, parts: { min: 1, max: 12 } }
  }));
  const plan = { ...startPlan(one.id), total: 12, rows };
  await told(`plan ${one.id} ${other.id}`, run('assemble', { plan, seed: at }));
}
process.exit(0);
