import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { Context } from '@zealous-quill/core/catalogue';
import { contextProblems, contextShape } from '@zealous-quill/core/catalogue/all';
import {
  freeName,
  nameFrom,
  namesFrom,
  renameMeasure,
  startContext,
  unitsFor,
  withEntry,
  withFurther,
  withoutRelation,
  withQuantity,
  withRelation,
  withStory
} from './context-edits';
import { quantityWord, relationOf, relations } from './relations';

const fresh = (): Context => ({ ...startContext('The lamp fair'), id: 'lamp-fair', version: 1 });

test('a new context can be told as it is', () => {
  assert.deepEqual(contextProblems(fresh()), []);
});

/** One edit of a story, chosen by numbers. */
function edited(context: Context, [kind, one, two]: readonly [number, number, number]): Context {
  const at = one % context.stories.length;
  const story = context.stories[at]!;
  const link = two % story.links.length;
  const ids = Object.keys(story.parts);
  const next = [
    () => withRelation(context, story, link, relations[two % relations.length]!.head),
    () => (story.links.length < 3 ? withFurther(context, story) : story),
    () => (story.links.length > 1 ? withoutRelation(context, story, link) : story),
    () => {
      const { quantities } = relationOf(story.links[link]!);
      const others = ids.filter((id) => !quantities.includes(id));
      const id = others[two % (others.length + 1)] ?? null;
      return withQuantity(context, story, { link, place: two % 3, id });
    }
  ][kind % 4]!();
  const stories = context.stories.map((old, place) => (place === at ? next : old));
  return kind === 4 ? withStory(context) : { ...context, stories };
}

test('whatever is done to stories, each has just the quantities that its relations name', () => {
  const edits = fc.array(fc.tuple(fc.nat(4), fc.nat(20), fc.nat(20)), { maxLength: 12 });
  fc.assert(
    fc.property(edits, (all) => {
      const context = all.reduce(edited, fresh());
      assert.ok(contextShape.safeParse(context).success);
      for (const { links, parts } of context.stories) {
        const named = new Set(links.flatMap((link) => relationOf(link).quantities));
        assert.deepEqual(Object.keys(parts).sort(), [...named].sort());
        for (const link of links) {
          const { relation, quantities } = relationOf(link);
          assert.equal(quantities.length, relation.roles.length);
          assert.equal(new Set(quantities).size, quantities.length, link);
        }
      }
      // What is missing are texts, never links or parts that cannot be read.
      const fields = contextProblems(context).map(({ field }) => field);
      assert.deepEqual(
        fields.filter((field) => /links|measure/.test(field)),
        []
      );
    }),
    { seed: 27, numRuns: 150 }
  );
});

test('texts of quantities stay where the relation changes and the quantity does not', () => {
  const context = fresh();
  const [story] = context.stories;
  const more = withRelation(context, story!, 0, 'change+');
  assert.deepEqual(more.parts, story!.parts);
  const other = withRelation(context, story!, 0, 'equal-groups');
  assert.deepEqual(Object.keys(other.parts), ['groups', 'each', 'all']);
  assert.equal(other.parts['groups']![1], story!.parts['start']![1]);
});

test('a measure under another name is known by it everywhere', () => {
  const renamed = renameMeasure(fresh(), 'lamps', 'paper-lamps');
  assert.deepEqual(contextProblems(renamed), []);
  assert.ok(!JSON.stringify(renamed.stories).includes('"lamps"'));
  assert.equal(renameMeasure(fresh(), 'lamps', 'lamps').measures['lamps']!.to, 960);
});

test('names are made of what is typed, and taken by nobody', () => {
  assert.equal(nameFrom('Guests in all!', 'x'), 'guests-in-all');
  assert.equal(nameFrom('123', 'amount'), 'amount');
  assert.deepEqual(namesFrom(' Wenna,Cador ; Lowen  '), ['Wenna', 'Cador', 'Lowen']);
  assert.equal(freeName('part', ['part', 'part-2']), 'part-3');
  assert.equal(quantityWord('other-2'), 'other 2');
});

test('an entry is changed in its place, put to the others, or taken out', () => {
  const all = { one: 1, two: 2 };
  assert.deepEqual(Object.entries(withEntry(all, 'one', 3)), [
    ['one', 3],
    ['two', 2]
  ]);
  assert.deepEqual(withEntry(all, 'three', 3), { one: 1, two: 2, three: 3 });
  assert.deepEqual(withEntry(all, 'one', null), { two: 2 });
  assert.deepEqual(withEntry(all, 'three', null), all);
});

test('every unit that is offered can be read', () => {
  const context = fresh();
  for (const [unit] of unitsFor(context)) {
    const measures = { lamps: { unit, from: 10, to: 90, step: 10 } };
    const fields = contextProblems({ ...context, measures }).map(({ field }) => field);
    assert.ok(!fields.some((field) => field.startsWith('measures')), unit);
  }
});
