import { evaluate as mathjs } from 'mathjs';

/** What a general library makes of an expression; it would take x(x + 1) for a function of that name. */
export function value(text: string, x: number): number {
  // Adding 0 makes 0 of -0.
  return (mathjs(text.replaceAll('²', '^2').replaceAll('x(', 'x*('), { x }) as number) + 0;
}
