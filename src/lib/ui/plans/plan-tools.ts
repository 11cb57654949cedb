import type { ListedSkill, SkillDescription } from '@zealous-quill/core/catalogue';
import type { HouseStyle } from '@zealous-quill/core/house-style';
import type { Counter } from '../controls/possibilities.svelte';
import type { Ladders } from './plan-edits';
import type { Names } from './plan-words';

/** What counts the items of a row, away from the screen; the one who starts it ends it. */
interface RowBench {
  readonly bench: Counter & {
    describe(skill: string, style: HouseStyle): Promise<SkillDescription>;
  };
  end(): void;
}

/** What every row of a plan is read and changed with. */
export interface PlanTools {
  readonly names: Names;
  readonly skills: readonly ListedSkill[];
  readonly ladders: Ladders;
  readonly style: HouseStyle;
  startBench(): RowBench;
}
