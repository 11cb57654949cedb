import assert from 'node:assert/strict';
import { test } from 'node:test';
import { markItem, type Working } from '../marking';
import { covers } from '../schemes';
import { patternsIn, WorkedItem } from '../skill';
import { ANSWER, evaluate, isShown, isSilent, sameValue, stepOf, type Graph } from '../working';
import { forItems, itemsShowing, linesOf, schoolsOf, skills } from './skills.test-helper';

/** What an examiner holds to in every skill. */

test('right working earns every method mark, whatever answer is copied below', () => {
  forItems((item) => {
    const { graph, key, scheme } = item;
    const answer = stepOf(graph, ANSWER);
    const right = Object.fromEntries(linesOf(graph, key));
    const wrong = [
      ...answer.reading.near(key.get(ANSWER)!),
      ...item.showing().map((one) => one.answer)
    ];
    for (const value of wrong) {
      if (sameValue(answer, value, key.get(ANSWER))) continue;
      const { lines } = markItem(item, { ...right, [ANSWER]: answer.reading.print(value) }).marks;
      for (const [at, { kind, awarded, available }] of lines.entries()) {
        const text = `${item.skill.id} ${item.skill.given.print(item.given)} = ${answer.reading.print(value)}: ${scheme.marks[at]!.id}`;
        if (kind === 'M') assert.equal(awarded, available, text);
      }
    }
  }, 1);
});

test('one wrong number fact, carried on faithfully, costs one mark', () => {
  const dear: string[] = [];
  forItems((item) => {
    const { graph, key, skill, scheme } = item;
    // A value with a mark of its own costs that, and the answer that it is wrong in.
    const hasOwnMark = (id: string) =>
      scheme.marks.some((mark) => mark.kind === 'B' && covers(mark, id) && id !== ANSWER);
    for (const step of graph.steps) {
      const right = key.get(step.id);
      // A choice is good or it is not; what is left of a blank is judged elsewhere.
      if (
        step.assembled ||
        step.isChoice ||
        step.isApart ||
        hasOwnMark(step.id) ||
        !isShown(step, right)
      )
        continue;
      for (const near of step.reading.near(right!)) {
        const values = evaluate(graph, new Map([[step.id, near]]));
        const { marks, diagnosis, flags } = markItem(
          item,
          Object.fromEntries(linesOf(graph, values))
        );
        const lost = marks.available - marks.awarded;
        // A pattern may give the same, and own figures may lead nowhere or make the rest easier.
        const isOther =
          diagnosis.length > 0 || flags.length > 0 || values.get(ANSWER) === undefined;
        if (lost > 1 && !isOther) {
          dear.push(
            `${skill.id} ${item.school} ${skill.given.print(item.given)} ${step.id} ${step.reading.print(near)}: ${marks.lines.map(({ id, awarded, because }) => `${id} ${awarded} ${because}`).join(', ')}`
          );
        }
      }
    }
  }, 1);
  assert.deepEqual(dear, []);
});

test('more right working never earns less', () => {
  forItems((item) => {
    let before = 0;
    const working: Record<string, string> = {};
    for (const [id, text] of linesOf(item.graph, item.key)) {
      working[id] = text;
      const { awarded } = markItem(item, working).marks;
      assert.ok(
        awarded >= before,
        `${item.skill.id} ${item.skill.given.print(item.given)} at ${id}: ${awarded} after ${before}`
      );
      before = awarded;
    }
  }, 1);
});

/** The working of a wrong graph in full, without its small marks, and with every third step left out. */
function writings(item: WorkedItem, wrong: Graph): Working[] {
  const lines = linesOf(wrong, evaluate(wrong));
  const isLarge = ([id]: readonly [string, string]) => {
    const step = stepOf(item.graph, id);
    return step.silentAt === undefined || !isSilent(step, item.key.get(id)) || id === ANSWER;
  };
  const large = lines.filter(isLarge);
  const some = lines.filter(([id], at) => id === ANSWER || at % 3 !== 2);
  return [lines, large, some].map((one) => Object.fromEntries(one));
}

test('an error pattern is named from its working, in full and in part, in every school', () => {
  const missed: string[] = [];
  for (const skill of skills) {
    for (const school of schoolsOf(skill)) {
      for (const pattern of patternsIn(skill, school)) {
        for (const given of itemsShowing(skill, 5).get(pattern.id)!.slice(0, 8)) {
          const item = new WorkedItem(skill, given, school);
          if (!item.showing().some((shown) => shown.pattern === pattern)) continue;
          for (const working of writings(item, item.wrong(pattern)!)) {
            const { diagnosis } = markItem(item, working);
            const isNamed = diagnosis.some(({ patterns }) => patterns.join() === pattern.id);
            if (!isNamed)
              missed.push(`${skill.id} ${school} ${pattern.id}: ${JSON.stringify(working)}`);
          }
        }
      }
    }
  }
  assert.deepEqual(missed, []);
});

test('each method mark says in words what earns it, in every school', () => {
  forItems((item) => {
    for (const mark of item.scheme.marks.filter(({ kind }) => kind === 'M')) {
      const words = item.skill.earns(mark, item.given);
      assert.match(words ?? '', /^[a-z].{8,}[^.]$/, `${item.skill.id} ${mark.steps.join()}`);
    }
  }, 1);
});
