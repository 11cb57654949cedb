import type { RungKind } from '../skill';

/** The kinds of rungs, in the order in which a ladder has them. */
export const rungKinds = [
  'worked-example',
  'gaps',
  'set-out',
  'bare',
  'harder',
  'challenge'
] as const satisfies readonly RungKind[];

/** Items of these rungs are shown or done together; they carry no marks and are not marked. */
export const unmarkedKinds: readonly string[] = ['worked-example', 'gaps'];

/** Working is set out or asked for in rungs, and parts of exams, of these kinds, so that it is not to be done in the head. */
export const workingKinds: readonly string[] = [
  'worked-example',
  'gaps',
  'set-out',
  'show-working'
];

export function isMarked({ kind }: { readonly kind: string }): boolean {
  return !unmarkedKinds.includes(kind);
}

/** Items that a spread asks for. */
export function spreadCount({ parts }: { readonly parts: readonly { count: number }[] }): number {
  return parts.reduce((sum, { count }) => sum + count, 0);
}
