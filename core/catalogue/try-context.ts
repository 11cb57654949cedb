import { analyseItem, drawEvenly, itemsUnder, type DrawRequest, type Skill } from '../skill';
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

/** Examples that are shown of a context, and those of them that tell a number which is not needed. */
const MOST = 10;
const BESIDE = 2;

/** Looks a context over and tells some problems in it, drawn with the seed and spread over its situations. */
export async function tryContext(context: Context, seed: number): Promise<ContextTrial> {
  const { contextProblems, problemsWith } = await import('../skills/problems/word-problem');
  const problems = contextProblems(context);
  if (problems.some(({ isHint }) => !isHint)) return { problems, count: null, examples: [] };
  const skill = problemsWith(await problemArithmetic(), { told: [context] });
  const beside = Object.keys(context.beside).length > 0 ? BESIDE : 0;
  const told = tryWithin(COUNT_WORK, () => ({
    count: String(itemsUnder(skill, {}).count),
    given: [
      ...drawnUpTo(skill, { controls: { distractors: 0 }, count: MOST - beside, seed }),
      ...drawnUpTo(skill, { controls: { distractors: { min: 1 } }, count: beside, seed })
    ]
  }));
  if (!told) return { problems, count: null, examples: [] };
  return {
    problems,
    count: told.count,
    examples: told.given.map((given) => {
      const { answer } = analyseItem(skill, given);
      return { text: skill.given.print(given), answer };
    })
  };
}

/** So many problems, or all where there are fewer. */
function drawnUpTo(skill: Skill, request: DrawRequest): readonly unknown[] {
  const drawn = drawEvenly(skill, request);
  if (drawn.ok) return drawn.given;
  return drawn.error.code === 'too-few'
    ? drawnUpTo(skill, { ...request, count: Number(drawn.error.population) })
    : [];
}
