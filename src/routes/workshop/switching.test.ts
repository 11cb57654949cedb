import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { describeSkill } from '@zealous-quill/core/catalogue';
import { skillOf, type Skill } from '@zealous-quill/core/skill';
import { skills } from '@zealous-quill/core/catalogue/all';
import { Possibilities, type Counter } from '$lib/ui/controls/possibilities.svelte';
import { Workbench } from '$lib/ui/workshop/workbench.svelte';
import { bench } from '$lib/workers/work';

/** One skill for each kind of given: what is typed for one cannot be read, or means another thing, elsewhere. */
const kinds = [...new Map(skills.map((skill) => [skill.given, skill])).values()];
const pairs = kinds.flatMap((from) => kinds.filter((to) => to !== from).map((to) => [from, to]));

/** The bench, each of whose answers waits until all are let go, the last asked first. */
function slowBench() {
  const waiting: (() => void)[] = [];
  const late =
    <Asked extends unknown[], T>(work: (...asked: Asked) => Promise<T>) =>
    async (...asked: Asked): Promise<T> => {
      const answer = await work(...asked);
      await new Promise<void>((resolve) => waiting.push(resolve));
      return answer;
    };
  const slow = {
    sample: late(bench.sample),
    view: late(bench.view),
    count: late(bench.count),
    possible: late(bench.possible),
    explain: late(bench.explain),
    blocked: late(bench.blocked)
  };
  async function letGo(): Promise<void> {
    for (let quiet = 0; quiet < 5;) {
      await new Promise((resolve) => setImmediate(resolve));
      quiet = waiting.length === 0 ? quiet + 1 : 0;
      waiting.pop()?.();
    }
  }
  return { slow, letGo };
}

const schoolOf = (skill: Skill) => Object.keys(skill.schools)[0]!;

test('each kind of given follows every other, and no answer of the one before is shown', async () => {
  assert.ok(kinds.length >= 5);
  for (const [from, to] of pairs as [Skill, Skill][]) {
    const { slow, letGo } = slowBench();
    const workbench = new Workbench(slow);
    for (const skill of [from, to]) {
      const asked = { skill: skill.id, school: schoolOf(skill), style: defaultHouseStyle };
      void workbench.draw(skill.id, {}, 7);
      void workbench.show(asked, skill.example);
    }
    await letGo();
    const name = `${from.id} to ${to.id}`;
    assert.equal(workbench.sample?.skill, to.id, name);
    assert.ok(workbench.sample.items.length > 0, name);
    assert.equal(workbench.shown?.skill, to.id, name);
    const { given, prompt } = skillOf(to.id);
    const item = given.parse(to.example)!;
    assert.equal(workbench.shown.view?.item.prompt, prompt(item, defaultHouseStyle), name);
  }
});

test('counts, squares and what blocks a value are of the skill last chosen', async () => {
  const [from, to] = [skillOf('column-addition'), skillOf('factorise-quadratic')];
  const { slow, letGo } = slowBench();
  const possibilities = new Possibilities(slow satisfies Counter, slow);
  const describe = (skill: Skill) => describeSkill(skill, defaultHouseStyle);
  void possibilities.ask(describe(from), { digits: 2, carries: 1 });
  void possibilities.refuse(describe(from), { digits: 2 }, 'carries', { label: '3', control: 3 });
  void possibilities.ask(describe(to), {});
  await letGo();
  const { count } = await bench.count(to.id, {});
  assert.equal(possibilities.count, count);
  const refusal = () => possibilities.refusal;
  assert.equal(refusal(), null);
  assert.deepEqual(
    Object.keys(possibilities.possible).sort(),
    to.features.map(({ id }) => id).sort()
  );
  // Of the skill shown, it is said what blocks a value and what would allow it.
  const monic = to.features.find(({ id }) => id === 'monic')!;
  const refused = { label: 'yes', control: true };
  void possibilities.refuse(describe(to), { monic: false, leading: 1 }, monic.id, refused);
  await letGo();
  assert.equal(refusal()?.feature, 'monic');
  assert.deepEqual(refusal()?.why?.blocking, ['leading']);
});
