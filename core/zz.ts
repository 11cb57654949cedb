import { skills } from './catalogue/all';
import { drawItems, itemOf, WorkedItem } from './skill';
import { defaultHouseStyle } from './house-style';
for (const skill of skills) {
  if (skill.id === 'own-question') continue;
  const d = drawItems(skill, { controls: skill.ladder[2]!.controls, count: 2, seed: 7 });
  if (!d.ok) continue;
  for (const g of d.given) {
    const w = new WorkedItem(skill, g, Object.keys(skill.schools)[0]!);
    console.log(
      skill.id,
      '|',
      itemOf(w, defaultHouseStyle, { turn: 0 }).prompt,
      '|',
      itemOf(w, { ...defaultHouseStyle, remainder: 'decimal' }, { turn: 1 }).prompt
    );
  }
}
