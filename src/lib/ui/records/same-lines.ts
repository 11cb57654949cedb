/** Lines in a row of which each says the same, as one with how many there are. */
export function sameLines<T extends { readonly action: string; readonly about: string }>(
  lines: readonly T[]
): (T & { readonly times: number })[] {
  const all: (T & { times: number })[] = [];
  for (const line of lines) {
    const last = all.at(-1);
    if (last?.action === line.action && last.about === line.about) last.times++;
    else all.push({ ...line, times: 1 });
  }
  return all;
}
