import assert from 'node:assert/strict';
import { test } from 'node:test';
import { markItem, schemeSchema } from '../marking';
import { ANSWER, evaluate, isShown, printValue, spreadAnswer, stepOf } from '../working';
import { analyseItem, evaluatePattern, showingPatterns } from '.';
import { forItems } from './every-skill.test-helper';

/** What holds of the marking of every skill in the registry. */

test('the key’s own working earns everything without a flag, with or without its small marks', () => {
  forItems((skill, given, school) => {
    const graph = skill.graph(given, school);
    const written = analyseItem(skill, given, { school }).steps;
    const small = new Set(
      graph.steps.filter(({ silentAt }) => silentAt !== undefined).map(({ id }) => id)
    );
    const squares = new Set(stepOf(graph, ANSWER).uses);
    for (const steps of [written, written.filter(({ id }) => !small.has(id) || squares.has(id))]) {
      const working = Object.fromEntries(steps.map(({ id, value }) => [id, value]));
      const marked = markItem(skill, { given, school, working });
      assert.equal(marked.marks.awarded, marked.marks.available, JSON.stringify(working));
      assert.deepEqual([marked.flags, marked.firstSlip, marked.diagnosis], [[], null, []]);
    }
    const scheme = skill.scheme(given, school);
    assert.ok(schemeSchema.safeParse(scheme).success);
    const ids = graph.steps.map(({ id }) => id);
    assert.ok(scheme.marks.every(({ steps }) => steps.every((id) => ids.includes(id))));
  }, 3);
});

test('one careless slip, carried on faithfully, is the only slip, whichever step it is', () => {
  forItems((skill, given, school) => {
    const graph = skill.graph(given, school);
    const values = evaluate(graph);
    for (const step of graph.steps) {
      if (step.assembled || !isShown(step, values.get(step.id))) continue;
      for (const near of step.reading.near(values.get(step.id)!)) {
        const own = evaluate(graph, new Map([[step.id, near]]));
        const working = Object.fromEntries(
          graph.steps.flatMap((one) => {
            const value = own.get(one.id);
            return isShown(one, value) ? [[one.id, one.reading.print(value!)]] : [];
          })
        );
        const marked = markItem(skill, { given, school, working });
        const slips = marked.steps.filter(({ verdict }) => verdict === 'slip');
        assert.ok(
          slips.length <= 1,
          `${skill.print(given)} in ${school}: ${JSON.stringify(working)} ${slips.map(({ id }) => id).join()}`
        );
      }
    }
  }, 2);
});

test('every pattern that shows is found again from its working and from its bare answer', () => {
  forItems((skill, given, school) => {
    const graph = skill.graph(given, school);
    for (const { pattern } of showingPatterns(skill, given, school)) {
      const values = evaluatePattern(pattern, given, graph)!;
      const written = graph.steps.filter((step) => isShown(step, values.get(step.id)));
      const working = Object.fromEntries(
        written.flatMap((step) => {
          const text = printValue(step, values.get(step.id));
          return text === undefined ? [] : [[step.id, text]];
        })
      );
      for (const entry of [working, { answer: working[ANSWER]! }]) {
        const { diagnosis, marks } = markItem(skill, { given, school, working: entry });
        const found = diagnosis.map(({ patterns }) => patterns.join());
        assert.ok(
          found.includes(pattern.id),
          `${pattern.id} on ${skill.print(given)} in ${school}`
        );
        assert.ok(marks.awarded < marks.available);
      }
    }
  }, 3);
});

test('an answer spread over its squares reads the same number again', () => {
  forItems((skill, given, school) => {
    const graph = skill.graph(given, school);
    const { answer } = analyseItem(skill, given, { school });
    const squares = spreadAnswer(graph, answer);
    if (!squares) return;
    const values = evaluate(
      graph,
      new Map(Object.entries(squares).map(([id, digit]) => [id, BigInt(digit)]))
    );
    assert.equal(values.get(ANSWER), BigInt(answer));
    assert.equal(spreadAnswer(graph, '1'.repeat(30)), undefined);
    assert.equal(spreadAnswer(graph, '1 2'), undefined);
  }, 2);
});
