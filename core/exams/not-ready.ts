import { OWN_QUESTION } from '../catalogue';
import type { OwnQuestion } from '../skills/own-question';
import { placedParts } from './exam';
import type { Exam } from './exam-schema';
import { PLACEHOLDER } from './from-parts';

/** Why an exam is hardly ready to be sat, and in which parts. */
export interface NotReady {
  readonly why: 'draft' | 'placeholder' | 'no-key';
  /** What the parts are called. */
  readonly parts: readonly string[];
}

/** What stands between an exam and its sitting: a state below approval, a question not written, a key that is missing. */
export function notReady(exam: Exam, state: string): NotReady[] {
  const own = placedParts(exam)
    .filter(({ part }) => part.skill === OWN_QUESTION)
    .map(({ label, part }) => ({ label, question: part.given as OwnQuestion }));
  const labels = (holds: (question: OwnQuestion) => boolean) =>
    own.filter(({ question }) => holds(question)).map(({ label }) => label);
  const found: NotReady[] = [
    {
      why: 'placeholder',
      parts: labels(({ text }) => text.trim() === '' || text === PLACEHOLDER)
    },
    {
      why: 'no-key',
      parts: labels(({ answerKind, answer }) => answerKind !== 'none' && answer.trim() === '')
    }
  ];
  return [
    ...(state === 'approved' ? [] : [{ why: 'draft' as const, parts: [] }]),
    ...found.filter(({ parts }) => parts.length > 0)
  ];
}

/** The same in a sentence for the coordinator. */
export function notReadyWords({ why, parts }: NotReady): string {
  const named = parts.length === 1 ? `Part ${parts[0]}` : `Parts ${parts.join(', ')}`;
  switch (why) {
    case 'draft':
      return 'The exam is not approved yet.';
    case 'placeholder':
      return `${named} ${parts.length === 1 ? 'is' : 'are'} not written yet.`;
    case 'no-key':
      return `${named} ${parts.length === 1 ? 'has' : 'have'} no answer in the key.`;
  }
}
