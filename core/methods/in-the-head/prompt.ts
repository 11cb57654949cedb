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

/** As {@link inTheHead}, of an item whose line may name the base to work from: `72 x 59 near 60`. */
export function fromBase(line: string, ...asked: Tail<Parameters<typeof inTheHead>>): string {
  const [calculation, base] = line.split(' near ');
  const said = inTheHead(calculation!, ...asked);
  return base === undefined ? said : `${said.slice(0, -1)}. Start from ${base}.`;
}

type Tail<List extends readonly unknown[]> = List extends readonly [unknown, ...infer Rest]
  ? Rest
  : never;
