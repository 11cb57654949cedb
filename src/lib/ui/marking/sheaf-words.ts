import { spoken } from '@zealous-quill/core/house-style';

/** A pile that can be opened: a script or a question. */
export interface SheafWord {
  readonly id: number;
  readonly word: string;
  /** Nothing of it is to be marked, as the pupil was absent. */
  readonly isAway: boolean;
}

interface Sheaves {
  readonly by: 'script' | 'question';
  readonly scripts: readonly {
    readonly id: number;
    readonly pupilId: number | null;
    readonly name: string;
    readonly markedItems: number;
    readonly isAbsent: boolean;
  }[];
  readonly questions: readonly {
    readonly id: number;
    readonly label: string;
    readonly prompt: string;
  }[];
}

/** What can be opened of a sitting, in order: its scripts with how they stand, or its questions. */
export function sheafWords({ by, scripts, questions }: Sheaves): SheafWord[] {
  if (by === 'question') {
    return questions.map(({ id, label, prompt }) => ({
      ...{ id, word: `${label}  ${spoken(prompt)}`, isAway: false }
    }));
  }
  return scripts.map(({ id, pupilId, name, markedItems, isAbsent }) => {
    const isAway = isAbsent && pupilId !== null;
    const state = isAway ? ' (absent)' : markedItems >= questions.length ? ' ●' : '';
    return { id, word: name + state, isAway: isAbsent };
  });
}
