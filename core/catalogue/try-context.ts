import { analyseItem, drawEvenly } from '../skill';
import { COUNT_WORK, tryWithin } from '../spaces';
import type { Context, ContextProblem } from '../skills/problems/word-problem';
import { problemArithmetic } from './registry';

/** What a context that is being written gives. */
export interface ContextTrial {
  /** What keeps it from being told; hints keep nothing. */
  readonly problems: readonly ContextProblem[];
  /** How many problems it tells, as a numeral; null while it cannot be told. */
  readonly count: string | null;
  readonly examples: readonly { readonly text: string; readonly answer: string }[];
}

/** Examples that are shown of a context. */
const MOST = 10;

/** Looks a context over and tells some problems in it, drawn with the seed and spread over its situations. */
export async function tryContext(context: Context, seed: number): Promise<ContextTrial> {
  const { contextProblems, problemsWith } = await import('../skills/problems/word-problem');
  const problems = contextProblems(context);
  if (problems.some(({ isHint }) => !isHint)) return { problems, count: null, examples: [] };
  const skill = problemsWith(await problemArithmetic(), { told: [context] });
  const drawn = tryWithin(COUNT_WORK, () => {
    const first = drawEvenly(skill, { controls: {}, count: MOST, seed });
    if (first.ok || first.error.code !== 'too-few') return first;
    return drawEvenly(skill, { controls: {}, count: Number(first.error.population), seed });
  });
  if (!drawn?.ok) return { problems, count: null, examples: [] };
  return {
    problems,
    count: String(drawn.population),
    examples: drawn.given.map((given) => {
      const { answer } = analyseItem(skill, given);
      return { text: skill.given.print(given), answer };
    })
  };
}
