import { redrawRung, replaceItem, type LadderResult, type Paper } from '@zealous-quill/core/papers';
import {
  drawItems,
  explainEmpty,
  readControls,
  skillOf,
  type Conflict,
  type Control,
  type Controls,
  type DrawResult
} from '@zealous-quill/core/skills';
import { expose } from 'comlink';

function exists(skillId: string, controls: Controls): boolean {
  const skill = skillOf(skillId);
  const read = readControls(skill.features, controls);
  return read.ok && skill.exists(read.constraints);
}

const bench = {
  /** How many items there are, and how many up to the order of their parts. */
  count(skillId: string, controls: Controls): { count: bigint; usable: bigint } {
    const skill = skillOf(skillId);
    const read = readControls(skill.features, controls);
    if (!read.ok) return { count: 0n, usable: 0n };
    return { count: skill.count(read.constraints), usable: skill.usable(read.constraints) };
  },
  /** For each value, whether items exist if one control has that value and all others stay. */
  possible(skillId: string, controls: Controls, feature: string, values: Control[]): boolean[] {
    return values.map((value) => exists(skillId, { ...controls, [feature]: value }));
  },
  draw(skillId: string, controls: Controls, howMany: number, seed: number): DrawResult {
    const few = bench.count(skillId, controls).count;
    const most = few < BigInt(howMany) ? Number(few) : howMany;
    return drawItems(skillOf(skillId), { controls, count: Math.max(1, most), seed });
  },
  explain(skillId: string, controls: Controls): Conflict {
    return explainEmpty(skillOf(skillId), controls);
  },
  redraw(paper: Paper, rung: string, turn: number): LadderResult {
    return redrawRung(paper, rung, turn);
  },
  replace(paper: Paper, rung: string, item: string, turn: number): LadderResult {
    return replaceItem(paper, rung, item, turn);
  }
};

export type Bench = typeof bench;

expose(bench);
