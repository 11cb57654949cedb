import type { SkillCard } from '../../../skill/card';

export const card: SkillCard = {
  id: 'long-multiplication',
  family: 'written',
  title: 'Long multiplication',
  example: '47 x 36',
  schools: { rows: 'In rows' },
  operation: 'multiplication',
  words: 'times product partial products multiplying'
};
