/**
 * Weighs the ways of working of every sum, difference and product of two numbers of two and three digits, and writes
 * which is best and by how much, and which error patterns of a way often show: what *Choosing a way* is drawn from. It
 * takes a few minutes; a test says when it has to be made anew.
 */
import { writeFileSync } from 'node:fs';
import { deflateRawSync } from 'node:zlib';
import '../../core/catalogue/all';
import { analyseItem, skillOf, type Skill, type Calculation } from '../../core/skill';
import { cards } from '../../core/catalogue';
import { choiceAmong, takenBy } from '../../core/strategies';
import {
  byteOf,
  OPERATIONS,
  readByte,
  SIZE,
  sumAt
} from '../../core/skills/mental/choose-way/table';

const file = new URL('../../core/skills/mental/choose-way/best-ways.json', import.meta.url);

/** Of so many items of a way, a pattern must show on this share to be told of there. */
const [LOOKED_AT, OFTEN] = [400, 0.5] as const;

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

/** The wrong answers of a sum by a way, each with its pattern; none if the numbers do not suit it. */
function wrongAnswers(skill: Skill, sum: Calculation): { id: string; answer: string }[] {
  const taken = takenBy(skill, sum);
  if (!taken?.applies) return [];
  return Object.keys(skill.schools).flatMap((school) =>
    analyseItem(skill, taken.given, { school }).errorPatterns.map(({ id, answer }) => ({
      id,
      answer
    }))
  );
}

/**
 * The patterns of a skill that often show where it is the best way, in any of its schools, and there can be told from the
 * errors of other ways: digit totals side by side are one mistake, whatever the way is called.
 */
function often(skill: Skill, keys: readonly number[]): string[] {
  const every = Math.max(1, Math.floor(keys.length / LOOKED_AT));
  const looked = keys.filter((_, at) => at % every === 0).map((key) => sumAt(key)!);
  const shown = looked.map((sum) => wrongAnswers(skill, sum));
  const elsewhere = looked.map((sum) => {
    const others = skills.filter((other) => other !== skill && other.way);
    return new Set(others.flatMap((other) => wrongAnswers(other, sum).map(({ answer }) => answer)));
  });
  return skill.patterns
    .map(({ id }) => id)
    .filter((id) => {
      const own = shown.map((all) => all.filter((one) => one.id === id));
      const isOften = own.filter((all) => all.length > 0).length >= OFTEN * looked.length;
      const isTold = own.some((all, at) => all.some(({ answer }) => !elsewhere[at]!.has(answer)));
      return isOften && isTold;
    });
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
