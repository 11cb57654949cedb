/**
 * Weighs the ways of working of every sum, difference and product of two numbers of two and three digits, and writes
 * which is best and by how much, and which error patterns of a way often show: what *Choosing a way* is drawn from. It
 * takes a few minutes; a test says when it has to be made anew.
 */
import { writeFileSync } from 'node:fs';
import { deflateRawSync } from 'node:zlib';
import '../../core/skills/all';
import { cards, choiceAmong, skillOf, takenBy, WorkedItem, type Skill } from '../../core/skills';
import {
  byteOf,
  OPERATIONS,
  readByte,
  SIZE,
  sumAt
} from '../../core/skills/mental/choose-way/table';

const file = new URL('../../core/skills/mental/choose-way/best-ways.json', import.meta.url);

/** Of so many items of a way, a pattern must show on this share to be told of there. */
const [LOOKED_AT, OFTEN] = [400, 0.1] as const;

const isAmong = (operation: string | undefined) => OPERATIONS.some((one) => one === operation);
const ways = cards.flatMap(({ id, operation }) => (isAmong(operation) ? [id] : []));
const skills = ways.map(skillOf);

function bestWays(): Uint8Array {
  const bytes = new Uint8Array(SIZE);
  for (let key = 0; key < SIZE; key++) {
    const sum = sumAt(key);
    if (sum) bytes[key] = byteOf(ways, choiceAmong(skills, sum));
    if (key % 10_000 === 0) process.stdout.write(`\r${Math.round((100 * key) / SIZE)} %`);
  }
  return bytes;
}

/** The patterns of a skill that often show where it is the best way, in any of its schools. */
function often(skill: Skill, keys: readonly number[]): string[] {
  const every = Math.max(1, Math.floor(keys.length / LOOKED_AT));
  const looked = keys.filter((_, at) => at % every === 0);
  const shown = looked.flatMap((key) => {
    const { given } = takenBy(skill, sumAt(key)!)!;
    const items = Object.keys(skill.schools).map((one) => new WorkedItem(skill, given, one));
    return [...new Set(items.flatMap((item) => item.showing().map(({ pattern }) => pattern.id)))];
  });
  const isOften = (id: string) => shown.filter((one) => one === id).length >= OFTEN * looked.length;
  return skill.patterns.map(({ id }) => id).filter((id) => looked.length > 0 && isOften(id));
}

const bytes = bestWays();
const shows: Record<string, string[]> = {};
for (const [place, skill] of skills.entries()) {
  const keys = [...bytes.keys()].filter(
    (key) => bytes[key] && readByte(bytes[key]!).place === place
  );
  if (keys.length > 0) shows[skill.id] = often(skill, keys);
}
const packed = deflateRawSync(bytes, { level: 9 }).toString('base64');
writeFileSync(file, `${JSON.stringify({ ways, shows, packed })}\n`);
console.log(`\n${packed.length} characters`);
