import { SaxesParser, type SaxesTagPlain } from 'saxes';

/** How deep an SVG may be nested, of how many elements it may consist, and how many may be drawn by reference. */
const DEEPEST = 64;
const MOST_ELEMENTS = 20_000;
const MOST_REFERRED = 20_000;

/** Its longer side, and how many times as long as the other. */
const LARGEST_SIDE = 20_000;
const LONGEST_SHAPE = 50;

/** What runs, moves, fetches or filters: nothing of that belongs into a printed picture. */
const REFUSED =
  /^(script|foreignobject|iframe|image|feimage|a|animate\w*|set|filter|fe[a-z]+|audio|video|handler|listener)$/;

/** Why an SVG cannot be printed. */
class Unprintable extends Error {}

/**
 * Reads an SVG whole, without resolving anything in it: why it cannot be printed, or undefined if it can be drawn.
 * Entities are not read at all, so that none can grow.
 */
export function svgProblem(bytes: Uint8Array): string | undefined {
  try {
    readSvg(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
    return undefined;
  } catch (error) {
    if (error instanceof Unprintable) return error.message;
    return 'It cannot be read as SVG.';
  }
}

/** What is known of an element while what stands in it is read. */
interface Open {
  readonly id: string | undefined;
  /** Elements in it, itself among them, and whether one of them refers to others. */
  elements: number;
  refers: boolean;
}

function readSvg(text: string): void {
  const parser = new SaxesParser();
  const open: Open[] = [];
  const byId = new Map<string, Open>();
  const referred: string[] = [];
  let elements = 0;
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('doctype', (doctype) => {
    if (doctype.includes('[')) throw new Unprintable('It defines entities.');
  });
  parser.on('processinginstruction', ({ target }) => {
    if (target !== 'xml') throw new Unprintable('It refers to a style sheet.');
  });
  parser.on('opentag', (tag) => {
    const name = localName(tag.name);
    if (elements === 0) checkRoot(name, tag);
    if (++elements > MOST_ELEMENTS) throw new Unprintable('It consists of too many parts.');
    if (open.length >= DEEPEST) throw new Unprintable('Its groups are nested too deep.');
    if (REFUSED.test(name)) throw new Unprintable(`It has a part that cannot be printed: ${name}.`);
    const target = checkAttributes(tag);
    const refers = name === 'use';
    if (refers && target !== undefined) referred.push(target);
    const own: Open = { id: tag.attributes['id'], elements: 1, refers };
    open.push(own);
    if (own.id !== undefined) byId.set(own.id, own);
  });
  parser.on('closetag', () => {
    const own = open.pop()!;
    const around = open.at(-1);
    if (!around) return;
    around.elements += own.elements;
    around.refers ||= own.refers;
  });
  parser.on('text', (styles) => checkStyles(styles));
  parser.on('cdata', (styles) => checkStyles(styles));
  parser.write(text).close();
  if (elements === 0) throw new Unprintable('It is empty.');
  checkReferred(referred, byId);
}

const localName = (name: string) => name.slice(name.indexOf(':') + 1).toLowerCase();

function checkRoot(name: string, { attributes }: SaxesTagPlain): void {
  if (name !== 'svg') throw new Unprintable('It is no SVG.');
  const [, , width, height] = (attributes['viewBox'] ?? '').trim().split(/[\s,]+/);
  const sides = [
    [attributes['width'] ?? width, attributes['height'] ?? height],
    ...(width === undefined ? [] : [[width, height]])
  ];
  for (const both of sides) {
    if (both.some((side) => side?.trim().endsWith('%'))) continue;
    const [one, other] = both.map((side) => Number.parseFloat(side ?? ''));
    const [short, long] = [Math.min(one!, other!), Math.max(one!, other!)];
    if (!(short > 0 && long <= LARGEST_SIDE && long <= LONGEST_SHAPE * short)) {
      throw new Unprintable('It has no size that could be printed.');
    }
  }
}

/** Refuses what runs or fetches; gives what the element refers to within the picture. */
function checkAttributes({ attributes }: SaxesTagPlain): string | undefined {
  let target: string | undefined;
  for (const [full, value] of Object.entries(attributes)) {
    const name = localName(full);
    if (name.startsWith('on')) throw new Unprintable('It has a script.');
    if (name === 'href' || name === 'src') {
      if (!value.trim().startsWith('#')) throw new Unprintable('It refers to another file.');
      target = value.trim().slice(1);
    }
    checkStyles(value);
    if (name === 'filter') throw new Unprintable('It has a filter.');
  }
  return target;
}

/** Styles may refer to what stands in the picture, and to nothing else. */
function checkStyles(text: string): void {
  if (/@import|url\(\s*(?!['"]?\s*#)/i.test(text)) {
    throw new Unprintable('It refers to another file.');
  }
  if (/\bfilter\s*:/i.test(text)) throw new Unprintable('It has a filter.');
}

/** What is drawn again by reference may not refer to others in turn: each would be drawn over and over. */
function checkReferred(referred: readonly string[], byId: ReadonlyMap<string, Open>): void {
  let drawn = 0;
  for (const id of referred) {
    const own = byId.get(id);
    if (own?.refers) throw new Unprintable('A part that is drawn again refers to others.');
    drawn += own?.elements ?? 0;
    if (drawn > MOST_REFERRED) throw new Unprintable('It consists of too many parts.');
  }
}
