import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { startLadder, withToldRung } from '@zealous-quill/core/papers';
import { skillOf } from '@zealous-quill/core/skill';
import '@zealous-quill/core/catalogue/all';
import { run } from './pool';

const hard = {
  skill: 'order-decimals',
  controls: {
    ...{ maxPlaces: { min: 1 }, raggedness: { min: 1 }, integers: { max: 7 } },
    ...{ sharedPrefix: { min: 1 }, longerTraps: { max: 5 }, shorterTraps: { max: 3 } },
    zeroTraps: { max: 4 }
  }
};

test('what asks for too much work is refused, and nobody waits for it meanwhile', async () => {
  let ticks = 0;
  const clock = setInterval(() => ticks++, 5);
  const done = await run('count', hard);
  clearInterval(clock);
  assert.deepEqual(done, { ok: false, error: { code: 'too-hard', leaveOut: [] } });
  assert.ok(ticks > 0, 'this thread waited for it');
});

test('it is said without which controls the same would be done', async () => {
  const light = await run('lighter', hard);
  assert.ok(light.ok && light.result.length > 0);
  for (const name of light.result) {
    const controls = Object.fromEntries(
      Object.entries(hard.controls).filter(([id]) => id !== name)
    );
    assert.ok((await run('count', { skill: hard.skill, controls })).ok, name);
  }
});

test('what outlasts its guard is the fault of the machine; who goes takes the task along; the next is done', async () => {
  assert.deepEqual(await run('count', hard, { limit: 1 }), {
    ok: false,
    error: { code: 'slow' }
  });
  const gone = AbortSignal.abort();
  assert.deepEqual(await run('count', hard, { signal: gone }), {
    ok: false,
    error: { code: 'left' }
  });
  const next = await run('count', { skill: 'square-ending-five', controls: { digits: 2 } });
  // 15, 25, ... 95.
  assert.deepEqual(next, { ok: true, result: { count: 9n } });
});

test('a task gives what it would give here, and a mistake in it is a mistake here', async () => {
  const paper = await run('ladder', {
    skill: 'column-addition',
    controls: {},
    seed: 3,
    style: defaultHouseStyle
  });
  assert.ok(paper.ok);
  const own = startLadder('column-addition', 'Column addition', { seed: 3 });
  assert.deepEqual(paper.result, withToldRung(own, skillOf('column-addition')));
  await assert.rejects(run('count', { skill: 'no-such-skill', controls: {} }), /no-such-skill/);
});
