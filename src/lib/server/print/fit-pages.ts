import type { PrintDocument } from './document';

/** An item, or a section of a key, and the page it stands on; of a key also how many pages there are. */
export interface ItemPlace {
  readonly number?: number;
  readonly page: number;
  readonly pages?: number;
}

/** Items that are too few for the last page. */
const FEW = 2;

/**
 * A practice laid out so that its last page does not hold one or two items alone: with less room between them, or with
 * a section more on it. A key takes a page less where less room is enough. `placesOf` lays a document out.
 */
export function fitPages(
  document: PrintDocument,
  placesOf: (document: PrintDocument) => readonly ItemPlace[]
): PrintDocument {
  const before = placesOf(document);
  const pages = pagesIn(before);
  const isFine = document.kind !== 'key' && itemsOn(before, pages) > FEW;
  if (pages <= 1 || isFine) return document;
  const tight = { ...document, isTight: true };
  if (pagesIn(placesOf(tight)) < pages) return tight;
  const breakBefore = document.kind === 'key' ? '' : sectionToMove(document, before);
  if (breakBefore === '') return document;
  const moved = { ...document, breakBefore };
  return pagesIn(placesOf(moved)) === pages ? moved : document;
}

const pagesIn = (places: readonly ItemPlace[]) =>
  Math.max(1, ...places.map(({ page, pages = 1 }) => Math.max(page, pages)));

const itemsOn = (places: readonly ItemPlace[], page: number) =>
  places.filter((one) => one.page === page).length;

/**
 * The last section that begins on the page before the last, if with it more than a few items are on the last page, and a few
 * are left on the page before; else none.
 */
function sectionToMove(document: PrintDocument, places: readonly ItemPlace[]): string {
  const last = pagesIn(places);
  const pageOf = new Map(places.map(({ number, page }) => [number, page]));
  const begins = document.sections.findLast(
    ({ items: [first] }) => first !== undefined && pageOf.get(first.number) === last - 1
  );
  if (!begins) return '';
  const from = begins.items[0]!.number;
  const moved = places.filter(({ number = 0, page }) => number >= from && page >= last - 1).length;
  const left = itemsOn(places, last - 1) - (moved - itemsOn(places, last));
  return moved > FEW && left >= FEW ? begins.id : '';
}
