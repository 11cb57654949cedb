import { likelyPatterns, pupilEvidence } from '@zealous-quill/core/analysis';
import { isMarked, startLadder } from '@zealous-quill/core/papers';
import { WorkedItem, type Skill } from '@zealous-quill/core/skills';
import { skills } from '@zealous-quill/core/skills/all';
import { partSeed, seededRandom } from '@zealous-quill/core/spaces';
import { forgetful, holding, invented, lost, observe, type Answering } from './pupils';
import { printTable } from './table';

const PUPILS = 200;
const ITEMS = 20;

/** Twenty items of the marked rungs of a skill's ladder, drawn several times over. */
function paperOf(skill: Skill, school: string): WorkedItem[] {
  const items = [1, 2, 3].flatMap((seed) =>
    startLadder(skill.id, 'bench', { seed: 2026 + seed })
      .rungs.filter(isMarked)
      .flatMap((rung) => rung.items)
  );
  return items.slice(0, ITEMS).map(({ given }) => new WorkedItem(skill, given, school));
}

interface Tally {
  pupils: number;
  named: number;
  sure: number;
  found: number;
  wanted: number;
}

function run(
  answering: (script: number) => { answering: Answering; held: readonly string[] },
  items: readonly WorkedItem[]
): Tally {
  const tally: Tally = { pupils: 0, named: 0, sure: 0, found: 0, wanted: 0 };
  for (let script = 0; script < PUPILS; script++) {
    const random = seededRandom(partSeed(script, items[0]!.skill.id));
    const { answering: answer, held } = answering(script);
    const observations = items.map((item) => observe(item, answer(item, random)));
    const named = likelyPatterns(pupilEvidence(observations).patterns);
    const sure = named.filter(({ probability }) => probability > 0.99);
    tally.pupils++;
    if (named.some(({ pattern }) => !held.includes(pattern))) tally.named++;
    if (sure.some(({ pattern }) => !held.includes(pattern))) tally.sure++;
    tally.wanted += held.length;
    tally.found += held.filter((id) => named.some(({ pattern }) => pattern === id)).length;
  }
  return tally;
}

const rows = skills.map((skill) => {
  const items = paperOf(skill, Object.keys(skill.schools)[0]!);
  const often = skill.patterns
    .map(({ id }) => id)
    .filter(
      (id) =>
        items.filter((item) => item.showing().some(({ pattern }) => pattern.id === id)).length >= 5
    );
  const pick = (script: number, count: number) =>
    Array.from(
      { length: Math.min(count, often.length) },
      (_, at) => often[(script + at * 3) % often.length]!
    );
  const nobody = (answering: Answering) => run(() => ({ answering, held: [] }), items);
  const unknown = [0, 1, 2].map((which) => nobody(invented(which)));
  const share = (part: number, whole: number) =>
    whole === 0 ? '–' : `${((100 * part) / whole).toFixed(1)}`;
  const sum = (of: (tally: Tally) => number) => unknown.reduce((total, one) => total + of(one), 0);
  const holders = [1, 2, 3].map((count) =>
    run((script) => {
      const held = [...new Set(pick(script, count))];
      return { answering: holding(held), held };
    }, items)
  );
  const lostOnes = nobody(lost);
  const forgetfulOnes = nobody(forgetful);
  return [
    skill.id,
    share(
      sum((one) => one.named),
      sum((one) => one.pupils)
    ),
    share(
      sum((one) => one.sure),
      sum((one) => one.pupils)
    ),
    share(lostOnes.named, lostOnes.pupils),
    share(forgetfulOnes.named, forgetfulOnes.pupils),
    ...holders.map(({ found, wanted }) => share(found, wanted)),
    share(holders[0]!.named, holders[0]!.pupils)
  ];
});

printTable(
  `Diagnosis of pupils from outside the model, ${PUPILS} of a kind, ${ITEMS} bare answers each, in %`,
  [
    [
      'skill',
      'unknown named',
      'over 99',
      'lost named',
      'forgetful',
      'one found',
      'two',
      'three',
      'wrong beside'
    ],
    ...rows
  ]
);
