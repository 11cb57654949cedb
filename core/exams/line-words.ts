import { splitPatternKey } from '../skill';
import type { Blueprint } from './blueprint';

const rowWords: Readonly<Record<string, string>> = {
  parts: 'Parts',
  controls: 'Controls',
  marks: 'Marks',
  difficulty: 'Difficulty'
};

/** What a line of a plan is called, with the titles of skills: `Parts of column addition`. */
export function lineWords(
  plan: Blueprint,
  line: string,
  titleOf: (skill: string) => string
): string {
  const [kind, id, name] = line.split('.');
  switch (kind) {
    case 'total':
      return 'Total marks';
    case 'minutes':
      return 'Minutes';
    case 'rising':
      return plan.step === undefined ? 'Questions rise in difficulty' : 'The largest step';
    case 'difficulty':
      return id === 'mean' ? 'Mean difficulty' : `Share of ${id} marks`;
    case 'patterns': {
      const { skill, pattern } = splitPatternKey(line.slice('patterns.'.length));
      return `Parts that show ${pattern.replaceAll('-', ' ')} (${titleOf(skill).toLowerCase()})`;
    }
    case 'sections':
      return `${name === 'marks' ? 'Marks' : 'Minutes'} of section ${id}`;
    default: {
      const row = plan.rows.find((one) => one.id === id);
      const skills = row?.skills.map((skill) => titleOf(skill).toLowerCase()).join(', ');
      return `${rowWords[name ?? ''] ?? ''} of ${skills || 'the own question'}`;
    }
  }
}
