import type { HouseStyle } from '../house-style';
import { partSeed } from '../spaces';
import { followUp } from './follow-up';
import type { Paper } from './paper';
import { startLadder } from './start';

/** Something to practise: a skill, or one error pattern of it. */
export interface Need {
  readonly skill: string;
  readonly school: string;
  readonly pattern?: string;
}

export interface PracticeOptions {
  readonly seed: number;
  readonly style: HouseStyle;
  /** Items that were met, by skill, as it writes them without order. */
  readonly met: Readonly<Record<string, readonly string[]>>;
}

/**
 * A practice of several needs, one after the other, without what was met. Of more than one, each is kept short.
 * Needs for which too few items are left are left out; undefined if that leaves none.
 */
export function practiceFor(
  title: string,
  needs: readonly Need[],
  { seed, style, met }: PracticeOptions
): Paper | undefined {
  const papers = needs.flatMap(({ skill, school, pattern }, at) => {
    const own = { seed: partSeed(seed, `need ${at}`), except: met[skill] ?? [] };
    const found =
      pattern === undefined
        ? shortLadder(startLadder(skill, title, { ...own, style }), needs.length)
        : followUp(skill, pattern, title, { ...own, school, most: needs.length > 1 ? 5 : 8 });
    return found && found.rungs.length > 0 ? [found] : [];
  });
  if (papers.length === 0) return undefined;
  const rungs = papers.flatMap((paper) => paper.rungs);
  let items = 0;
  return {
    ...papers[0]!,
    title,
    seed,
    rungs: rungs.map((rung, at) => ({
      ...rung,
      id: `r${at + 1}`,
      items: rung.items.map((item) => ({ ...item, id: `i${++items}` }))
    }))
  };
}

/** Of several ladders, only what a pupil needs to find the way again. */
function shortLadder(paper: Paper, among: number): Paper {
  if (among === 1) return paper;
  const kinds: readonly string[] = ['worked-example', 'gaps', 'set-out'];
  return { ...paper, rungs: paper.rungs.filter(({ kind }) => kinds.includes(kind)) };
}
