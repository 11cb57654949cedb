import assert from 'node:assert/strict';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { gunzipSync } from 'node:zlib';
import { writeText, type HouseStyle } from '@zealous-quill/core/house-style';
import type { Paper, Rung } from '@zealous-quill/core/papers';
import { findCard } from '@zealous-quill/core/catalogue';
import { printDocument, printKinds, type PrintKind } from '../print/document';
import { openDatabase } from './base/connection';
import { readHouseStyle } from './papers/house-style';
import { readPaper } from './papers/papers';
import { readResponses } from './marking/responses';
import { saveResponse } from './marking/save-response';
import { readResults } from './marking/results';
import { listScripts } from './sittings/scripts';
import { satItems, satParts } from './sittings/snapshots';

interface Pattern {
  pattern: string;
  could: number;
  did: number;
}

// A database as the first release left it, eight papers sat and marked, with what that release read and
// printed of them under the same house style.
const kept = (name: string) =>
  gunzipSync(readFileSync(join(import.meta.dirname, 'fixtures', `first-release.${name}.gz`)));
const expected = JSON.parse(kept('json').toString()) as {
  style: Record<string, unknown>;
  unsat: number;
  papers: {
    id: number;
    sitting: number;
    results: {
      items: { prompt: string }[];
      pupils: { scriptId: number; evidence: object[] }[];
      patterns: Pattern[];
    };
    prints: Record<PrintKind, Print & { footer: string }>;
  }[];
};
const folder = mkdtempSync(join(tmpdir(), 'zealous-quill-'));
after(() => rmSync(folder, { recursive: true }));
writeFileSync(join(folder, 'old.db'), kept('db'));
const db = openDatabase(join(folder, 'old.db'));
const plain = (value: unknown) => JSON.parse(JSON.stringify(value)) as never;

/** A mark for a value beside the answer is called by that value since; it was called by what it takes. */
const asSaid = (text: string) => text.replace('B1 the content', 'B1 answer only');

/** Two brackets before a common factor is taken out hold it now; they were written without it. */
const bracketed = (text: string) => text.replace(/^\([^()]+\)\([^()]+\)$/, 'two brackets');

/**
 * A print as the eye has it: the marks of a picture in no order, to a millionth of a square, with the minus
 * sign and, within the squares, the house’s decimal mark that it has had since; so has what is said of them. Worked
 * solutions are in other words, as many sentences as before.
 */
const asSeen = (print: unknown, style: HouseStyle): unknown =>
  JSON.parse(JSON.stringify(print), (key, value: unknown) => {
    if (key === 'alt') return '';
    if (key === 'explanation' && Array.isArray(value)) return value.length;
    if (typeof value === 'string') return asSaid(value.replaceAll('-', '\u2212'));
    if (typeof value === 'number') return Math.round(value * 1e6) / 1e6;
    if (key !== 'marks' || !Array.isArray(value)) return value;
    return value
      .map((mark) => JSON.stringify({ ...mark, text: bracketed(writeText(mark.text, style)) }))
      .sort();
  });

/** What is found now, without the fields that have been added since. */
function asBefore(now: unknown, before: unknown): unknown {
  if (Array.isArray(now) && Array.isArray(before)) {
    return now.map((one, at) => asBefore(one, before[at]));
  }
  if (typeof now !== 'object' || typeof before !== 'object' || !now || !before) return now;
  return Object.fromEntries(
    Object.keys(before).map((key) => [key, asBefore(now[key as never], before[key as never])])
  );
}

interface Print {
  readonly sections: readonly {
    readonly title: string;
    readonly items: readonly { readonly number: number }[];
  }[];
}

/**
 * A print without what has changed since: keys hold the gaps, what is worked in the head has no squares, and only
 * where figures are lined up is one told to mind their length.
 */
function unchanged<P extends Print>(print: P, paper: Paper, kind: PrintKind): P {
  const rungs = paper.rungs.flatMap((rung) => rung.items.map(() => rung));
  const isInHead = ({ skill, kind }: Rung) =>
    findCard(skill)!.family === 'mental' && ['bare', 'harder', 'challenge'].includes(kind);
  const sections = print.sections
    .filter(({ items }) => kind !== 'key' || rungs[items[0]!.number - 1]!.kind !== 'gaps')
    .map((section) => {
      const inHead = section.items.some(({ number }) => isInHead(rungs[number - 1]!));
      const items = section.items.map((item) => (inHead ? { ...item, picture: null } : item));
      const { skill, kind } = rungs[items[0]!.number - 1]!;
      const minds = kind === 'harder' && ['fractions', 'algebra'].includes(findCard(skill)!.family);
      return { ...section, items, ...((inHead || minds) && { note: '' }) };
    });
  return { ...print, sections };
}

test('what the first release left prints the same, now from its snapshots', () => {
  for (const { id, prints } of expected.papers) {
    const paper = readPaper(db, id)!;
    assert.deepEqual(paper.damage, []);
    for (const kind of printKinds) {
      const style = paper.style!;
      const printed = printDocument(paper, satParts(db, id), kind, style);
      const before = asSeen(unchanged(prints[kind], paper, kind), style);
      const now = asSeen(unchanged(printed, paper, kind), style);
      assert.deepEqual(asBefore(now, before), before, `${paper.title}, ${kind}`);
    }
  }
});

test('its results are the same, with prompts as the house writes them', () => {
  for (const { id, sitting, results, prints } of expected.papers) {
    const found = readResults(db, sitting, id);
    const printed = satParts(db, id).map(({ item }) => item.prompt);
    const first = JSON.stringify(printed[0]);
    assert.ok(JSON.stringify(prints['paper']).includes(first), first);
    const unworded = (list: readonly { prompt: string }[]) =>
      list.map((item) => ({ ...item, prompt: '' }));
    // What is said of a pattern has grown; those that could not show are left out.
    const seen = (patterns: readonly Pattern[]) =>
      patterns
        .filter(({ could }) => could > 0)
        .map(({ pattern, could, did }) => [pattern, could, did]);
    // How sure it makes us, and who is named by that, is weighed otherwise now; what was seen is the same.
    // The pupils stand in the order of their surnames now, also where nobody said which those are.
    const weighed = <P extends { scriptId: number; evidence: readonly object[] }>(
      pupils: readonly P[]
    ) =>
      pupils
        .map((pupil) => ({
          ...pupil,
          evidence: pupil.evidence.map((one) => ({ ...one, probability: 0 }))
        }))
        .sort((one, other) => one.scriptId - other.scriptId);
    const before = {
      ...results,
      pupils: weighed(results.pupils),
      items: unworded(results.items),
      patterns: seen(results.patterns)
    };
    const now = {
      ...found,
      pupils: weighed(found.pupils),
      items: unworded(found.items),
      patterns: seen(found.patterns)
    };
    assert.deepEqual(asBefore(plain(now), before), before);
  }
});

test('its house style, decisions and entries are read, and marking goes on', () => {
  const { methods, verb } = readHouseStyle(db);
  assert.equal(verb, 'factor');
  assert.deepEqual(methods, {
    'column-subtraction': 'equal-additions',
    'mixed-subtraction': 'regroup',
    'factorise-quadratic': 'area-grid-content-last'
  });
  const { id, sitting } = expected.papers[0]!;
  const parts = satItems(db, id).map((item) => item.id);
  const scripts = listScripts(db, sitting).map((script) => script.id);
  const responses = Object.entries(readResponses(db, { scripts, parts }));
  const decided = responses.find(([, { given }]) => Object.keys(given).length > 0)!;
  assert.deepEqual(Object.values(decided[1].given), [
    { given: 1, reason: 'Right after crossing out.' }
  ]);
  const [script, part] = decided[0].split('/').map(Number) as [number, number];
  const saved = saveResponse(db, script, part, { ...decided[1], given: {} });
  assert.deepEqual(saved, { ok: true, version: 2 });
  assert.deepEqual(readResponses(db, { scripts: [script], parts: [part] })[decided[0]]!.given, {});
  assert.throws(() => db.$client.exec('update decisions set given = 0'), /only added to/);
  assert.throws(() => db.$client.exec('delete from decisions'), /only added to/);
  assert.equal(readPaper(db, expected.unsat)!.isSat, false);
});
