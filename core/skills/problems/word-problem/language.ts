import type { Operation } from '../../../skill/card';

export const languages = ['consistent', 'inconsistent', 'neutral'] as const;
export type Language = (typeof languages)[number];

/**
 * Words that tell pupils who go by them what to do. Research on them calls a problem inconsistent where they name another
 * operation than the one that is needed (Lewis and Mayer 1987, from memory).
 */
const telling: readonly (readonly [words: RegExp, operation: Operation])[] = [
  [
    /\b(more|longer|heavier|dearer|taller|higher|further|older|later|wider|deeper|warmer)( \S+){0,3} than\b|\bhow (many|much) more\b|\b(how much|how many \S+) (longer|heavier|dearer|taller|higher|further|wider|deeper)\b|\b(altogether|in all|got|gets|joined|joins|join)\b/i,
    'addition'
  ],
  [
    /\b(fewer|less|shorter|lighter|cheaper|lower|younger|narrower|shallower|nearer)( \S+){0,3} than\b|\bhow (many|much) (fewer|less)\b|\b(how much|how many \S+) (shorter|lighter|cheaper|lower|nearer)\b|\b(gave|gives|give|used|uses|use|left|lost|loses|lose)\b/i,
    'subtraction'
  ],
  [/\btimes as\b|\btwice as\b|\beach\b/i, 'multiplication'],
  [/\b(shared|shares|share|split|splits|a part of)\b/i, 'division']
];

/** The operations that the words of a text name, without repetition. */
export function namedIn(text: string): Operation[] {
  return telling.flatMap(([words, operation]) => (words.test(text) ? [operation] : []));
}

/** How the words of a relation stand to the operation that is needed. */
export function languageOf(text: string, needed: Operation): Language {
  const named = namedIn(text);
  if (named.length === 0) return 'neutral';
  return named.includes(needed) ? 'consistent' : 'inconsistent';
}

/** The operation that the words of a relation name instead of the needed one: that of the first that names another. */
export function misleading(text: string, needed: Operation): Operation | undefined {
  return languageOf(text, needed) === 'inconsistent' ? namedIn(text)[0] : undefined;
}
