import assert from 'node:assert/strict';
import { test } from 'node:test';
import { covers, schemeSchema } from '../schemes';
import { markItem } from '../marking';
import {
  ANSWER,
  evaluate,
  isShown,
  printValue,
  spreadAnswer,
  stepOf,
  type Graph,
  type Values
} from '../working';
import { forItems, linesOf } from './skills.test-helper';

/** What holds of the marking of every skill in the registry. */

const writtenOf = (graph: Graph, values: Values) => Object.fromEntries(linesOf(graph, values));

test('the key’s own working earns everything without a flag, with or without its small marks', () => {
  forItems((item) => {
    const { graph, key, scheme } = item;
    const written = writtenOf(graph, key);
    const squares = new Set(stepOf(graph, ANSWER).uses);
    const large = Object.fromEntries(
      Object.entries(written).filter(
        ([id]) => stepOf(graph, id).silentAt === undefined || squares.has(id)
      )
    );
    for (const working of [written, large]) {
      const marked = markItem(item, working);
      assert.equal(marked.marks.awarded, marked.marks.available, JSON.stringify(working));
      assert.deepEqual([marked.flags, marked.firstSlip, marked.diagnosis], [[], null, []]);
    }
    assert.ok(schemeSchema.safeParse(scheme).success);
    assert.ok(scheme.marks.every((mark) => graph.steps.some(({ id }) => covers(mark, id))));
  }, 1);
});

test('one careless slip, carried on faithfully, is the only slip, whichever step it is', () => {
  forItems((item) => {
    const { graph, key } = item;
    for (const step of graph.steps) {
      if (step.assembled || !isShown(step, key.get(step.id))) continue;
      for (const near of step.reading.near(key.get(step.id)!)) {
        const working = writtenOf(graph, evaluate(graph, new Map([[step.id, near]])));
        const { steps, answer } = markItem(item, working);
        const slips = steps.filter(({ verdict }) => verdict === 'slip').map(({ id }) => id);
        // A near value that is as good as the right one (another common denominator) is no slip.
        const isNone = steps.every(
          ({ verdict }) => verdict === 'correct' || verdict === 'not-needed'
        );
        assert.ok(slips.length === 1 || isNone || answer.verdict !== 'correct', slips.join());
        assert.ok(slips.length <= 1, `${JSON.stringify(working)} ${slips.join()}`);
      }
    }
  }, 1);
});

test('every pattern that shows is found again from its working and from its bare answer', () => {
  forItems((item) => {
    for (const { pattern } of item.showing()) {
      const wrong = item.wrong(pattern)!;
      const working = writtenOf(wrong, evaluate(wrong));
      for (const entry of [working, { answer: working[ANSWER]! }]) {
        const { diagnosis, marks } = markItem(item, entry);
        const found = diagnosis.map(({ patterns }) => patterns.join());
        assert.ok(found.includes(pattern.id), `${pattern.id} on ${JSON.stringify(item.given)}`);
        assert.ok(marks.awarded < marks.available);
      }
    }
  }, 3);
});

test('an answer that reads its squares across is spread over them digit by digit, any other is not', () => {
  forItems((item) => {
    const { graph, answer } = item;
    const squares = spreadAnswer(graph, answer);
    const readsAcross = stepOf(graph, ANSWER).assembled === true && /^\d+(\.\d+)?$/.test(answer);
    assert.equal(squares !== undefined, readsAcross);
    const fixed = Object.entries(squares ?? {}).map(([id, digit]) => [id, BigInt(digit)] as const);
    const values = evaluate(graph, new Map(fixed));
    assert.equal(printValue(stepOf(graph, ANSWER), values.get(ANSWER)), answer);
    assert.equal(spreadAnswer(graph, '1'.repeat(30)), undefined);
    assert.equal(spreadAnswer(graph, '1 2'), undefined);
  }, 2);
});
