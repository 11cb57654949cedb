import { gzipSync } from 'node:zlib';
import { renderSvg, sectionPlaces, type PaperDocument, type SectionPlace } from './compile';
import { svgPages } from './svg-pages';

/** A print as the screen shows it, page by page. */
export interface Preview {
  /** Each page as a gzipped SVG: glyphs and squares pack to a tenth, and browsers unpack them. */
  readonly pages: readonly Uint8Array[];
  /** Of a page, in points. */
  readonly size: { readonly width: number; readonly height: number };
  readonly sections: readonly SectionPlace[];
}

export function renderPreview(document: PaperDocument): Preview {
  const pages = svgPages(renderSvg(document));
  const [, width, height] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(pages[0] ?? '') ?? [];
  return {
    pages: pages.map((page) => gzipSync(page)),
    size: { width: Number(width), height: Number(height) },
    sections: sectionPlaces(document)
  };
}
