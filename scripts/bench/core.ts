import { pupilEvidence } from '@zealous-quill/core/analysis';
import { markItem, simulate } from '@zealous-quill/core/marking';
import {
  drawItems,
  readControls,
  skillOf,
  Wanted,
  WorkedItem,
  type Controls
} from '@zealous-quill/core/skill';
import '@zealous-quill/core/catalogue/all';
import { distinctRanks, seededRandom } from '@zealous-quill/core/spaces';
import { observe } from './pupils';
import { counts, spaces } from './spaces';
import { ms, printTable, time } from './table';

const DRAWN = 1000;
const ROUNDS = 5;

/** Makes the items under some controls anew, past what the skill keeps of recent ones. */
function freshItems(skillId: string, controls: Controls) {
  const skill = skillOf(skillId);
  const read = readControls(skill.features, controls);
  if (!read.ok) throw new Error(`bench: control '${read.error.field}' of ${skillId} is wrong`);
  return () => {
    // Other requests push it out.
    for (let other = 0; other < 4; other++) {
      const { id, min } = skill.features.find((feature) => feature.kind === 'number')!;
      skill.items(new Wanted(skill.features, { [id]: { min, max: min + other } }));
    }
    return skill.items(new Wanted(skill.features, read.constraints));
  };
}

/** Items per second of a built space: the best of some rounds, after one to warm up. */
function perSecond(skillId: string, controls: Controls) {
  const items = freshItems(skillId, controls);
  let space = items().ranked();
  const building = time(() => (space = items().ranked()));
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
    const items = freshItems(skill, controls);
    const took = time(() => (count = items().count));
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
  ...simulate(new WorkedItem(skill, given, 'columns'), pupil, random)
}));
const markScript = (itemOf: (given: (typeof script)[number]['given']) => WorkedItem) =>
  script.forEach(({ given, working }) => markItem(itemOf(given), working));
const laidOut = (given: (typeof script)[number]['given']) =>
  new WorkedItem(skill, given, 'columns');
// The server lays an item out once for all pupils who answer it.
const kept = new Map(drawn.given.map((given) => [given, laidOut(given)]));
const first = time(() => markScript(laidOut));
const WARMING = 300;
const medianOf = (itemOf: typeof laidOut) =>
  Array.from({ length: WARMING + 20 }, () => time(() => markScript(itemOf)))
    .slice(WARMING)
    .sort((a, b) => a - b)[10]!;
const observations = script.map(({ given, working }) => {
  const item = new WorkedItem(skill, given, 'columns');
  return observe(item, working['answer'] ?? '');
});
const weighing = Array.from({ length: 40 }, () => time(() => pupilEvidence(observations))).slice(
  20
);
printTable('Marking a script of 30 items with working', [
  ['', 'time'],
  ['first', ms(first)],
  [`median of 20 after ${WARMING}, each item laid out anew`, ms(medianOf(laidOut))],
  [
    `median of 20 after ${WARMING}, items kept as in a running server`,
    ms(medianOf((given) => kept.get(given)!))
  ],
  ['evidence of the pupil', ms(weighing.sort((a, b) => a - b)[10]!)]
]);
