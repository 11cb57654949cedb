/** Characters of an expression that surely have room on a line; a longer one may be broken at its signs. */
const SHORT = 28;

const NO_BREAK = '\u00a0';

/** A text in which no short expression is broken at a sign: the spaces around its signs hold it together. */
export const unbroken = (text: string): string =>
  text.replace(/\S+(?: [+−×÷=≈·] \S+)+/g, (expression) =>
    expression.length <= SHORT ? expression.replaceAll(' ', NO_BREAK) : expression
  );
