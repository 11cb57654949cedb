/** Whether some texts together have every word that is looked for, whatever its capitals. */
export function hasWords(query: string, texts: readonly string[]): boolean {
  const all = texts.join(' ').toLowerCase();
  return query
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word));
}

interface Titled {
  readonly title: string;
  readonly options: readonly { readonly word: string }[];
}

/** The groups of choices in which something is found, with what is found: by group, question or answers. */
export function findChoices<Choice extends Titled>(
  groups: readonly { readonly title: string; readonly choices: readonly Choice[] }[],
  query: string
): { title: string; choices: readonly Choice[] }[] {
  return groups
    .map(({ title, choices }) => ({
      title,
      choices: choices.filter((one) =>
        hasWords(query, [title, one.title, ...one.options.map(({ word }) => word)])
      )
    }))
    .filter(({ choices }) => choices.length > 0);
}
