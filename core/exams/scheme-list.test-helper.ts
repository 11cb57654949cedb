import { skills } from '../catalogue/all';
import { defaultHouseStyle, secondsOnPaper, usualTiming } from '../house-style';
import { availableMarks, type Scheme } from '../schemes';
import { drawItems, secondsOf, type Skill } from '../skill';
import { OWN_QUESTION } from '../catalogue';
import { schemeOfPart } from './paper-part';

/** The kinds of parts that are compared: their schemes are the skill's own, and one mark for the answer. */
const kinds = ['set-out', 'bare'] as const;
export type ListedKind = (typeof kinds)[number];

/** What an item of a rung is worth, and how long it takes. */
export interface SchemeRow {
  readonly skill: string;
  /** The first item that the rung draws, which stands for the others. */
  readonly item: string;
  /** The marks where it is set out, as `M1 A1`. */
  readonly scheme: string;
  /** Of one who knows the method. */
  readonly seconds: number;
  readonly of: Readonly<Record<ListedKind, { minutes: number; marksAMinute: number }>>;
}

/** One item of every rung of every skill, with its usual scheme. */
export function schemeRows(): SchemeRow[] {
  return skills.filter(({ id }) => id !== OWN_QUESTION).flatMap((skill) => rowsOf(skill));
}

function rowsOf(skill: Skill): SchemeRow[] {
  const school = Object.keys(skill.schools)[0]!;
  return skill.ladder.map(({ controls }) => {
    const drawn = drawItems(skill, { controls, count: 1, seed: 1 });
    if (!drawn.ok) throw new Error(`A rung of ${skill.id} has no item`);
    const [given] = drawn.given;
    const seconds = secondsOf(skill.weights, skill.measure(given));
    const ofKind = (kind: ListedKind) => {
      const part = { kind, skill: skill.id, school, given };
      const marks = availableMarks(schemeOfPart(part, { style: defaultHouseStyle, defaults: {} }));
      const minutes = secondsOnPaper({ kind, seconds }, usualTiming) / 60;
      return { minutes, marksAMinute: marks / minutes };
    };
    return {
      ...{ skill: skill.id, item: skill.given.print(given), seconds },
      scheme: marksOf(skill.scheme(given, school)),
      of: { 'set-out': ofKind('set-out'), bare: ofKind('bare') }
    };
  });
}

const marksOf = ({ marks }: Scheme) => marks.map(({ kind, value }) => `${kind}${value}`).join(' ');

const HEAD = `# What items are worth, and how long they take

Every rung of every skill with its first item, in the usual way of working. *Scheme* is where the item is set out; an
item of which only the answer is asked, or that is a choice, is worth one mark. *Seconds* are those of one who knows
the method. A paper allows more: reading, working and checking, by the weights in the house style
(\`core/house-style/timing.ts\`). With the usual weights a usual paper comes to about a minute a mark (common practice).

The list is made by \`npx tsx scripts/make/schemes.ts\`, and a test holds it to what the program computes. It has been read
through by judgement. Within a presentation no item earns ten times as many marks in a minute as another, apart from:

| skill | presentation | why |
|---|---|---|
| factorise-quadratic | set out, answer only | Numbers with many factors take long because pairs are tried. Trying is one method mark, however long it takes. |
| number-bonds | answer only | Recall takes a few seconds, and a mark cannot be halved. |
| reversed-pair | answer only | The same: the sum is eleven times a sum of two digits. |

| skill | item | scheme | seconds | set out, minutes | marks a minute | answer only, minutes | marks a minute |
|---|---|---|---|---|---|---|---|
`;

/** The list as it stands in `docs/schemes.md`. */
export function schemePage(rows: readonly SchemeRow[]): string {
  const lines = rows.map(({ skill, item, scheme, seconds, of }) => {
    const numbers = kinds.flatMap((kind) => [
      of[kind].minutes.toFixed(1),
      of[kind].marksAMinute.toFixed(1)
    ]);
    return `| ${[skill, item, scheme, seconds, ...numbers].join(' | ')} |\n`;
  });
  return HEAD + lines.join('');
}

/** The skills that the page lists as earning marks much faster or slower than others, by presentation. */
export const outliers: Readonly<Record<ListedKind, readonly string[]>> = {
  'set-out': ['factorise-quadratic'],
  bare: ['factorise-quadratic', 'number-bonds', 'reversed-pair']
};
