import type { HouseStyle } from './house-style';
import { writeText } from './numerals';

/** A run of typed text: plain words, or maths that is set as such. */
export interface TypedRun {
  readonly text: string;
  readonly isMaths: boolean;
}

/**
 * A text that somebody typed, with maths between `$` signs; `\$` is a dollar, and so is a sign without another.
 * `Work out $3/4 + x^2$.` is words, maths, words. Only numerals and signs are changed, so nothing can become markup.
 */
export function typedRuns(typed: string, style: HouseStyle): TypedRun[] {
  const pieces = typed.replaceAll('\\$', DOLLAR).split('$');
  // The last sign has no other: it stands for itself.
  if (pieces.length % 2 === 0) pieces.push(`${pieces.splice(-2, 1)[0]!}$${pieces.pop()!}`);
  return pieces.flatMap((piece, at): TypedRun[] => {
    const text = piece.replaceAll(DOLLAR, '$');
    if (text === '') return [];
    return at % 2 === 0
      ? [{ text, isMaths: false }]
      : [{ text: writeText(withSymbols(text.trim()), style), isMaths: true }];
  });
}

/** A typed text on one line, its maths without the signs around it. */
export function typedLine(typed: string, style: HouseStyle): string {
  return typedRuns(typed, style)
    .map(({ text }) => text)
    .join('')
    .replace(/\s+/g, ' ');
}

/** What stands for an escaped dollar while a text is taken apart: a character that nobody types. */
const DOLLAR = '\u{e000}';

const SUPERSCRIPTS: Readonly<Record<string, string>> = {
  ...Object.fromEntries([...'⁰¹²³⁴⁵⁶⁷⁸⁹'].map((sign, digit) => [String(digit), sign])),
  ...{ '-': '⁻', '+': '⁺', n: 'ⁿ' }
};

/** Signs that keyboards lack, as they are usually typed. */
const SIGNS: readonly (readonly [typed: RegExp, sign: string])[] = [
  [/<=/g, '≤'],
  [/>=/g, '≥'],
  [/!=/g, '≠'],
  [/\bsqrt\b\s*/g, '√'],
  [/\bpi\b/g, 'π'],
  [/\*/g, '×']
];

function withSymbols(maths: string): string {
  const raised = maths.replace(/\^\(?([+-]?[\dn]+)\)?/g, (_, power: string) =>
    [...power].map((sign) => SUPERSCRIPTS[sign]).join('')
  );
  return SIGNS.reduce((text, [typed, sign]) => text.replace(typed, sign), raised);
}
