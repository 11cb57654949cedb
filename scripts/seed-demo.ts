/* Fills a new database with the department of Lanternmoor School: classes, papers in every state, sittings. */
import { rmSync } from 'node:fs';
import { readName } from '@zealous-quill/core/exchange';
import { simulate } from '@zealous-quill/core/marking';
import { fromPlans, startLadder } from '@zealous-quill/core/papers';
import { skillOf, WorkedItem } from '@zealous-quill/core/skills';
import { partSeed, seededRandom } from '@zealous-quill/core/spaces';
import { ANSWER, spreadAnswer, stepOf } from '@zealous-quill/core/working';
import { importPupils, listClasses } from '../src/lib/server/database/classes';
import { openDatabase, type Db } from '../src/lib/server/database/connection';
import { saveHouseStyle } from '../src/lib/server/database/house-style';
import { createPaper, newEdition } from '../src/lib/server/database/papers';
import { NOTHING, saveResponse, type GivenMarks } from '../src/lib/server/database/responses';
import { simulatedWork } from '../src/lib/server/database/schema';
import { listScripts, sitPaper } from '../src/lib/server/database/sittings';
import { satItems, type SatItem } from '../src/lib/server/database/snapshots';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { demoClasses, habitsOf } from './demo/pupils';

const SEED = 1847;
const SKILL = 'column-addition';

const file = process.env['DATABASE'] ?? 'data/demo.db';
// What an interrupted run left is of no use.
for (const end of ['', '-wal', '-shm']) rmSync(`${file}${end}`, { force: true });
const db = openDatabase(file);
saveHouseStyle(db, { ...defaultHouseStyle, takingTen: 'exchange' });
importPupils(
  db,
  demoClasses.flatMap(({ name, pupils }) =>
    pupils.map((pupil, line) => {
      const [forename, ...surname] = pupil.split(' ');
      return { line, className: name, ...readName(`${surname.join(' ')}, ${forename}`) };
    })
  )
);
const [amber, copper, slate] = listClasses(db).map(({ id }) => id) as [number, number, number];

const lanterns = createPaper(db, startLadder(SKILL, 'Lantern counts: carrying', { seed: SEED }));
const railway = createPaper(
  db,
  fromPlans('Narrow-gauge fares: numbers of unequal length', SEED + 1, [
    {
      skill: SKILL,
      kind: 'worked-example',
      count: 1,
      controls: { addends: 2, digits: 3, shortest: 2, carries: 1 }
    },
    {
      skill: SKILL,
      kind: 'gaps',
      count: 1,
      controls: { addends: 2, digits: 3, shortest: 2, carries: 2 }
    },
    {
      skill: SKILL,
      kind: 'set-out',
      count: 4,
      controls: { addends: 2, digits: 3, shortest: 2, carries: { min: 1 } }
    },
    {
      skill: SKILL,
      kind: 'bare',
      count: 4,
      controls: { addends: 2, digits: 4, shortest: { max: 3 }, carries: 2 }
    },
    {
      skill: SKILL,
      kind: 'harder',
      count: 2,
      controls: { addends: 2, digits: 4, carries: 4, ripples: { min: 1 } }
    },
    {
      skill: SKILL,
      kind: 'challenge',
      count: 2,
      controls: { addends: 3, digits: 4, shortest: { max: 3 }, largestCarry: 2 }
    }
  ])
);
const station = createPaper(
  db,
  fromPlans('Weather station: totals that make a new column', SEED + 2, [
    {
      skill: SKILL,
      kind: 'worked-example',
      count: 1,
      controls: { addends: 2, digits: 3, newColumn: true, carries: 1 }
    },
    {
      skill: SKILL,
      kind: 'set-out',
      count: 6,
      controls: { addends: 2, digits: 3, newColumn: true, carries: { min: 2 } }
    },
    {
      skill: SKILL,
      kind: 'challenge',
      count: 2,
      controls: { addends: 4, digits: 3, newColumn: true, largestCarry: 3 }
    }
  ])
);

const mixed = createPaper(
  db,
  fromPlans('Autumn review: seven ways of working', SEED + 4, [
    {
      skill: 'column-addition',
      kind: 'set-out',
      count: 2,
      controls: { addends: 2, digits: 4, shortest: 3, carries: 2 }
    },
    {
      skill: 'column-subtraction',
      kind: 'set-out',
      count: 2,
      controls: { digits: 4, regroupings: 3, acrossZeros: 1 }
    },
    {
      skill: 'long-multiplication',
      kind: 'set-out',
      count: 2,
      controls: { digits: 2, multiplierDigits: 2, carries: 2 }
    },
    {
      skill: 'order-decimals',
      kind: 'set-out',
      count: 2,
      controls: {
        ...{ count: 4, maxPlaces: 3, integers: 0, longerTraps: { min: 2 }, zeroTraps: 1 },
        ...{ wholeParts: { max: 2 }, wholeSpan: { max: 1 }, placed: { max: 1 } }
      }
    },
    {
      skill: 'mixed-subtraction',
      kind: 'worked-example',
      count: 1,
      controls: {
        ...{ relation: ['multiple'], regroups: true, simplifies: false, commonDenominator: 12 },
        ...{ friendly: true, largestWhole: { max: 12 } }
      }
    },
    {
      skill: 'mixed-subtraction',
      kind: 'set-out',
      count: 2,
      controls: {
        relation: ['coprime', 'shared-factor'],
        regroups: true,
        wholeVanishes: false,
        fractionOnly: false,
        wholeMinuend: false,
        friendly: true,
        largestWhole: { max: 12 },
        commonDenominator: { min: 10, max: 30 }
      }
    },
    {
      skill: 'near-multiple-subtraction',
      kind: 'set-out',
      count: 3,
      controls: { digits: 3, changeDigits: 2, answerDigits: 3, crosses: true },
      spread: {
        feature: 'suited',
        parts: [
          { control: true, count: 2 },
          { control: false, count: 1 }
        ]
      }
    },
    {
      skill: 'factorise-quadratic',
      school: 'area-grid',
      kind: 'set-out',
      count: 2,
      controls: {
        factorable: true,
        kind: ['general'],
        content: { max: 3 },
        leading: { min: 2, max: 6 },
        largest: { max: 30 }
      }
    },
    {
      skill: 'factorise-quadratic',
      school: 'cross-trial',
      kind: 'set-out',
      count: 1,
      controls: {
        factorable: true,
        kind: ['general'],
        content: 1,
        leading: { min: 2, max: 6 },
        largest: { max: 30 }
      }
    },
    {
      skill: 'factorise-quadratic',
      kind: 'challenge',
      count: 2,
      controls: {
        monic: true,
        kind: ['general', 'prime'],
        content: 1,
        signs: ['-+'],
        largest: { max: 30 }
      }
    }
  ])
);

sit(copper, lanterns, '2026-11-12', 1);
sit(amber, railway, '2026-11-19', 0.55);
sit(slate, mixed, '2026-11-20', 0.8);
sit(copper, station, '2026-11-24', 0);
newEdition(db, lanterns);
createPaper(
  db,
  fromPlans('Bakery orders: three numbers and more', SEED + 3, [
    {
      skill: SKILL,
      kind: 'worked-example',
      count: 1,
      controls: { addends: 3, digits: 3, carries: 2 }
    },
    {
      skill: SKILL,
      kind: 'bare',
      count: 6,
      controls: { addends: { min: 3, max: 4 }, digits: 3, carries: 2 }
    },
    {
      skill: SKILL,
      kind: 'challenge',
      count: 2,
      controls: { addends: 5, digits: 4, largestCarry: { min: 2 } }
    }
  ])
);
const wagons = createPaper(
  db,
  fromPlans('Crates by the wagon: sharing out', SEED + 5, [
    {
      skill: 'short-division',
      kind: 'worked-example',
      count: 1,
      controls: { digits: 3, divisor: { min: 3, max: 9 }, quotientZeros: 1, exact: true }
    },
    {
      skill: 'short-division',
      kind: 'set-out',
      count: 4,
      controls: {
        ...{ digits: 3, divisor: { min: 3, max: 9 }, exact: false, leadingShort: false },
        carried: { min: 1 }
      },
      spread: {
        feature: 'quotientZeros',
        parts: [
          { control: 0, count: 2 },
          { control: 1, count: 2 }
        ]
      }
    },
    {
      skill: 'short-division',
      kind: 'bare',
      count: 4,
      controls: { digits: 4, divisor: { min: 3, max: 9 }, quotientZeros: 1, carried: { min: 1 } }
    },
    {
      skill: 'long-division',
      kind: 'challenge',
      count: 2,
      controls: {
        ...{ digits: 4, quotientDigits: 3, quotientZeros: 1, exact: false },
        divisor: { min: 12, max: 19 }
      }
    }
  ])
);
sit(slate, wagons, '2026-11-25', 1);
createPaper(db, startLadder('decimal-addition', 'Rain gauges: points in line', { seed: SEED + 6 }));
db.$client.close();

/** A class sits a paper; simulated pupils write, and a share of the responses is marked. */
function sit(classId: number, paperId: number, day: string, share: number): void {
  const sat = sitPaper(db, paperId, classId, day);
  if (!sat.ok) throw new Error(`seed-demo: sitting gives ${sat.code}`);
  const items = satItems(db, paperId);
  const scripts = listScripts(db, sat.id);
  const toMark = Math.round(share * scripts.length * items.length);
  let marked = 0;
  for (const part of items) {
    const { skill, given, school } = part.item;
    const worked = new WorkedItem(skillOf(skill), given, school);
    scripts.forEach((script, place) => {
      const random = seededRandom(partSeed(SEED, `${day}/${script.id}/${part.id}`));
      const { working, truth } = simulate(worked, habitsOf(place, skill), random);
      db.insert(simulatedWork)
        .values({ scriptId: script.id, partId: part.id, working, ...truth })
        .run();
      if (marked++ < toMark) mark(db, script.id, part, working, marked);
    });
  }
}

/** As a marker would enter it: what the squares hold, with the answer where they do not read it. */
function mark(
  database: Db,
  scriptId: number,
  { id: partId, item, scheme }: SatItem,
  working: Readonly<Record<string, string>>,
  count: number
): void {
  const { answer = '', ...squares } = working;
  const graph = skillOf(item.skill).graph(item.given, item.school);
  const isNumeral = /^\d+$/.test(item.answer) && stepOf(graph, ANSWER).assembled;
  const isLong = isNumeral && spreadAnswer(graph, answer) === undefined;
  const entry = isLong ? { answer } : isNumeral ? squares : working;
  const first = scheme.marks[0]!.id;
  const given: GivenMarks =
    count % 97 === 0
      ? { [first]: { given: 1, reason: 'method explained beside the squares' } }
      : {};
  const isBlank = Object.keys(entry).length === 0;
  const state = {
    ...NOTHING,
    isMarked: true,
    given,
    working: entry,
    attempt: isBlank ? ('not-attempted' as const) : ('written' as const),
    comment: count % 61 === 0 ? 'Write the small figure down before you go on.' : ''
  };
  const saved = saveResponse(database, scriptId, partId, state);
  if (!saved.ok) throw new Error(`seed-demo: response gives ${saved.code}`);
}
