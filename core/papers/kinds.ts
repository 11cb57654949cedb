import type { RungKind } from '../skills';

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

/** Items of these rungs have their squares and numbers printed, so that working in the head is not asked for. */
export const setOutKinds: readonly string[] = ['worked-example', 'gaps', 'set-out'];

export function isMarked({ kind }: { readonly kind: string }): boolean {
  return !unmarkedKinds.includes(kind);
}

/** Items that a spread asks for. */
export function spreadCount({ parts }: { readonly parts: readonly { count: number }[] }): number {
  return parts.reduce((sum, { count }) => sum + count, 0);
}
