import type { HouseStyle } from '../../house-style';

/** What is asked of an item that is worked in the head; where the working must be shown, it is not said to be. */
export function inTheHead(
  line: string,
  _style: HouseStyle,
  _given: unknown,
  { showsWorking = false }: { readonly showsWorking?: boolean } = {}
): string {
  return showsWorking ? `Work out ${line}.` : `Work out ${line} in your head.`;
}
