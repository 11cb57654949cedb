import { partKinds } from '@zealous-quill/core/exams';
import { houseStyleSchema } from '@zealous-quill/core/house-style';
import { schemeSchema } from '@zealous-quill/core/schemes';
import { controlsSchema } from '@zealous-quill/core/papers';
import { LARGEST_SEED } from '@zealous-quill/core/spaces';
import { z } from 'zod';

const skill = z.string().max(60).describe('id of a skill, as GET /api/skills lists them');
const school = z.string().max(60).optional().describe('a school of the skill; the first if absent');
const given = z.unknown().describe('what is given of the item, by the JSON schema of the skill');
const written = z.string().max(200);

export const countRequest = z.strictObject({ skill, controls: controlsSchema });

export const itemsRequest = z.strictObject({
  skill,
  controls: controlsSchema,
  count: z.int().min(1).max(1000),
  seed: z.int().min(0).max(LARGEST_SEED).optional(),
  school,
  houseStyle: z.optional(houseStyleSchema)
});

export const analyseRequest = z.strictObject({
  skill,
  given,
  school,
  houseStyle: z.optional(houseStyleSchema)
});

export const markingRequest = z.strictObject({
  skill,
  given,
  working: z
    .record(z.string().max(60), written)
    .refine((steps) => Object.keys(steps).length <= 500, {
      message: 'at most 500 steps'
    }),
  answer: written.optional(),
  school,
  scheme: z.optional(schemeSchema)
});

export const suitabilityRequest = z.strictObject({
  operation: z.enum(['addition', 'subtraction', 'multiplication', 'division']),
  operands: z
    .array(
      z
        .string()
        .regex(
          /^(?=.*[1-9])(0|[1-9]\d{0,11})(\.\d{1,4})?$/,
          'a number above 0 of up to 12 digits, with up to 4 decimals'
        )
    )
    .min(2)
    .max(6)
});

export const formsRequest = z.strictObject({
  parts: z
    .array(
      z.strictObject({
        ...{ skill, given, school },
        controls: z
          .optional(controlsSchema)
          .describe('which the item meets, and every version of it will'),
        hold: z.array(z.string().max(40)).max(20).optional()
      })
    )
    .min(1)
    .max(60),
  count: z.int().min(1).max(60),
  seed: z.int().min(0).max(LARGEST_SEED).optional(),
  avoid: z.array(z.strictObject({ skill, given })).max(2000).optional()
});

const count = z.string().regex(/^\d+$/).describe('a whole number');
const text = z.string();

const conflict = {
  conflict: z.array(text).describe('a smallest set of controls that cannot hold together'),
  nearest: controlsSchema.check(
    z.describe('for each of them, the nearest value that works with all others')
  )
};

export const countReply = z.object({
  count,
  conflict: conflict.conflict.optional(),
  nearest: z.optional(conflict.nearest)
});

const measured = z.union([z.number(), text, z.boolean()]);

const stretch = z.object({
  from: z.number().describe('in hundredths of the width'),
  to: z.number(),
  says: text.describe('? for what is asked'),
  quantity: text.optional()
});

const modelReply = z.object({
  rows: z.array(
    z.object({
      label: text,
      boxes: z.array(stretch),
      braces: z.array(stretch)
    })
  ),
  total: z.object({ rows: z.array(z.int()), says: text, quantity: text.optional() }).optional()
});

export const itemReply = z.object({
  skill: text,
  given: z.unknown(),
  school: text,
  prompt: text,
  answer: text,
  features: z.record(text, z.union([measured, z.array(z.union([measured, z.array(measured)]))])),
  difficulty: z.number().describe('logits'),
  seconds: z.number(),
  steps: z.array(z.object({ id: text, kind: text, label: text, value: text, uses: z.array(text) })),
  model: modelReply.optional().describe('bars, where the skill has them'),
  errorPatterns: z.array(z.object({ id: text, title: text, answer: text }))
});

export const itemsReply = z.object({ items: z.array(itemReply), population: count, seed: z.int() });

const option = z.object({
  text,
  by: z.enum(['answer', 'pattern', 'slip']),
  pattern: text.optional()
});

export const assembleReply = z.object({
  parts: z.array(
    z.object({
      row: text,
      section: text,
      question: z.int(),
      skill: text.nullable(),
      school: text.nullable(),
      given: z.unknown(),
      kind: z.enum(partKinds),
      marks: z.int(),
      difficulty: z.int().describe('hundredths of a logit, as analysed'),
      seconds: z.number(),
      options: z.array(option).optional()
    })
  ),
  totals: z.object({
    marks: z.int(),
    minutes: z.number(),
    mean: z.number().describe('logits, by marks'),
    easy: z.number().describe('share of the marks, as those beside it'),
    middling: z.number(),
    hard: z.number(),
    patterns: z.record(text, z.int())
  }),
  seed: z.int()
});

export const formsReply = z.object({
  forms: z.array(z.array(z.object({ skill: text, given: z.unknown() }))),
  short: z.array(z.object({ part: z.int(), versions: z.int() })),
  seed: z.int()
});

export const suitabilityReply = z.object({
  strategies: z.array(
    z.object({
      ...{ skill: text, school: text, applies: z.boolean(), steps: z.int(), held: z.int() },
      ...{ because: text, seconds: z.number() }
    })
  ),
  /** Of all, ways on paper weighed as if they were worked in the head. */
  cheapest: text.nullable(),
  /** In the head where that can be, in either order of the numbers; all that tie. */
  advised: z.array(text)
});

const verdict = z.enum(['correct', 'follows-through', 'slip', 'blank', 'not-needed', 'unreadable']);

export const markingReply = z.object({
  steps: z.array(
    z.object({
      id: text,
      written: text.nullable(),
      expected: text.nullable(),
      own: text.nullable(),
      verdict
    })
  ),
  firstSlip: text.nullable(),
  answer: z.object({ written: text.nullable(), verdict, form: z.array(text) }),
  marks: z.object({
    awarded: z.int(),
    available: z.int(),
    lines: z.array(
      z.object({
        id: text,
        kind: z.enum(['M', 'A', 'B']),
        awarded: z.int(),
        available: z.int(),
        because: text
      })
    )
  }),
  flags: z.array(z.enum(['contradicted', 'easier'])),
  notes: z.array(text),
  slips: z.array(
    z.object({
      kind: z.enum(['digits-exchanged', 'out-by-one', 'table-fact']),
      step: text.optional()
    })
  ),
  diagnosis: z.array(
    z.object({
      patterns: z.array(text),
      explains: z.enum(['working', 'answer']),
      slip: text.optional(),
      school: text.optional()
    })
  )
});

export const skillsReply = z.object({
  skills: z.array(
    z.object({
      id: text,
      family: text,
      title: text,
      given: z.record(text, z.unknown()).describe('JSON Schema'),
      features: z.array(
        z.object({
          id: text,
          kind: text,
          min: z.number().optional(),
          max: z.number().optional(),
          values: z.array(text).optional()
        })
      ),
      schools: z.array(text),
      errorPatterns: z.array(z.object({ id: text, title: text, schools: z.array(text) }))
    })
  )
});

export const healthReply = z.object({
  version: text,
  database: z.enum(['ready', 'locked', 'full', 'unwritable', 'damaged', 'unavailable']),
  instance: text.optional().describe('what the server was told to call itself')
});

export const errorReply = z.object({
  error: z.object({ code: text, message: text, details: z.record(text, z.unknown()) })
});
