/** A text field of a form, tidied; empty if it is missing. */
export function textOf(form: FormData, name: string): string {
  const value = form.get(name);
  return typeof value === 'string' ? value.trim().replace(/[^\S\n]+/g, ' ') : '';
}

/** A positive whole number of a form or an address, or undefined. */
export function idOf(text: FormDataEntryValue | null | undefined): number | undefined {
  return typeof text === 'string' && /^[1-9]\d{0,14}$/.test(text) ? Number(text) : undefined;
}
