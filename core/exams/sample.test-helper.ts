import { defaultHouseStyle } from '../house-style';
import { drawItems, schoolIn } from '../skill';
import { OWN_QUESTION } from '../catalogue';
import { skills } from '../catalogue/all';
import {
  emptyCover,
  optionsOf,
  partFacts,
  partKey,
  partsIn,
  type Exam,
  type ExamFacts,
  type ExamQuestion,
  type PaperPart,
  type PartContext
} from '.';

export const context: PartContext = { seed: 3, style: defaultHouseStyle, defaults: {} };

/** An exam with two items of every skill, presented in every way, and two own questions, in two sections. */
export function sampleExam(): Exam {
  const kinds = ['set-out', 'bare', 'show-working', 'choice'] as const;
  const items = skills.flatMap((skill) => {
    const controls = skill.ladder.at(-2)!.controls;
    const drawn = drawItems(skill, { controls, count: 2, seed: 7, allDifferent: true });
    const school = schoolIn(skill, defaultHouseStyle);
    return drawn.ok ? drawn.given.map((given) => ({ skill, given, school })) : [];
  });
  const own = {
    text: 'How many lamps? $3/4 * 8$',
    answerKind: 'number',
    answer: '6',
    unit: 'lamps'
  };
  const parts: PaperPart[] = [
    ...items.map(({ skill, given, school }, at) => {
      const kind = kinds[(at + Math.floor(at / 2)) % 4]!;
      const isPossible = kind !== 'choice' || optionsOf(skill, given, school, context.seed);
      const fits = isPossible ? kind : ('bare' as const);
      return { ...common(at), kind: fits, skill: skill.id, school, given };
    }),
    ...[1, 30].map((marks, at) => ({
      ...common(items.length + at),
      ...{ kind: 'own' as const, skill: OWN_QUESTION, school: 'written' },
      given: { ...own, marks, minutes: 2, difficulty: 0.5, guidance: 'Three quarters of eight.' }
    }))
  ];
  const questions = parts.flatMap((part, at): ExamQuestion[] => {
    if (at % 3 === 2) return [];
    const together = at % 3 === 1 && parts[at + 1] ? [part, parts[at + 1]!] : [part];
    return [{ id: `q${at}`, stem: '', startsPage: false, parts: together }];
  });
  const half = Math.ceil(questions.length / 2);
  return {
    ...{ title: 'Assessment', seed: context.seed, cover: emptyCover },
    sections: [questions.slice(0, half), questions.slice(half)].map((own, at) => ({
      ...{ id: 'AB'[at]!, title: `Section ${'AB'[at]}`, instruction: '', calculator: at === 1 },
      questions: own
    }))
  };
}

const common = (at: number) => ({
  ...{ id: `p${at + 1}`, row: '', locked: false, edited: false, guidance: '' }
});

export function factsOfSample(exam: Exam): ExamFacts {
  return Object.fromEntries(partsIn(exam).map((part) => [partKey(part), partFacts(part, context)]));
}
