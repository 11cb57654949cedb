const SMALL = [
  ...['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'],
  ...['eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen'],
  ...['eighteen', 'nineteen']
];
const TENS = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

/**
 * A whole number from 0, below a thousand million, as it is read out: `one hundred and ninety-eight`, `twelve thousand
 * and five`. An `and` stands before the tens and ones, as is usual in British English.
 */
export function inWords(number: number): string {
  if (!Number.isInteger(number) || number < 0 || number >= 1e9) {
    throw new RangeError(
      `inWords: a whole number below a thousand million is needed, got ${number}`
    );
  }
  if (number < 20) return SMALL[number]!;
  if (number < 100) {
    const ones = number % 10;
    return TENS[Math.floor(number / 10)]! + (ones === 0 ? '' : `-${SMALL[ones]}`);
  }
  for (const [size, name] of [
    [1_000_000, 'million'],
    [1000, 'thousand'],
    [100, 'hundred']
  ] as const) {
    if (number < size) continue;
    const rest = number % size;
    const head = `${inWords(Math.floor(number / size))} ${name}`;
    if (rest === 0) return head;
    return `${head} ${rest < 100 ? 'and ' : ''}${inWords(rest)}`;
  }
  return '';
}

/** A numeral as it is read out, its decimals figure by figure: `three point one four`. */
function readNumeral(numeral: string): string {
  const [whole = '0', decimals = ''] = numeral.split('.');
  const read = inWords(Number(whole));
  if (decimals === '') return read;
  return `${read} point ${[...decimals].map((figure) => SMALL[Number(figure)]).join(' ')}`;
}

const signs: readonly (readonly [RegExp, string])[] = [
  [/∛/g, ' the cube root of '],
  [/²/g, ' squared '],
  [/\+/g, ' plus '],
  [/[-−–]/g, ' take away '],
  [/[x×]/g, ' times '],
  [/\//g, ' divided by '],
  [/_+/g, ' what '],
  [/=/g, ' equals ']
];

/** An item on one line as it is read out: `one hundred and ninety-eight plus fifty-seven`. */
export function readOut(line: string): string {
  const words = signs.reduce((text, [sign, word]) => text.replace(sign, word), line);
  return words
    .replace(/\d+(\.\d+)?/g, (numeral) => readNumeral(numeral))
    .replace(/\s+/g, ' ')
    .trim();
}
