/**
 * What was entered into a field: without the spaces around it once it is left, and as it stands while typing goes on: a space
 * behind a word would be taken away under the hand.
 */
export const entered = ({
  currentTarget,
  isTrusted
}: {
  readonly currentTarget: { readonly value: string };
  readonly isTrusted: boolean;
}): string => (isTrusted ? currentTarget.value.trim() : currentTarget.value);
