import type { Db } from '../database/connection';
import { readHouseStyle } from '../database/house-style';
import { readPaper } from '../database/papers';
import { renderSvg, sectionPlaces, type SectionPlace } from './compile';
import type { PrintKind } from './document';
import { printOf } from './print-of';
import { svgPages } from './svg-pages';

/** A print as the screen shows it, page by page. */
export interface Preview {
  readonly pages: readonly string[];
  readonly sections: readonly SectionPlace[];
}

/** The previews that were asked for last: their pages come one by one. */
const recent = new Map<string, Preview>();
const MOST = 4;

/** The pages of a print of a paper; undefined if there is no such paper. */
export function previewOf(db: Db, paperId: number, kind: PrintKind): Preview | undefined {
  const paper = readPaper(db, paperId);
  if (!paper) return undefined;
  const style = paper.style ?? readHouseStyle(db);
  const key = JSON.stringify([db.$client.name, paperId, kind, paper, style]);
  const known = recent.get(key);
  if (known) return known;
  const document = printOf(db, paperId, kind)!;
  const preview = { pages: svgPages(renderSvg(document)), sections: sectionPlaces(document) };
  recent.set(key, preview);
  if (recent.size > MOST) recent.delete(recent.keys().next().value!);
  return preview;
}
