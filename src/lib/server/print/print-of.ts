import type { Db } from '../database/connection';
import { readHouseStyle } from '../database/house-style';
import { readPaper } from '../database/papers';
import { satParts } from '../database/snapshots';
import { partsNow, printDocument, type PrintDocument, type PrintKind } from './document';

/** A print of a paper: as it was sat, or as it is now; undefined if there is no such paper. */
export function printOf(db: Db, paperId: number, kind: PrintKind): PrintDocument | undefined {
  const paper = readPaper(db, paperId);
  if (!paper) return undefined;
  const style = paper.style ?? readHouseStyle(db);
  const parts = paper.isSat ? satParts(db, paperId) : partsNow(paper, style);
  return printDocument(paper, parts, kind, style);
}
