import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  assemble,
  blueprintSchema,
  type Assembled,
  type Blueprint,
  type Bounds,
  type ExamPart
} from '@zealous-quill/core/exams';
import { availableMarks } from '@zealous-quill/core/schemes';
import { analyseItem, drawItems, skillOf, type Item } from '@zealous-quill/core/skill';
import { skills } from '@zealous-quill/core/catalogue/all';
import { seededRandom } from '@zealous-quill/core/spaces';
import { solver } from './solver';

const highs = await solver();
const random = seededRandom(1847);
const below = (most: number) => Math.abs(random.next()) % most;
const pick = <T>(values: readonly T[]) => values[below(values.length)]!;

const PAPERS = 40;

interface Read {
  readonly marks: number;
  readonly item: Item;
  readonly part: Part;
}

type Part = Pick<ExamPart, 'skill' | 'given' | 'school' | 'kind' | 'options'>;

/** A part as it is worked out without any of what assembles. */
function read(part: Part): Read {
  const { skill: id, given, school, kind } = part;
  const skill = skillOf(id!);
  const item = analyseItem(skill, given, { school: school! });
  const own =
    kind === 'bare' || kind === 'choice' ? 1 : availableMarks(skill.scheme(given, school!));
  return { marks: own, item, part };
}

const sum = (numbers: readonly number[]) => numbers.reduce((total, one) => total + one, 0);
const bandOf = (difficulty: number) =>
  difficulty < -1 ? 'easy' : difficulty > 1 ? 'hard' : 'middling';

/** Ways of setting out wrongly, which an item that is printed set out cannot show. */
const settingOut = new Set([
  ...['column-addition/aligned-left', 'column-subtraction/aligned-left'],
  ...['decimal-addition', 'decimal-subtraction'].flatMap((skill) =>
    ['right-aligned', 'point-splits-number', 'point-dropped', 'integer-as-decimal'].map(
      (pattern) => `${skill}/${pattern}`
    )
  ),
  'decimal-division/division-reversed'
]);

/** What a paper comes to, worked out from its items alone. */
function totals(parts: readonly Read[], patterns: readonly string[]) {
  const marks = sum(parts.map((part) => part.marks));
  const share = (band: string) =>
    sum(parts.map((part) => (bandOf(part.item.difficulty) === band ? part.marks : 0))) / marks;
  const shows = (key: string) =>
    parts.filter(({ item, part: { kind, options = [] } }) =>
      kind === 'choice'
        ? options.some(({ pattern }) => pattern === key)
        : item.errorPatterns.some(({ id }) => `${item.skill}/${id}` === key) &&
          !(kind === 'set-out' && settingOut.has(key))
    );
  return {
    marks,
    minutes: sum(parts.map(({ item }) => item.seconds)) / 60,
    mean: sum(parts.map((part) => part.marks * part.item.difficulty)) / marks,
    ...{ easy: share('easy'), middling: share('middling'), hard: share('hard') },
    patterns: Object.fromEntries(patterns.map((key) => [key, shows(key).length]))
  };
}

/** A plan that is read off a paper of items drawn at random: there is a paper that meets it. */
function planOfPaper(): Blueprint {
  const chosen = Array.from({ length: 2 + below(4) }, () => pick(skills)).filter(
    (skill, at, all) => all.indexOf(skill) === at
  );
  const drawn = chosen.map((skill, at) => {
    const { controls } = pick(skill.ladder);
    const kind = pick(['bare', 'set-out', 'show-working'] as const);
    const found = drawItems(skill, {
      controls,
      count: 2 + below(3),
      seed: below(1e6),
      allDifferent: true
    });
    const given = found.ok ? found.given : drawOne(skill.id, controls);
    const school = Object.keys(skill.schools)[0]!;
    const parts = given.map((one) => read({ skill: skill.id, given: one, school, kind }));
    return { row: `r${at}`, skill, controls, kind, parts };
  });
  const all = drawn.flatMap(({ parts }) => parts);
  const shown = all[0]!.item.errorPatterns
    .map(({ id }) => `${all[0]!.item.skill}/${id}`)
    .slice(0, 1);
  const whole = totals(all, shown);
  const around = (value: number, by: number): Bounds => ({ min: value - by, max: value + by });
  return blueprintSchema.parse({
    total: whole.marks,
    minutes: { max: Math.ceil(whole.minutes * 10) / 10 },
    difficulty: {
      mean: around(whole.mean, 0.05),
      easy: { min: whole.easy, max: whole.easy },
      hard: { min: whole.hard, max: whole.hard }
    },
    patterns: whole.patterns,
    rows: drawn.map(({ row, skill, controls, kind, parts }) => ({
      ...{ id: row, skills: [skill.id], controls: { [skill.id]: controls }, kind },
      parts: { min: parts.length, max: parts.length },
      marks: { min: sum(parts.map((part) => part.marks)) }
    })),
    rising: below(2) === 0
  });
}

function drawOne(id: string, controls: Parameters<typeof drawItems>[1]['controls']) {
  const drawn = drawItems(skillOf(id), { controls, count: 1, seed: 1 });
  assert.ok(drawn.ok, id);
  return drawn.given;
}

/** That a paper meets a plan, from its items alone. */
function checkMet(
  plan: Blueprint,
  made: Assembled,
  about: string
): asserts made is Assembled & { ok: true } {
  assert.ok(
    made.ok,
    `${about}: ${JSON.stringify(!made.ok && made.error)} for ${JSON.stringify(plan)}`
  );
  const parts = made.parts.map(read);
  made.parts.forEach(({ difficulty, seconds, marks }, at) => {
    assert.equal(difficulty, Math.round(100 * parts[at]!.item.difficulty), about);
    assert.deepEqual([seconds, marks], [parts[at]!.item.seconds, parts[at]!.marks], about);
  });
  const whole = totals(parts, Object.keys(plan.patterns ?? {}));
  const within = (value: number, { min = -Infinity, max = Infinity }: Bounds, what: string) =>
    assert.ok(value > min - 1e-9 && value < max + 1e-9, `${about}: ${what} is ${value}`);
  assert.equal(whole.marks, plan.total, about);
  if (plan.minutes) within(whole.minutes, plan.minutes, 'minutes');
  for (const name of ['mean', 'easy', 'middling', 'hard'] as const) {
    within(whole[name], plan.difficulty?.[name] ?? {}, name);
    assert.ok(Math.abs(whole[name] - made.totals[name]) < 1e-9, `${about}: ${name}`);
  }
  for (const [key, min] of Object.entries(plan.patterns ?? {}))
    within(whole.patterns[key]!, { min }, key);
  for (const row of plan.rows) {
    const own = made.parts.flatMap((part, at) => (part.row === row.id ? [parts[at]!] : []));
    within(own.length, row.parts ?? {}, `parts of ${row.id}`);
    within(sum(own.map((part) => part.marks)), row.marks ?? {}, `marks of ${row.id}`);
  }
  const keys = made.parts.map(({ skill, given }) => `${skill} ${skillOf(skill!).itemKey(given)}`);
  assert.equal(new Set(keys).size, keys.length, `${about}: an item stands twice`);
  if (plan.rising) {
    const risen = made.parts.map(({ difficulty }) => difficulty);
    assert.deepEqual(
      risen,
      [...risen].sort((one, other) => one - other),
      about
    );
  }
}

/** A change of a plan that no paper can meet any more, though each line by itself can be met. */
function planted(plan: Blueprint): Blueprint {
  const [first, ...rest] = plan.rows;
  switch (below(4)) {
    case 0:
      return { ...plan, minutes: { max: 0.1 } };
    case 1:
      return { ...plan, total: plan.total + 50 };
    case 2:
      return { ...plan, difficulty: { easy: { min: 0.6 }, hard: { min: 0.6 } } };
    default: {
      const { parts = {} } = first!;
      return { ...plan, rows: [{ ...first!, marks: { min: 20 * (parts.max ?? 1) } }, ...rest] };
    }
  }
}

/** A plan with one line changed to what was offered. */
function changed(plan: Blueprint, line: string, value: unknown): Blueprint {
  const [kind, id, name] = line.split('.');
  switch (kind) {
    case 'total':
      return { ...plan, total: value as number };
    case 'minutes':
      return { ...plan, minutes: value as { max: number } };
    case 'difficulty':
      return { ...plan, difficulty: { ...plan.difficulty, [id!]: value as Bounds } };
    case 'patterns':
      return { ...plan, patterns: { ...plan.patterns, [line.slice(9)]: value as number } };
    default:
      return {
        ...plan,
        rows: plan.rows.map((row) => (row.id === id ? { ...row, [name!]: value } : row))
      };
  }
}

test('a plan read off a drawn paper is met exactly; of one with a planted conflict the lines are named, and what is offered works', () => {
  let offers = 0;
  for (let paper = 0; paper < PAPERS; paper++) {
    const plan = planOfPaper();
    const made = assemble(plan, paper, highs);
    checkMet(plan, made, `paper ${paper}`);
    if (paper % 10 === 0) assert.deepEqual(assemble(plan, paper, highs), made);
    const wrong = planted(plan);
    const about = `plan ${paper} ${JSON.stringify(wrong)}`;
    const none = assemble(wrong, paper, highs);
    assert.ok(!none.ok && none.error.code === 'impossible', about);
    const { conflict, nearest, more } = none.error;
    assert.ok(conflict.length > 0, about);
    // A change of one line is of no use while others cannot hold together.
    if (more.length > 0) continue;
    for (const line of conflict) {
      const value = nearest[line];
      if (value === null || value === undefined) continue;
      offers++;
      const again = assemble(changed(wrong, line, value), paper, highs);
      assert.ok(again.ok, `${about}: ${line} ${JSON.stringify(value)} does not work`);
    }
  }
  assert.ok(offers > PAPERS / 2, `only ${offers} offers`);
});

const rung = (id: string, at = 3) => {
  const { ladder } = skillOf(id);
  return { [id]: ladder[Math.min(at, ladder.length - 1)]!.controls };
};
const controlsOf = (ids: readonly string[]) => Object.assign({}, ...ids.map((id) => rung(id)));
const made = (plan: object, seed = 7) => {
  const found = assemble(blueprintSchema.parse(plan), seed, highs);
  assert.ok(found.ok, JSON.stringify(found));
  return found;
};

test('A: sixteen one-mark parts without calculator, B: twenty-four marks in questions of two parts', () => {
  const mental = ['near-multiple-subtraction', 'square-ending-five', 'column-addition'];
  const written = ['column-subtraction', 'short-multiplication', 'decimal-addition'];
  const { parts, totals } = made({
    total: 40,
    rising: true,
    sections: [
      { id: 'A', calculator: false, marks: { min: 16, max: 16 } },
      { id: 'B', calculator: true, marks: { min: 24, max: 24 } }
    ],
    rows: [
      {
        ...{ id: 'a', section: 'A', kind: 'bare', skills: mental, cover: true },
        ...{ controls: controlsOf(mental), parts: { min: 16, max: 16 } }
      },
      {
        ...{ id: 'b', section: 'B', kind: 'set-out', skills: written, cover: true },
        ...{ controls: controlsOf(written), question: { parts: 2 } }
      }
    ]
  });
  const [a, b] = ['A', 'B'].map((id) => parts.filter(({ section }) => section === id));
  assert.deepEqual([a!.length, sum(a!.map(({ marks }) => marks))], [16, 16]);
  assert.equal(sum(b!.map(({ marks }) => marks)), 24);
  const sizes = [...new Set(b!.map(({ question }) => question))].map(
    (one) => b!.filter(({ question }) => question === one).length
  );
  assert.ok(
    sizes.every((size) => size === 2),
    sizes.join()
  );
  assert.equal(totals.marks, 40);
  assert.deepEqual(new Set(a!.map(({ skill }) => skill)), new Set(mental));
});

test('four topics by easy, middling and hard, and a six-mark own question', () => {
  const topics = [
    'column-subtraction',
    'long-multiplication',
    'decimal-subtraction',
    'mixed-addition'
  ];
  const bands = { easy: { max: -1.01 }, middling: { min: -1, max: 1 } };
  const rows = topics.flatMap((skill) =>
    Object.entries(bands).map(([band, difficulty]) => ({
      ...{ id: `${skill}-${band}`, kind: 'set-out', skills: [skill], difficulty },
      parts: { min: 1, max: 2 }
    }))
  );
  const hard = topics.map((skill) => ({
    ...{ id: `${skill}-hard`, kind: 'set-out', skills: [skill], parts: { min: 0, max: 2 } },
    difficulty: { min: 1.01 }
  }));
  const { parts } = made({
    total: 50,
    difficulty: { easy: { min: 0.2 }, middling: { min: 0.3 }, hard: { min: 0.1 } },
    rows: [
      ...rows,
      ...hard.filter(({ skills: [skill] }) =>
        ['long-multiplication', 'mixed-addition'].includes(skill!)
      ),
      { id: 'own', kind: 'own', own: { marks: 6, minutes: 8, difficulty: 1.5 } }
    ]
  });
  for (const { row, difficulty } of parts) {
    const band = row.split('-').at(-1)!;
    if (row !== 'own') assert.equal(bandOf(difficulty / 100), band, row);
  }
  assert.deepEqual(
    parts.filter(({ kind }) => kind === 'own').map(({ marks, seconds }) => [marks, seconds]),
    [[6, 480]]
  );
  assert.ok(
    topics.every((topic) => parts.some(({ skill }) => skill === topic)),
    'every topic'
  );
});

test('two tiers share fourteen marks: what one has stays in the other', () => {
  const shared = ['column-addition', 'short-division'];
  const row = (id: string, skills: readonly string[], at: number) => ({
    ...{
      id,
      kind: 'set-out',
      skills,
      controls: Object.assign({}, ...skills.map((one) => rung(one, at)))
    }
  });
  const plan = (own: readonly string[], at: number) => ({
    total: 30,
    rows: [
      { ...row('shared', shared, 4), marks: { min: 14, max: 14 } },
      { ...row('own', own, at), marks: { min: 16, max: 16 } }
    ]
  });
  const lower = made(plan(['column-subtraction', 'short-multiplication'], 2));
  const keep = lower.parts
    .filter((part) => part.row === 'shared')
    .map(({ row: id, skill, school, given }) => ({ row: id, skill, school, given }));
  const higher = made({ ...plan(['long-multiplication', 'factorise-quadratic'], 4), keep }, 8);
  const keys = (parts: readonly ExamPart[]) =>
    parts
      .filter((part) => part.row === 'shared')
      .map(({ given }) => JSON.stringify(given))
      .sort();
  assert.deepEqual(keys(higher.parts), keys(lower.parts));
  assert.equal(sum(higher.parts.map(({ marks }) => marks)), 30);
  assert.deepEqual(
    higher,
    made({ ...plan(['long-multiplication', 'factorise-quadratic'], 4), keep }, 8)
  );
});
