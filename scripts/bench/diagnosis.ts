import { likelyPatterns, patternEvidence, type Observation } from '@zealous-quill/core/analysis';
import { markItem, simulate } from '@zealous-quill/core/marking';
import type { Skill } from '@zealous-quill/core/skill';
import { skills } from '@zealous-quill/core/catalogue/all';
import { partSeed, seededRandom } from '@zealous-quill/core/spaces';
import { ITEMS, oftenShown, paperOf } from './bench-paper';
import { printTable } from './table';

const SCRIPTS = 200;

/** How well the patterns that simulated pupils hold are found again, from working or from bare answers. */
function measure(skill: Skill, isBare: boolean): string[] {
  const school = Object.keys(skill.schools)[0]!;
  const items = paperOf(skill, school);
  const shown = items.map((item) => item.showing().map(({ pattern }) => pattern.id));
  const patterns = oftenShown(skill, items);
  let [found, missed, wrong] = [0, 0, 0];
  for (let script = 0; script < SCRIPTS; script++) {
    // Half the pupils hold a pattern, each in turn; the others only slip.
    const held = script % 2 === 0 ? patterns[(script / 2) % patterns.length] : undefined;
    const holds = held ? [{ pattern: held, degree: 0.8 }] : [];
    const random = seededRandom(partSeed(script, skill.id));
    const observations = items.map((item, at): Observation => {
      const { working } = simulate(
        item,
        { holds, slipRate: 0.08, writesMarks: 0.6, leavesOut: 0.02 },
        random
      );
      const written = isBare ? { answer: working['answer'] ?? '' } : working;
      const marked = markItem(item, written);
      const didShow = [...new Set(marked.diagnosis.flatMap((one) => one.patterns))];
      return { couldShow: shown[at]!, didShow, right: marked.answer.verdict === 'correct' };
    });
    const named = likelyPatterns(patternEvidence(observations));
    const isFound = named.some(({ pattern }) => pattern === held);
    if (isFound) found++;
    else if (held) missed++;
    wrong += named.length - (isFound ? 1 : 0);
  }
  const share = (part: number, whole: number) => (whole === 0 ? '–' : (part / whole).toFixed(2));
  return [share(found, found + wrong), share(found, found + missed)];
}

printTable(
  `Diagnosis of ${SCRIPTS} simulated scripts of ${ITEMS} items: half hold a pattern at 0.8, all slip on 8 % of items`,
  [
    ['skill', 'precision', 'recall', 'bare: precision', 'recall'],
    ...skills.map((skill) => [skill.id, ...measure(skill, false), ...measure(skill, true)])
  ]
);
