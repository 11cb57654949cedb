import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { emptyCover, type Exam, type PaperPart } from '@zealous-quill/core/exams';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { drawItems, findSkill, schoolIn, type Controls } from '@zealous-quill/core/skill';
import '@zealous-quill/core/catalogue/all';
import { placedPages } from '../../../../scripts/test/pdf-text';
import { measuredParts, renderPdf } from './compile';
import type { Measured } from './measured';
import { examDocument } from './exam-document';
import type { PrintSize } from './exam-print';

/*
 * Rules that the compiled pages of usual exams keep: room for marks, marks at answers, no overlong white, the order of
 * reading. Millimetres a mark are common practice.
 */
const ROOM_A_MARK = 8;
const MOST_WHITE = 0.25;

type Asked = readonly [skill: string, kind: PaperPart['kind'], count: number];

/** Three usual exams: arithmetic, decimals and fractions, and one that is mixed. */
const exams: Readonly<Record<string, readonly Asked[]>> = {
  arithmetic: [
    ['column-addition', 'bare', 4],
    ['column-addition', 'set-out', 3],
    ['column-subtraction', 'set-out', 3],
    ['short-division', 'bare', 3],
    ['long-multiplication', 'set-out', 2],
    ['long-division', 'show-working', 2]
  ],
  parts: [
    ['order-decimals', 'choice', 3],
    ['decimal-addition', 'set-out', 2],
    ['decimal-multiplication', 'set-out', 2],
    ['decimal-division', 'show-working', 2],
    ['mixed-addition', 'show-working', 2],
    ['mixed-subtraction', 'show-working', 2]
  ],
  mixed: [
    ['near-doubles', 'bare', 3],
    ['complement', 'choice', 2],
    ['short-multiplication', 'show-working', 2],
    ['decimal-subtraction', 'bare', 3],
    ['mixed-subtraction', 'set-out', 1],
    ['factorise-quadratic', 'show-working', 3]
  ]
};

function examOf(asked: readonly Asked[]): Exam {
  const parts = asked.flatMap(([id, kind, count], row): PaperPart[] => {
    const skill = findSkill(id)!;
    const controls: Controls = skill.ladder.at(2)!.controls;
    const drawn = drawItems(skill, { controls, count, seed: 11 + row });
    assert.ok(drawn.ok, id);
    const school = schoolIn(skill, defaultHouseStyle);
    return drawn.given.map((given, at) => ({
      ...{ id: `p${row}-${at}`, row: '', locked: false, edited: false, guidance: '' },
      ...{ kind, skill: id, school, given }
    }));
  });
  return {
    ...{ title: 'Spring assessment', seed: 4, cover: emptyCover },
    sections: [
      {
        ...{ id: 'A', title: 'Section A', instruction: '', calculator: false },
        questions: parts.map((part) => ({
          ...{ id: part.id, stem: '', startsPage: false, parts: [part] }
        }))
      }
    ]
  };
}

const documentOf = (asked: readonly Asked[], size: PrintSize) => ({
  ...examDocument({
    ...{ exam: examOf(asked), kind: 'paper', edition: 1, isApproved: true, size },
    forms: [{ kind: 'letter', letter: 'A', given: {}, name: null, group: null, kept: null }],
    ...{ isOneOfMany: false, style: defaultHouseStyle, defaults: {} }
  }),
  pictures: {}
});

const find = (all: readonly Measured[], what: Measured['what'], label: string) =>
  all.find((one) => one.what === what && one.label === label)!;

/** Height of a page between its margins, and its upper margin, in millimetres. */
const [PAGE, TOP] = [263, 16] as const;

for (const [name, asked] of Object.entries(exams)) {
  for (const size of [0, 18] as const) {
    test(`the pages of an exam: ${name}, ${size === 0 ? 'usual size' : `${size} point`}`, async () => {
      const document = documentOf(asked, size);
      const all = measuredParts(document);
      const parts = document.papers[0]!.sections.flatMap(({ questions }) =>
        questions.flatMap((question) => question.parts)
      );
      // In the order of the questions, each whole on its page, with room for its marks.
      assert.deepEqual(
        all.filter(({ what }) => what === 'part').map(({ label }) => label),
        parts.map(({ label }) => label)
      );
      for (const { label, space, options, marks } of parts) {
        const [begin, room, end] = [
          find(all, 'part', label),
          find(all, 'room', label),
          find(all, 'end', label)
        ];
        assert.equal(begin.page, end.page, `${label} is split`);
        if (space.kind === 'line' || options.length > 0) continue;
        assert.ok(end.y - room.y >= ROOM_A_MARK * marks, `${label}: ${end.y - room.y} mm`);
      }
      // Of no page but the last is more than a quarter left white at the foot.
      const last = Math.max(...all.map(({ page }) => page));
      for (let page = 2; page < last; page++) {
        const foot = Math.max(...all.filter((one) => one.page === page).map(({ y }) => y));
        assert.ok(foot - TOP >= (1 - MOST_WHITE) * PAGE, `page ${page} ends at ${foot} mm`);
      }
      // No question stands alone on the last page where the one before could come along.
      const begun = (page: number) =>
        all.filter((one) => one.what === 'part' && one.page === page).map(({ y }) => Math.round(y));
      const rows = new Set(begun(last - 1)).size;
      assert.ok(begun(last).length > 1 || rows <= 2, `${rows} rows before a question alone`);
      // Marks stand in the margin, at the right end of their row or of their half of it.
      const pages = await placedPages(renderPdf(document));
      for (const { text, right } of pages.flat().filter(({ text }) => /^\[\d+\]$/.test(text))) {
        const isAtEdge = Math.abs(right - 193) < 3 || Math.abs(right - 100.5) < 3;
        assert.ok(isAtEdge, `${text} ends at ${right} mm`);
      }
    });
  }
}

test('what is read stands out by 4.5 to 1, lines of squares by 3 to 1 (WCAG 2.1, 1.4.3 and 1.4.11)', () => {
  const template = readFileSync('src/lib/server/print/common.typ', 'utf8');
  const colourOf = (of: string) =>
    new RegExp(`#let ${of} = .*?rgb\\("#([0-9a-f]{6})"\\)`).exec(template)![1]!;
  // Relative luminance as WCAG 2.1 defines it.
  const luminance = (hex: string) =>
    [0, 2, 4]
      .map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
      .map((one) => (one <= 0.04045 ? one / 12.92 : ((one + 0.055) / 1.055) ** 2.4))
      .reduce((sum, one, at) => sum + one * [0.2126, 0.7152, 0.0722][at]!, 0);
  const contrast = (hex: string) => 1.05 / (luminance(hex) + 0.05);
  assert.ok(contrast(colourOf('ink')) >= 4.5 && contrast(colourOf('faint')) >= 4.5, 'text');
  assert.ok(contrast(colourOf('grid-line')) >= 3, 'squares');
});
