import { NodeCompiler } from '@myriaddreamin/typst-ts-node-compiler';
import { join } from 'node:path';
import commonTemplate from './common.typ?raw';
import type { PrintDocument } from './document';
import type { ExamDocument } from './exam-print';
import examTemplate from './exam.typ?raw';
import { fitExam } from './fit-exam';
import { fitPages, type ItemPlace } from './fit-pages';
import type { FeedbackDocument } from './feedback';
import feedbackTemplate from './feedback.typ?raw';
import type { Measured } from './measured';
import paperTemplate from './paper.typ?raw';
import type { QuickDocument } from './quick';
import quickTemplate from './quick.typ?raw';
import { unbroken } from './unbroken';

let compiler: NodeCompiler | undefined;

/** What a paper prints from: a practice, or an exam with the pictures in it by name. */
export type PaperDocument =
  PrintDocument | (ExamDocument & { readonly pictures: Readonly<Record<string, Uint8Array>> });

/** The document as PDF: tagged, fonts embedded, PDF/UA-1. */
export function renderPdf(asked: PaperDocument): Buffer {
  const document = fitted(asked);
  return pdfOf(document, templateOf(document));
}

/** The slips that go back to a class, as PDF like any print. */
export function renderFeedback(document: FeedbackDocument): Buffer {
  return pdfOf(document, feedbackTemplate);
}

/** Quick practice as PDF. */
export function renderQuick(document: QuickDocument): Buffer {
  return pdfOf(document, quickTemplate);
}

/** Why a picture of a question cannot be printed, tried on a page of its own; null if it can. */
export function drawingProblem({
  name,
  bytes
}: {
  name: string;
  bytes: Uint8Array;
}): string | null {
  const page = `#set document(title: "A picture")\n#image("pictures/${name}", alt: "A picture", width: 60%)`;
  try {
    pdfOf({ pictures: { [name]: bytes } }, page);
    renderSvgOf({ pictures: { [name]: bytes } }, page);
    return null;
  } catch {
    return 'It cannot be drawn on a page.';
  }
}

/** The same document as one SVG with its pages under each other. */
export function renderSvg(document: PaperDocument): string {
  return renderSvgOf(placed(fitted(document)), templateOf(document));
}

/** A preview asks twice for the same document: its pages are fitted once. */
const fits = new WeakMap<PaperDocument, PaperDocument>();

/** A practice laid out so that no page is left for one or two items, an exam so that none is for one question. */
function fitted(document: PaperDocument): PaperDocument {
  const own =
    fits.get(document) ??
    ('papers' in document ? fitExam(document, measured) : fitPages(document, pagesOf));
  fits.set(document, own);
  return own;
}

/** The pages of a practice that its items stand on; of a key, those of its sections. */
function pagesOf(document: PrintDocument): ItemPlace[] {
  const selector = document.kind === 'key' ? '<place>' : '<item>';
  return withDocument(document, (typst) =>
    typst.query({ mainFileContent: paperTemplate }, { selector, field: 'value' })
  ) as ItemPlace[];
}

function renderSvgOf(document: object, mainFileContent: string): string {
  return withDocument(document, (typst) => typst.plainSvg({ mainFileContent }));
}

/** Where questions begin is worked out for the screen alone: in a print of many forms it would cost a third. */
const placed = (document: PaperDocument): PaperDocument =>
  'papers' in document ? { ...document, places: true } : document;

/** No expression of a print is broken at a sign. */
const heldTogether = (_: string, value: unknown): unknown =>
  typeof value === 'string' ? unbroken(value) : value;

const templateOf = (document: PaperDocument) =>
  'papers' in document ? examTemplate : paperTemplate;

/** Where a section of a print begins, as a share of the height of all its pages. */
export interface SectionPlace {
  readonly id: string;
  readonly at: number;
  /** The page it begins on, from 1. */
  readonly page: number;
}

export function sectionPlaces(asked: PaperDocument): SectionPlace[] {
  const mainFileContent = templateOf(asked);
  const document = placed(fitted(asked));
  const found = withDocument(document, (typst) =>
    typst.query({ mainFileContent }, { selector: '<place>', field: 'value' })
  ) as { id: string; page: number; pages: number; y: number }[];
  return found.map(({ id, page, pages, y }) => ({ id, page, at: (page - 1 + y) / pages }));
}

/** Measures a print of an exam as it is printed, in the order in which it is read. */
export const measuredParts = (document: PaperDocument): Measured[] => measured(fitted(document));

function measured(document: PaperDocument): Measured[] {
  const mainFileContent = templateOf(document);
  return withDocument(placed(document), (typst) =>
    typst.query({ mainFileContent }, { selector: '<measured>', field: 'value' })
  ) as Measured[];
}

function pdfOf(document: object, mainFileContent: string): Buffer {
  return withDocument(document, (typst) => typst.pdf({ mainFileContent }, { pdfStandard: 'ua-1' }));
}

function withDocument<T>(document: object, render: (typst: NodeCompiler) => T): T {
  compiler ??= NodeCompiler.create({
    workspace: process.cwd(),
    fontArgs: [
      {
        fontPaths: ['alegreya', 'alegreya-sans', 'andika', 'patrick-hand'].map((family) =>
          join(process.cwd(), 'node_modules/@expo-google-fonts', family)
        )
      }
    ]
  });
  // Typst resolves paths beside the main file, which stands at the root of the workspace.
  const { pictures = {}, ...data } = document as { pictures?: Record<string, Uint8Array> };
  const files = {
    'data.json': Buffer.from(JSON.stringify(data, heldTogether)),
    'common.typ': Buffer.from(commonTemplate),
    ...Object.fromEntries(
      Object.entries(pictures).map(([name, bytes]) => [`pictures/${name}`, Buffer.from(bytes)])
    )
  };
  const shadows = Object.entries(files).map(
    ([name, bytes]) => [join(process.cwd(), name), bytes] as const
  );
  for (const [path, bytes] of shadows) compiler.mapShadow(path, bytes);
  try {
    return render(compiler);
  } finally {
    for (const [path] of shadows) compiler.unmapShadow(path);
    compiler.evictCache(10);
  }
}
