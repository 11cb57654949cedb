/** A text field of a form, tidied and without control characters; empty if it is missing. */
export function textOf(form: FormData, name: string): string {
  const value = form.get(name);
  return typeof value === 'string'
    ? value
        .replace(/[^\S\n]+/g, ' ')
        .replace(/(?!\n)\p{Cc}/gu, '')
        .trim()
    : '';
}

/** A day that there is, written as 2026-11-27, or undefined: no 30th of February. */
export function dayOf(text: string): string | undefined {
  const time = /^\d{4}-\d\d-\d\d$/.test(text) ? Date.parse(text) : NaN;
  return !Number.isNaN(time) && new Date(time).toISOString().startsWith(text) ? text : undefined;
}

/** A positive whole number of a form or an address, or undefined. */
export function idOf(text: FormDataEntryValue | null | undefined): number | undefined {
  return typeof text === 'string' && /^[1-9]\d{0,14}$/.test(text) ? Number(text) : undefined;
}
