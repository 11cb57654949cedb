import { markItem, simulate } from '@zealous-quill/core/marking';
import { constraintsOf, drawItems, skillOf, type Controls } from '@zealous-quill/core/skills';
import { distinctRanks, seededRandom } from '@zealous-quill/core/spaces';
import { counts, spaces } from './spaces';
import { ms, printTable, time } from './table';

const DRAWN = 1000;
const ROUNDS = 5;

/** Items per second of a built space: the best of some rounds, after one to warm up. */
function perSecond(skillId: string, controls: Controls) {
  const skill = skillOf(skillId);
  const constraints = constraintsOf(skill.features, controls);
  let space = skill.space(constraints);
  const building = time(() => (space = skill.space(constraints)));
  const rounds = Array.from({ length: ROUNDS + 1 }, (_, seed) =>
    time(() => {
      let drawn = 0;
      for (const rank of distinctRanks(space.count, seededRandom(seed))) {
        space.at(rank);
        if (++drawn === DRAWN) break;
      }
    })
  );
  return { rate: DRAWN / (Math.min(...rounds.slice(1)) / 1000), building, count: space.count };
}

for (const [skillId, kinds] of Object.entries(spaces)) {
  const measured = kinds.map(({ name, controls }) => ({ name, ...perSecond(skillId, controls) }));
  const [common] = measured;
  printTable(`Items per second: ${skillId}`, [
    ['space', 'items', 'building', 'per second', 'ratio to common'],
    ...measured.map(({ name, rate, building, count }) => [
      name,
      count.toString(),
      ms(building),
      Math.round(rate).toString(),
      (common!.rate / rate).toFixed(2)
    ])
  ]);
}

printTable('Counting', [
  ['request', 'time', 'items'],
  ...counts.map(({ skill, name, controls }) => {
    let count = 0n;
    const { features, count: countOf } = skillOf(skill);
    const took = time(() => (count = countOf(constraintsOf(features, controls))));
    return [`${skill}: ${name}`, ms(took), count.toString()];
  })
]);

const skill = skillOf('column-addition');
const drawn = drawItems(skill, {
  controls: { addends: 2, digits: 4, carries: 3 },
  count: 30,
  seed: 1
});
if (!drawn.ok) throw new Error('bench: no items to mark');
const pupil = {
  holds: [{ pattern: 'carry-dropped', degree: 0.5 }],
  slipRate: 0.3,
  writesMarks: 0.5,
  leavesOut: 0
};
const random = seededRandom(7);
const script = drawn.given.map((given) => ({
  given,
  ...simulate(skill, given, 'columns', pupil, random)
}));
const markScript = () =>
  script.forEach(({ given, working }) => markItem(skill, { given, school: 'columns', working }));
const first = time(markScript);
const WARMING = 100;
const later = Array.from({ length: WARMING + 20 }, () => time(markScript)).slice(WARMING);
printTable('Marking a script of 30 items with working', [
  ['', 'time'],
  ['first', ms(first)],
  [`median of 20 after ${WARMING}, as in a running server`, ms(later.sort((a, b) => a - b)[10]!)]
]);
