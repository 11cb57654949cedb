/** A word that nobody else sends: what is sent twice with it is done once. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint32Array(4));
  return [...bytes].map((part) => part.toString(36)).join('-');
}

/** Without what tells it from another of the same name. */
export const ownName = (name: string) => name.replace(/ \(\d+\)$/, '');

/** As it is typed: with a comma where the surname is known, and without what tells it from another. */
export const typedName = (name: string, surname: string | null) => {
  const own = ownName(name);
  return surname && own.endsWith(` ${surname}`)
    ? `${surname}, ${own.slice(0, -surname.length - 1)}`
    : own;
};
