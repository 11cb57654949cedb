import { schemeSchema } from '@zealous-quill/core/schemes';
import type { PartSnapshot } from '@zealous-quill/core/exams';
import { findSkill } from '@zealous-quill/core/skill';
import { z } from 'zod';

const text = z.string();
const texts = z.array(text);
const box = z.looseObject({ x: z.number(), y: z.number(), size: z.number() });

/** What everything that reads a snapshot relies on; what else is in it stays as it is. */
const item = z.looseObject({
  ...{ skill: text, given: z.unknown(), school: text, prompt: text, answer: text },
  ...{ features: z.record(text, z.unknown()), difficulty: z.number(), seconds: z.number() },
  steps: z.array(z.looseObject({ id: text, kind: text, label: text, value: text, uses: texts })),
  errorPatterns: z.array(z.looseObject({ id: text, title: text, answer: text }))
});

const cells = z.array(
  z.union([
    box.extend({ type: z.literal('printed'), role: text, text }),
    box.extend({ type: z.literal('step'), role: text, step: text })
  ])
);
const rules = z.array(z.looseObject({}));

const printed = z.looseObject({
  line: text,
  layout: z.looseObject({
    ...{ width: z.number(), height: z.number() },
    ...{ cells, rules },
    further: z.optional(
      z.array(z.looseObject({ after: text, y: z.number(), height: z.number(), cells, rules }))
    )
  }),
  texts: z.record(text, text),
  gaps: texts,
  explanations: texts,
  options: z.optional(z.array(z.looseObject({ text, by: z.enum(['answer', 'pattern', 'slip']) })))
});

/** The columns of a snapshot as the text that is kept. */
export interface KeptTexts {
  readonly item: string;
  readonly scheme: string;
  readonly printed: string | null;
}

/**
 * A snapshot as it was kept; undefined if it was damaged by anything, or if its skill can no longer read what was
 * given: whoever asks leaves it out and says so.
 */
export function keptSnapshot(kept: KeptTexts): PartSnapshot | undefined {
  const snapshot = {
    item: parsed(item, kept.item),
    scheme: parsed(schemeSchema, kept.scheme),
    printed: parsed(printed, kept.printed ?? '')
  };
  if (!snapshot.item || !snapshot.scheme || !snapshot.printed) return undefined;
  if (!isWorkable(snapshot.item)) return undefined;
  const { options } = snapshot.printed;
  return { ...snapshot, ...(options && { options }) } as unknown as PartSnapshot;
}

/** Whether the skill of an item is there, reads what is given, and has the way it is worked. */
function isWorkable(one: { skill: string; given?: unknown; school: string }): boolean {
  const skill = findSkill(one.skill);
  return (
    skill !== undefined &&
    skill.given.schema.safeParse(one.given).success &&
    Object.hasOwn(skill.schools, one.school)
  );
}

/** A value of a schema from its JSON, or undefined. */
function parsed<T>(schema: z.core.$ZodType<T>, json: string): T | undefined {
  try {
    const result = z.safeParse(schema, JSON.parse(json));
    return result.success ? result.data : undefined;
  } catch {
    return undefined;
  }
}

/** The item of a snapshot alone. */
export const keptItem = (json: string) => {
  const kept = parsed(item, json);
  return kept && isWorkable(kept) ? kept : undefined;
};
