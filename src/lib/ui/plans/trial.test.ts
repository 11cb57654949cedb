import assert from 'node:assert/strict';
import { mock, test } from 'node:test';
import type { Blueprint } from '@zealous-quill/core/exams';
import { offered, Trials, withLine } from './trial.svelte';

const plan: Blueprint = {
  total: 20,
  sections: [{ id: 'A' }, { id: 'B', minutes: { max: 10 } }],
  rows: [
    { id: 'r1', skills: ['doubling'], kind: 'bare', parts: { min: 1, max: 4 } },
    { id: 'r2', skills: ['doubling'], kind: 'bare' }
  ]
};

test('a line is changed to what is offered, and no other', () => {
  const [a, b] = plan.sections!;
  const [r1, r2] = plan.rows;
  const cases: readonly (readonly [
    line: string,
    value: Parameters<typeof withLine>[2],
    Partial<Blueprint>
  ])[] = [
    ['total', 24, { total: 24 }],
    ['minutes', { max: 30 }, { minutes: { max: 30 } }],
    ['rising', 12, { step: 12 }],
    ['difficulty.hard', { min: 0.2 }, { difficulty: { hard: { min: 0.2 } } }],
    // The key of a pattern has a stroke, and may have a point.
    ['patterns.doubling/carry.missed', 2, { patterns: { 'doubling/carry.missed': 2 } }],
    ['sections.A.marks', { min: 5 }, { sections: [{ ...a!, marks: { min: 5 } }, b!] }],
    ['sections.B.minutes', { max: 12 }, { sections: [a!, { ...b!, minutes: { max: 12 } }] }],
    ['rows.r1.parts', { min: 2, max: 2 }, { rows: [{ ...r1!, parts: { min: 2, max: 2 } }, r2!] }],
    ['rows.r2.marks', { max: 3 }, { rows: [r1!, { ...r2!, marks: { max: 3 } }] }],
    ['unknown', 1, {}]
  ];
  for (const [line, value, change] of cases) {
    assert.deepEqual(withLine(plan, line, value), { ...plan, ...change }, line);
  }
});

test('an offer is said as a number or with its bounds', () => {
  assert.deepEqual(
    [40, { max: 13.3 }, { min: 2 }, { min: 2, max: 5 }, { min: 3, max: 3 }].map(offered),
    ['40', 'at most 13.3', 'at least 2', 'from 2 to 5', '3']
  );
});

/** A server that answers when it is told to, and the plans it was asked about. */
function serving() {
  const asked: {
    total: number;
    answer: (body: object, status?: number) => void;
    signal: AbortSignal;
  }[] = [];
  const fetched = mock.method(globalThis, 'fetch', (_: string, { body, signal }: RequestInit) => {
    return new Promise<Response>((resolve, reject) => {
      signal!.addEventListener('abort', () => reject(new Error('left')));
      asked.push({
        total: JSON.parse(String(body)).plan.total,
        signal: signal!,
        answer: (reply, status = 200) => resolve(Response.json(reply, { status }))
      });
    });
  });
  return { asked, end: () => fetched.mock.restore() };
}

const totals = { marks: 20, minutes: 9, mean: 0, easy: 1, middling: 0, hard: 0, patterns: {} };
const found = { ok: true, parts: [], totals };

/** Waits until something is so. */
async function until(isSo: () => boolean): Promise<void> {
  while (!isSo()) await new Promise((go) => setImmediate(go));
}

test('the newest plan is asked for after a pause, and the one before is let go', async () => {
  mock.timers.enable({ apis: ['setTimeout'] });
  const { asked, end } = serving();
  const trials = new Trials('/try');
  const ask = (total: number) => trials.ask({ plan: { ...plan, total }, unmet: null });
  ask(1);
  ask(2);
  assert.deepEqual([asked.length, trials.isBusy], [0, true]);
  mock.timers.tick(1000);
  assert.deepEqual(
    asked.map(({ total }) => total),
    [2]
  );
  ask(3);
  assert.ok(asked[0]!.signal.aborted);
  mock.timers.tick(1000);
  asked[1]!.answer(found);
  await until(() => !trials.isBusy);
  assert.deepEqual(trials.last, found);
  // A plan that was let go changes nothing of what is shown.
  asked[0]!.answer({ ...found, totals: { ...totals, marks: 1 } });
  await new Promise((go) => setImmediate(go));
  assert.deepEqual(trials.last, found);
  end();
  mock.timers.reset();
});

test('a plan that is refused, and a server that is away, say so in the place of the paper', async () => {
  mock.timers.enable({ apis: ['setTimeout'] });
  const { asked, end } = serving();
  const trials = new Trials('/try');
  trials.ask({ plan, unmet: null });
  mock.timers.tick(1000);
  asked[0]!.answer({ error: { code: 'invalid', message: 'No rows.', details: {} } }, 400);
  await until(() => !trials.isBusy);
  assert.deepEqual(trials.last, { ok: false, message: 'No rows.', lines: [] });
  end();
  const dead = mock.method(globalThis, 'fetch', () => Promise.reject(new TypeError('refused')));
  trials.ask({ plan, unmet: null });
  mock.timers.tick(1000);
  await until(() => !trials.isBusy);
  assert.match((trials.last as { message: string }).message, /does not answer/);
  trials.end();
  dead.mock.restore();
  mock.timers.reset();
});
