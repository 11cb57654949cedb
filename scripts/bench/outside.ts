import { likelyPatterns, pupilEvidence } from '@zealous-quill/core/analysis';
import { patternsIn, type Skill, type WorkedItem } from '@zealous-quill/core/skill';
import { skills } from '@zealous-quill/core/catalogue/all';
import { partSeed, seededRandom } from '@zealous-quill/core/spaces';
import { ITEMS, oftenShown, paperOf } from './bench-paper';
import { forgetful, holding, invented, lost, observe, type Answering } from './pupils';
import { printTable } from './table';

const PUPILS = 200;

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

/** Patterns that the paper's school does not have and another of the skill has, often enough on these items. */
function patternsElsewhere(skill: Skill, items: readonly WorkedItem[]) {
  const own = patternsIn(skill, items[0]!.school).map(({ id }) => id);
  return Object.keys(skill.schools).flatMap((school) =>
    oftenShown(
      skill,
      items.map((item) => item.inSchool(school))
    )
      .filter((id) => !own.includes(id))
      .map((id) => ({ id, school }))
  );
}

/** A pupil who works by another school than the paper's, and holds a pattern of it. */
function ofAnotherSchool(others: readonly { id: string; school: string }[], script: number) {
  const { id, school } = others[script % others.length]!;
  const answering: Answering = (item, random) => holding([id])(item.inSchool(school), random);
  return { answering, held: [id] };
}

/** What is said at over 99 % of a class in which a third hold one pattern, a third err otherwise, a third slip. */
function classOf(often: readonly string[], items: readonly WorkedItem[]) {
  const kinds: readonly Answering[] = [invented(0), invented(1), invented(2), lost, forgetful];
  const said = { true: 0, all: 0 };
  for (let script = 0; script < PUPILS; script++) {
    const random = seededRandom(partSeed(script, items[0]!.skill.id));
    const held = script % 3 === 0 ? [often[(script / 3) % often.length]!] : [];
    const answering = script % 3 === 1 ? kinds[script % kinds.length]! : holding(held);
    const observations = items.map((item) => observe(item, answering(item, random)));
    for (const { pattern, probability } of likelyPatterns(pupilEvidence(observations).patterns)) {
      if (probability <= 0.99) continue;
      said.all++;
      if (held.includes(pattern)) said.true++;
    }
  }
  return said;
}

const rows = skills.map((skill) => {
  const items = paperOf(skill, Object.keys(skill.schools)[0]!);
  const often = oftenShown(skill, items);
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
  const last = paperOf(skill, Object.keys(skill.schools).at(-1)!);
  const others = patternsElsewhere(skill, last);
  const elsewhere = others.length > 0 && run((script) => ofAnotherSchool(others, script), last);
  const mixed = classOf(often, items);
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
    elsewhere ? share(elsewhere.found, elsewhere.wanted) : '–',
    share(mixed.true, mixed.all)
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
      'other school',
      'true of over 99'
    ],
    ...rows
  ]
);
