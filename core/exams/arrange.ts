import { partSeed, seededRandom } from '../spaces';
import type { Blueprint } from './blueprint';
import type { DrawnPart, ExamPart } from './exam-part';

/** Parts that make one question, in the order in which they are asked. */
interface Question {
  readonly parts: readonly DrawnPart[];
  readonly row: string;
  readonly difficulty: number;
}

/**
 * The parts in the order in which they stand: by section, within it rising or by the rows of the plan, numbered by
 * question through the paper. Where questions are as hard as each other, kinds of them alternate.
 */
export function arranged(
  plan: Blueprint,
  parts: readonly DrawnPart[],
  seed: number,
  sections: readonly string[]
): ExamPart[] {
  const random = seededRandom(partSeed(seed, 'order'));
  const tie = new Map(parts.map((part) => [part, random.next()]));
  let question = 0;
  return sections.flatMap((section) => {
    const own = plan.rows.flatMap(({ id, question: asked }) => {
      const rows = parts.filter((part) => part.row === id && part.section === section);
      const sorted = rows.sort(
        (one, other) => one.difficulty - other.difficulty || tie.get(one)! - tie.get(other)!
      );
      return questionsOf(sorted, asked?.parts ?? 1);
    });
    const ordered = plan.rising
      ? alternating(own.sort((one, other) => one.difficulty - other.difficulty))
      : own;
    return ordered.flatMap(({ parts: together }) => {
      question++;
      return together.map(({ of: _, ...part }) => ({ ...part, question }));
    });
  });
}

function questionsOf(parts: readonly DrawnPart[], size: number): Question[] {
  const questions: Question[] = [];
  for (let at = 0; at < parts.length; at += size) {
    const own = parts.slice(at, at + size);
    const marks = own.reduce((sum, part) => sum + part.marks, 0);
    const difficulty =
      own.reduce((sum, part) => sum + part.marks * part.difficulty, 0) / Math.max(1, marks);
    questions.push({ parts: own, row: own[0]!.row, difficulty });
  }
  return questions;
}

/** The same order, but among equals one of another row than the one before comes first. */
function alternating(sorted: readonly Question[]): Question[] {
  const left = [...sorted];
  const ordered: Question[] = [];
  while (left.length > 0) {
    const { difficulty } = left[0]!;
    const equals = left.filter((one) => one.difficulty === difficulty);
    const next = equals.find(({ row }) => row !== ordered.at(-1)?.row) ?? equals[0]!;
    ordered.push(next);
    left.splice(left.indexOf(next), 1);
  }
  return ordered;
}
