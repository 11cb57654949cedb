import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  assemble,
  blueprintSchema,
  examOf,
  partTotals,
  partsIn,
  schemeKey,
  usualHouse,
  type House
} from '@zealous-quill/core/exams';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { independent, schemeOf } from '@zealous-quill/core/schemes';
import { skillOf } from '@zealous-quill/core/skill';
import '@zealous-quill/core/catalogue/all';
import { solver } from './solver';

const highs = await solver();

const row = (skill: string, rung: number) => ({
  ...{ id: skill, skills: [skill], kind: 'set-out', parts: { min: 1, max: 4 } },
  controls: { [skill]: skillOf(skill).ladder[rung]!.controls }
});
const plan = blueprintSchema.parse({
  total: 20,
  rows: [row('column-subtraction', 2), row('mixed-subtraction', 3), row('short-division', 2)]
});

/** A house of its own ways, times and schemes. */
const house: House = {
  style: {
    ...defaultHouseStyle,
    simplestForm: 'open',
    methods: { 'column-subtraction': 'equal-additions' }
  },
  defaults: {
    [schemeKey('short-division', 'set-out')]: schemeOf(independent('answer', { value: 3 }))
  }
};

test('a paper put together for a department has the marks, minutes and methods of that department', () => {
  for (const own of [house, usualHouse]) {
    const made = assemble(plan, 4, highs, own);
    assert.ok(made.ok);
    const parts = partsIn(examOf('Lamp room', plan, made));
    const { marks, seconds } = partTotals(parts, own);
    assert.deepEqual([made.totals.marks, marks], [20, 20]);
    assert.equal(Math.round(60 * made.totals.minutes), seconds);
    for (const { skill, school } of parts) {
      const said = own.style.methods[skill] ?? Object.keys(skillOf(skill).schools)[0];
      assert.equal(school, said);
    }
  }
});
