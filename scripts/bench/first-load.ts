import { gzipSync } from 'node:zlib';

export interface Loaded {
  readonly text: string;
  /** Bytes once compressed. */
  readonly compressed: number;
}

/** The scripts, or the styles, that a page names for loading at once. */
export async function loadedAtOnce(
  base: string,
  page: string,
  kind: 'js' | 'css' = 'js'
): Promise<Loaded[]> {
  // As a browser does: where an address is a page and an interface, the page is wanted.
  const response = await fetch(base + page, { headers: { accept: 'text/html' } });
  // Modules are named in the page and, for loading at once, in the Link header.
  const named = (response.headers.get('link') ?? '') + (await response.text());
  const paths = new Set(
    [...named.matchAll(/["'(<]([^"'()<>]*\/_app\/immutable\/[^"'()]+\.(?:js|css))["')>]/g)]
      .map((match) => match[1]!)
      .filter((path) => path.endsWith(kind))
  );
  return Promise.all(
    [...paths].map(async (path) => {
      const text = await (await fetch(new URL(path, base + page))).text();
      return { text, compressed: gzipSync(text).byteLength };
    })
  );
}

/** Bytes of all of them together, once compressed. */
export const weightOf = (loaded: readonly Loaded[]): number =>
  loaded.reduce((sum, { compressed }) => sum + compressed, 0);

/** What each page loads at once, in words. */
export async function firstLoad(
  base: string,
  pages: readonly string[]
): Promise<Map<string, string>> {
  const sizes = new Map<string, string>();
  for (const page of pages) {
    const bytes = weightOf(await loadedAtOnce(base, page));
    sizes.set(page, `${(bytes / 1000).toFixed(1)} kB`);
  }
  return sizes;
}
