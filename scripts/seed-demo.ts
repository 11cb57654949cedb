/* Fills a new database with the department of Lanternmoor School: classes, papers in every state, sittings. */
import { rmSync } from 'node:fs';
import { readName } from '@zealous-quill/core/exchange';
import { simulate } from '@zealous-quill/core/marking';
import { quickSheets } from '@zealous-quill/core/quick';
import { fromPlans, startLadder } from '@zealous-quill/core/papers';
import { skillOf, WorkedItem } from '@zealous-quill/core/skill';
import { partSeed, seededRandom } from '@zealous-quill/core/spaces';
import { ANSWER, spreadAnswer, stepOf } from '@zealous-quill/core/working';
import { archiveClasses, setYear } from '../src/lib/server/database/people/archive-classes';
import { readHouse } from '../src/lib/server/database/papers/default-schemes';
import { importPupils } from '../src/lib/server/database/people/import-pupils';
import { listClasses, readClass } from '../src/lib/server/database/people/classes';
import { openDatabase } from '../src/lib/server/database/base/connection';
import { type Db } from '../src/lib/server/database/base/db';
import { saveHouseStyle } from '../src/lib/server/database/papers/house-style';
import { createPaper, newEdition, removePaper } from '../src/lib/server/database/papers/papers';
import { assemble, examOf, formsOf, varyingParts, examSnapshots } from '@zealous-quill/core/exams';
import { COORDINATOR } from '../src/lib/server/database/base/change';
import { replaceForms } from '../src/lib/server/database/exams/forms';
import { sitExam, snapshotsAsked } from '../src/lib/server/database/sittings/sit-exam';
import { createExam, readExam, setExamState } from '../src/lib/server/database/exams/exams';
import { solver } from '../src/lib/server/jobs/solver';
import { createPlan } from '../src/lib/server/database/papers/plans';
import { NOTHING, type GivenMarks } from '../src/lib/server/database/marking/responses';
import { saveResponse } from '../src/lib/server/database/marking/save-response';
import {
  keepTimedSet,
  readTimedSet,
  saveTimedEntries,
  type TimedEntry
} from '../src/lib/server/database/people/timed';
import { simulatedWork } from '../src/lib/server/database/base/schema';
import { listScripts } from '../src/lib/server/database/sittings/scripts';
import { sitPaper } from '../src/lib/server/database/sittings/sittings';
import { satForms, satItems, type SatItem } from '../src/lib/server/database/sittings/snapshots';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { createContext, tellContext } from '../src/lib/server/database/papers/contexts';
import { lampFair } from './demo/contexts';
import * as plans from './demo/plans';
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
  fromPlans('Narrow-gauge fares: numbers of unequal length', SEED + 1, plans.railway)
);
const station = createPaper(
  db,
  fromPlans('Weather station: totals that make a new column', SEED + 2, plans.station)
);

const mixed = createPaper(
  db,
  fromPlans('Autumn review: seven ways of working', SEED + 4, plans.review)
);

sit(copper, lanterns, '2026-11-12', 1);
sit(amber, railway, '2026-11-19', 0.55);
sit(slate, mixed, '2026-11-20', 0.8);
sit(copper, station, '2026-11-24', 0);
newEdition(db, lanterns);
createPaper(db, fromPlans('Bakery orders: three numbers and more', SEED + 3, plans.bakery));
const wagons = createPaper(
  db,
  fromPlans('Crates by the wagon: sharing out', SEED + 5, plans.wagons)
);
sit(slate, wagons, '2026-11-25', 1);
createPaper(db, startLadder('decimal-addition', 'Rain gauges: points in line', { seed: SEED + 6 }));
// Decimals in every state: a draft, one not yet marked, one half and one all marked.
const ladder = (skill: string, title: string, offset: number) =>
  createPaper(db, startLadder(skill, title, { seed: SEED + offset }));
const ribbons = ladder('decimal-subtraction', 'Ribbon off the roll: what is left', 7);
const oil = ladder('decimal-multiplication', 'Lamp oil by the litre', 8);
const glass = ladder('decimal-division', 'Panes cut to length', 9);
sit(copper, ribbons, '2026-11-25', 1);
sit(slate, oil, '2026-11-26', 0.5);
sit(slate, glass, '2026-11-27', 0);
fillRecords();
createPlan(db, plans.springName, plans.spring);
tellContext(db, { id: createContext(db, lampFair), version: 1 });
await sitSpring();
const lampRoom = createPaper(
  db,
  fromPlans('Lamp room: in the head, and choosing how', SEED + 11, plans.lampRoom)
);
sit(amber, lampRoom, '2026-11-26', 0.7);
const stories = createPaper(
  db,
  fromPlans('Stories from the town: finding out what to do', SEED + 12, plans.stories)
);
sit(copper, stories, '2026-11-27', 0.6);
timeSheets();
db.$client.close();

/** Three sheets of near doubles against the clock, as hard as each other; most pupils get quicker. */
function timeSheets(): void {
  const asked = {
    controls: { digits: 2, doublingCarries: { min: 1 }, difference: { min: 2, max: 6 } },
    ...{ count: 20, sets: 3, minutes: 3, seed: SEED }
  };
  const sheets = quickSheets(skillOf('near-doubles'), asked)!;
  const kept = { classId: copper, skill: 'near-doubles', asked, items: sheets.sets[0]!.length };
  const set = readTimedSet(db, copper, keepTimedSet(db, kept))!;
  const below = (most: number, what: string) => partSeed(SEED, `timed/${what}`) % most;
  const entries = readClass(db, copper)!.pupils.flatMap(({ id }, place) => {
    const start = 110 + below(70, `start/${place}`);
    // The third sheet is still to be worked by some.
    return Array.from({ length: place % 5 === 4 ? 2 : 3 }, (_, sheet): TimedEntry[] => [
      {
        ...{ pupilId: id, sheet, version: 0 },
        kind: 'score',
        value: 14 + below(7, `score/${place}/${sheet}`)
      },
      {
        ...{ pupilId: id, sheet, version: 0 },
        ...{ kind: 'seconds', value: start - 12 * sheet + below(20, `time/${place}/${sheet}`) }
      }
    ]).flat();
  });
  saveTimedEntries(db, set, entries);
}

/** What records have to show: years, a class that left long ago, and something in the bin. */
function fillRecords(): void {
  for (const id of [amber, copper, slate]) setYear(db, id, '2026/27');
  const left = ['Lamb, Ember', 'Stone, Wyn', 'Reed, Talan'].map((name, line) => ({
    ...{ line, className: '9 Bronze' },
    ...readName(name)
  }));
  const [bronze] = importPupils(db, left).classes as [number];
  sit(bronze, lanterns, '2022-06-14', 1);
  archiveClasses(db, [bronze]);
  removePaper(db, ladder('square-ending-five', 'Squares of wick lengths', 10), false);
}

/** A class sits a paper; simulated pupils write, and a share of the responses is marked. */
function sit(classId: number, paperId: number, day: string, share: number): void {
  const sat = sitPaper(db, paperId, classId, day);
  if (!sat.ok) throw new Error(`seed-demo: sitting gives ${sat.code}`);
  fill(sat.id, paperId, day, share);
}

/** The spring assessment in two forms, sat by two classes and half marked. */
async function sitSpring(): Promise<void> {
  const { spring: plan, springName } = plans;
  const made = assemble(plan, plan.seed ?? 0, await solver(), readHouse(db));
  if (!made.ok) throw new Error(`seed-demo: the plan gives ${made.error.code}`);
  const exam = examOf(springName, plan, made);
  const id = createExam(db, { ...exam, cover: { ...exam.cover, ...plans.springCover } }, { plan });
  const varying = varyingParts(exam, plan);
  const { forms } = formsOf({
    parts: varying.map(({ asked }) => asked),
    ...{ count: 1, seed: partSeed(exam.seed, 'forms/letter'), avoid: [] }
  });
  const given = Object.fromEntries(varying.map(({ part }, at) => [part.id, forms[0]![at]!.given]));
  replaceForms(db, id, ['letter'], [{ kind: 'letter', letter: 'B', given }]);
  const { version } = readExam(db, id)!;
  setExamState(db, { id, version, userId: COORDINATOR }, 'checked');
  setExamState(db, { id, version, userId: COORDINATOR }, 'approved');
  const day = '2026-11-10';
  const asked = { classIds: [copper, slate], satOn: day, dealing: 'turns' as const };
  const sat = sitExam(db, { id, version }, asked, examSnapshots(snapshotsAsked(db, id)!));
  if (!sat.ok) throw new Error(`seed-demo: sitting the exam gives ${sat.code}`);
  for (const sitting of sat.ids) fill(sitting, id, day, 0.5);
}

/** Simulated pupils write, and a share of the responses is marked. */
function fill(sittingId: number, paperId: number, day: string, share: number): void {
  const items = satItems(db, paperId);
  const scripts = listScripts(db, sittingId);
  const onForms = satForms(
    db,
    paperId,
    scripts.map(({ formId }) => formId)
  );
  const toMark = Math.round(share * scripts.length * items.length);
  let marked = 0;
  for (const { id } of items) {
    scripts.forEach((script, place) => {
      const part = onForms.get(script.formId)!.parts.find((one) => one.id === id)!;
      const { skill, given, school } = part.item;
      const worked = new WorkedItem(skillOf(skill), given, school);
      const random = seededRandom(partSeed(SEED, `${day}/${script.id}/${part.id}`));
      const { working: whole, truth } = simulate(worked, habitsOf(place, skill), random);
      const working = presented(part, whole, place);
      db.insert(simulatedWork)
        .values({ scriptId: script.id, partId: part.id, working, ...truth })
        .run();
      if (marked++ < toMark) mark(db, script.id, part, working, marked);
    });
  }
}

/** What of a working stands on paper: of a choice the option taken, of an answer alone only that. */
function presented(
  { kind, options, item }: SatItem,
  working: Readonly<Record<string, string>>,
  place: number
): Record<string, string> {
  const { answer } = working;
  if (answer === undefined || (kind !== 'choice' && kind !== 'bare')) return { ...working };
  if (!options) return { answer };
  const step = stepOf(skillOf(item.skill).graph(item.given, item.school), ANSWER);
  const value = step.reading.parse(answer);
  const own = options.find(({ text }) => {
    const option = step.reading.parse(text);
    return value !== undefined && option !== undefined && step.reading.equal(option, value);
  });
  return { answer: (own ?? options[place % options.length]!).text };
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
  const isBare = Object.keys(working).every((step) => step === ANSWER);
  const entry = isLong || isBare ? working : isNumeral ? squares : working;
  const first = scheme.marks[0]!.id;
  const given: GivenMarks =
    count % 97 === 0
      ? { [first]: { given: 1, reason: 'method explained beside the squares' } }
      : {};
  const isBlank = Object.values(entry).every((written) => written.trim() === '');
  const state = {
    ...NOTHING,
    isMarked: true,
    given,
    working: isBlank ? {} : entry,
    attempt: isBlank ? ('not-attempted' as const) : ('written' as const),
    comment: count % 61 === 0 ? 'Write the small figure down before you go on.' : ''
  };
  const saved = saveResponse(database, scriptId, partId, state);
  if (!saved.ok) throw new Error(`seed-demo: response gives ${saved.code}`);
}
