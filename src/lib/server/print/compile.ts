import { NodeCompiler } from '@myriaddreamin/typst-ts-node-compiler';
import { join } from 'node:path';
import type { PrintDocument } from './document';
import type { FeedbackDocument } from './feedback';
import feedbackTemplate from './feedback.typ?raw';
import paperTemplate from './paper.typ?raw';

let compiler: NodeCompiler | undefined;

/** The document as PDF: tagged, fonts embedded, PDF/UA-1. */
export function renderPdf(document: PrintDocument): Buffer {
  return pdfOf(document, paperTemplate);
}

/** The slips that go back to a class, as PDF like any print. */
export function renderFeedback(document: FeedbackDocument): Buffer {
  return pdfOf(document, feedbackTemplate);
}

/** The same document as one SVG with its pages under each other. */
export function renderSvg(document: PrintDocument): string {
  return withDocument(document, (typst) => typst.plainSvg({ mainFileContent: paperTemplate }));
}

/** Where a section of a print begins, as a share of the height of all its pages. */
export interface SectionPlace {
  readonly id: string;
  readonly at: number;
}

export function sectionPlaces(document: PrintDocument): SectionPlace[] {
  const found = withDocument(document, (typst) =>
    typst.query({ mainFileContent: paperTemplate }, { selector: '<place>', field: 'value' })
  ) as { id: string; page: number; pages: number; y: number }[];
  return found.map(({ id, page, pages, y }) => ({ id, at: (page - 1 + y) / pages }));
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
  // Typst resolves the path beside the main file, which stands at the root of the workspace.
  const path = join(process.cwd(), 'data.json');
  compiler.mapShadow(path, Buffer.from(JSON.stringify(document)));
  try {
    return render(compiler);
  } finally {
    compiler.unmapShadow(path);
    compiler.evictCache(10);
  }
}
