import { expand, parseProduct, type Reading } from '../../numbers';
import { writtenRatio } from '../../numbers/ratio';

/** What the answer of an own question is compared as. */
export const answerKinds = ['number', 'fraction', 'expression', 'text', 'none'] as const;
export type AnswerKind = (typeof answerKinds)[number];

/** An answer as it is written; it is compared by what it is worth. */
export interface OwnAnswer {
  readonly text: string;
}

/** What a text is worth as an answer, as one text that is the same for equals; undefined if it cannot be read. */
export function worthOf(kind: AnswerKind, written: string): string | undefined {
  const text = written.trim();
  switch (kind) {
    case 'number':
    case 'fraction':
      return rational(text);
    case 'expression':
      return polynomialOf(text);
    case 'text':
    case 'none':
      return text.toLowerCase().replace(/\s+/g, ' ').replace(/\.$/, '');
  }
}

/** How the answers of one kind are read; a unit may stand behind a number. */
export function ownReading(kind: AnswerKind, unit: string): Reading<OwnAnswer> {
  const bare = (text: string) => withoutUnit(text, unit);
  const worth = ({ text }: OwnAnswer) => worthOf(kind, bare(text));
  return {
    kind: kind === 'expression' ? 'algebra' : kind === 'fraction' ? 'mixed' : 'text',
    parse: (written) =>
      written.trim() !== '' && worthOf(kind, bare(written)) !== undefined
        ? { text: written.trim() }
        : undefined,
    equal: (one, other) => worth(one) === worth(other),
    print: ({ text }) => text,
    near: () => []
  };
}

/** What is written before a unit. */
export function withoutUnit(text: string, unit: string): string {
  const trimmed = text.trim();
  const end = unit.trim();
  return end !== '' && trimmed.toLowerCase().endsWith(end.toLowerCase())
    ? trimmed.slice(0, trimmed.length - end.length)
    : trimmed;
}

/** A number in lowest terms: `-3/4`. */
function rational(text: string): string | undefined {
  const value = writtenRatio(text);
  return value && `${value.top}/${value.bottom}`;
}

function polynomialOf(text: string): string | undefined {
  const product = parseProduct(text);
  return product && expand(product).join();
}
