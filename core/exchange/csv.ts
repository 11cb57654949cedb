import Papa from 'papaparse';

/** A table as CSV; cells that a spreadsheet would run as a formula are made harmless. */
export function writeCsv(rows: readonly (readonly (string | number)[])[]): string {
  return Papa.unparse(rows as (string | number)[][], { escapeFormulae: true, newline: '\r\n' });
}

/** A table as a CSV file: with the byte-order mark, by which spreadsheets know the encoding. */
export function csvFile(rows: readonly (readonly (string | number)[])[]): string {
  return `\ufeff${writeCsv(rows)}`;
}

/** A name that any file system takes, of parts that a person can read: `7 Amber, Lantern counts, 2026-11-19`. */
export function fileName(parts: readonly string[]): string {
  return parts
    .map((part) =>
      part
        .replace(/[^\p{L}\p{N} -]/gu, ' ')
        .replace(/ +/g, ' ')
        .trim()
    )
    .filter((part) => part !== '')
    .join(', ');
}
