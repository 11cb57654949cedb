/** Steps of problems as scripts name them in short. */
const steps: Readonly<Record<string, string>> = { o: 'operation', c: 'convert', r: 'result' };

/** A table of scripts with its problems in full: each is named there by its letters. */
export const inFull = (problems: Readonly<Record<string, string>>, table: string): string =>
  table
    .trim()
    .split('\n')
    .map((line) =>
      line
        .replace(/^([A-Z]+) \|/, (_, letters: string) => `${problems[letters]!} |`)
        .replaceAll(/\b([ocr])(\d)=/g, (_, kind: string, at: string) => `${steps[kind]!}.${at}=`)
    )
    .join('\n');
