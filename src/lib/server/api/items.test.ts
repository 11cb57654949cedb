import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { skills } from '@zealous-quill/core/catalogue/all';
import { analyse, countItems, listSkills, makeItems, mark } from './items';
import { describeApi } from './openapi';
import { MAX_BYTES } from '../http/reply';
import * as schemas from './schemas';

const routes = { countItems, makeItems, analyse, mark };

async function send(route: keyof typeof routes, body: unknown, type = 'application/json') {
  const text = typeof body === 'string' ? body : JSON.stringify(body);
  const request = new Request('http://localhost/', {
    method: 'POST',
    headers: { 'content-type': type },
    body: text
  });
  const response = await routes[route]({ request });
  return { status: response.status, body: await response.json() };
}

const addition = { skill: 'column-addition' };

test('the replies are what the description of the API says', async () => {
  assert.ok(schemas.skillsReply.safeParse(await listSkills().json()).success);
  const controls = { addends: 2, digits: 3, carries: 2 };
  const count = await send('countItems', { ...addition, controls });
  assert.deepEqual(count, { status: 200, body: { count: '336150' } });
  const made = await send('makeItems', { ...addition, controls, count: 5, seed: 9 });
  assert.ok(schemas.itemsReply.strict().safeParse(made.body).success);
  assert.equal(made.body.population, '336150');
  assert.deepEqual(made, await send('makeItems', { ...addition, controls, count: 5, seed: 9 }));
  const marked = await send('mark', {
    ...addition,
    given: { addends: ['47', '38'] },
    working: {},
    answer: '75'
  });
  assert.ok(schemas.markingReply.strict().safeParse(marked.body).success);
  assert.equal((describeApi() as { openapi: string }).openapi, '3.1.0');
});

test('each kind of bad request has its own status and says where it is wrong', async () => {
  const given = { addends: ['47', '38'] };
  const cases: [keyof typeof routes, unknown, number, string][] = [
    ['countItems', '{', 400, 'invalid'],
    ['countItems', { ...addition }, 400, 'invalid'],
    ['countItems', { ...addition, controls: { carry: 1 } }, 400, 'invalid'],
    ['countItems', { skill: 'nothing', controls: {} }, 404, 'unknown-skill'],
    ['countItems', ' '.repeat(MAX_BYTES + 1), 413, 'too-large'],
    ['makeItems', { ...addition, controls: {}, count: 1001 }, 400, 'invalid'],
    [
      'makeItems',
      { ...addition, controls: { digits: 1, carries: 2 }, count: 1 },
      422,
      'empty-space'
    ],
    ['makeItems', { ...addition, controls: { addends: 2, digits: 1 }, count: 82 }, 422, 'too-few'],
    ['analyse', { ...addition, given: { addends: ['047', '1'] } }, 400, 'invalid'],
    ['analyse', { ...addition, given, school: 'none' }, 400, 'invalid'],
    [
      'analyse',
      { ...addition, given, houseStyle: { methods: { 'column-addition': 'none' } } },
      400,
      'invalid'
    ],
    ['mark', { ...addition, given, working: { 'digit.9': '1' } }, 400, 'invalid'],
    ['mark', { ...addition, given, working: { answer: '85' } }, 400, 'invalid']
  ];
  for (const [route, body, status, code] of cases) {
    const reply = await send(route, body);
    assert.deepEqual(
      [reply.status, reply.body.error.code],
      [status, code],
      JSON.stringify(body).slice(0, 80)
    );
    assert.ok(schemas.errorReply.safeParse(reply.body).success);
  }
  assert.equal((await send('analyse', {}, 'text/plain')).status, 415);
});

test('silent steps are accepted when they are written', async () => {
  const working = { 'digit.0': '6', 'carry.1': '0', 'digit.1': '4', 'digit.2': '0' };
  const { body } = await send('mark', {
    ...addition,
    given: { addends: ['12', '34'] },
    working,
    answer: '46'
  });
  assert.deepEqual(body.marks.awarded, 2);
  assert.equal(body.steps.find(({ id }: { id: string }) => id === 'carry.1').verdict, 'correct');
});

test('nothing a stranger sends gives anything but an answer or a named error', async () => {
  const known = skills.map(({ id }) => id);
  const text = fc.oneof(fc.string(), fc.constantFrom('__proto__', 'constructor', '9'.repeat(200)));
  const value = fc.oneof(fc.jsonValue(), text, fc.double(), fc.constant({ min: -1e9, max: 1e9 }));
  const body = fc.record(
    {
      skill: fc.oneof(fc.constantFrom(...known), text),
      given: fc.oneof(value, fc.record({ addends: fc.array(text, { maxLength: 7 }) })),
      controls: fc.oneof(value, fc.dictionary(text, value, { maxKeys: 3 })),
      working: fc.oneof(value, fc.dictionary(text, text, { maxKeys: 5 })),
      count: value,
      answer: value,
      seed: value,
      school: value,
      scheme: value,
      houseStyle: value
    },
    { requiredKeys: [] }
  );
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom('makeItems', 'analyse', 'mark', 'countItems'),
      fc.oneof(body, value),
      async (route, sent) => {
        const { status, body } = await send(route as keyof typeof routes, sent);
        assert.ok([200, 400, 404, 422].includes(status), `${status}`);
        if (status !== 200) assert.ok(schemas.errorReply.safeParse(body).success);
      }
    ),
    { numRuns: 600 }
  );
});
