import assert from 'node:assert/strict';
import { test } from 'node:test';
import { defaultHouseStyle } from '@zealous-quill/core/house-style';
import { outline, rungWords, startLadder } from '@zealous-quill/core/papers';
import { skills } from '@zealous-quill/core/catalogue/all';
import { partsNow, printDocument, printKinds, type PrintKind } from './document';

const style = { ...defaultHouseStyle, paper: 'us-letter' as const, squares: 10 as const };

const papers = skills.map((skill) => ({
  ...startLadder(skill.id, `Practice in ${skill.title}`, { seed: 11 }),
  edition: 2
}));

const printed = (paper: (typeof papers)[number], kind: PrintKind) =>
  printDocument(paper, partsNow(paper, style), kind, style);

const writtenMarks = (picture: { marks: readonly { role: string; text: string }[] } | null) =>
  (picture?.marks ?? []).filter(
    ({ role, text }) => (role === 'digit' || role === 'carry') && text !== ''
  );

test('every print numbers all its items in order and says which paper it is', () => {
  for (const paper of papers) {
    for (const kind of printKinds) {
      const print = printed(paper, kind);
      const numbers = print.sections.flatMap(({ items }) => items.map(({ number }) => number));
      const expected = outline(paper, defaultHouseStyle).items.filter(
        ({ rung }) => kind !== 'key' || rung.kind !== 'worked-example'
      );
      assert.deepEqual(
        numbers,
        expected.map(({ number }) => number)
      );
      assert.deepEqual([print.paper, print.square], ['us-letter', 10]);
      assert.match(print.footer, new RegExp(`Edition 2 · seed ${paper.seed} · Zealous Quill \\d`));
    }
  }
});

test('the paper gives nothing away but in its examples; the solutions show everything', () => {
  for (const paper of papers) {
    for (const section of printed(paper, 'paper').sections) {
      const isExample = section.title === rungWords['worked-example'].title;
      const isGaps = section.title === rungWords.gaps.title;
      for (const { picture, explanation } of section.items) {
        assert.equal(writtenMarks(picture).length > 0, isExample || isGaps, section.title);
        assert.equal(explanation.length > 0, isExample);
      }
    }
    for (const { items } of printed(paper, 'solutions').sections) {
      assert.ok(
        items.every(
          ({ picture, explanation }) => writtenMarks(picture).length > 0 && explanation.length > 0
        )
      );
    }
  }
});

test('the key has the answer, the marks and the answers that name an error', () => {
  for (const paper of papers) {
    const answers = new Map(
      outline(paper, defaultHouseStyle).items.map(({ number, facts }) => [number, facts])
    );
    for (const { items, title } of printed(paper, 'key').sections) {
      for (const { number, answer, scheme, wrongAnswers, picture } of items) {
        const item = answers.get(number)!;
        assert.equal(answer.replace(/\D/g, ''), item.answer.replace(/\D/g, ''));
        const isShown = rungWords.gaps.title === title;
        assert.equal(scheme.length > 0, !isShown);
        assert.equal(wrongAnswers.length, item.patterns.length);
        assert.equal(picture, null);
      }
    }
  }
});

test('a minus is a minus sign in all that is printed, in the words of every school', () => {
  const texts = (value: unknown): string[] =>
    typeof value === 'string'
      ? [value]
      : value && typeof value === 'object'
        ? Object.values(value).flatMap(texts)
        : [];
  for (const skill of skills) {
    for (const school of Object.keys(skill.schools)) {
      const ladder = startLadder(skill.id, skill.title, { seed: 12 });
      const paper = {
        ...ladder,
        edition: 1,
        rungs: ladder.rungs.map((rung) => ({ ...rung, school }))
      };
      for (const kind of printKinds) {
        const { sections } = printed(paper, kind);
        const wrong = sections
          .map(({ items }) => texts(items))
          .flat()
          .filter((text) => /(?:^|[^\p{L}])-|-(?=\d)/u.test(text));
        assert.deepEqual(wrong, [], `${skill.id}, ${school}, ${kind}`);
      }
    }
  }
});

test('what is worked in the head has a line for its answer and no squares', () => {
  const ladder = startLadder('near-multiple-subtraction', 'Practice', { seed: 3 });
  for (const { title, note, items } of printed({ ...ladder, edition: 1 }, 'paper').sections) {
    const isBare = ['bare', 'harder', 'challenge'].some(
      (kind) => title === rungWords[kind as 'bare'].title
    );
    assert.ok(items.every(({ hasAnswerLine }) => hasAnswerLine === isBare));
    assert.ok(items.every(({ picture }) => (picture === null) === isBare));
    if (title === rungWords.bare.title) assert.match(note, /write only the answer/);
  }
});
