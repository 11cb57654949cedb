import Papa from 'papaparse';

/** A table as CSV; cells that a spreadsheet would run as a formula are made harmless. */
export function writeCsv(rows: readonly (readonly (string | number)[])[]): string {
  return Papa.unparse(rows as (string | number)[][], { escapeFormulae: true, newline: '\r\n' });
}
