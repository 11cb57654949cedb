import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** The text of a PDF, whole and by page, and whether it is tagged for those who hear it. */
export async function readPdf(
  bytes: Uint8Array
): Promise<{ text: string; texts: string[]; pages: number; isTagged: boolean }> {
  const file = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const texts: string[] = [];
  for (let number = 1; number <= file.numPages; number++) {
    const { items } = await (await file.getPage(number)).getTextContent();
    const text = items.map((item) => ('str' in item ? item.str : '')).join(' ');
    // Spaces that hold an expression together are spaces like others to who reads it.
    texts.push(text.replaceAll('\u00a0', ' '));
  }
  const markInfo = await file.getMarkInfo();
  return {
    text: texts.join('\n'),
    texts,
    pages: file.numPages,
    isTagged: markInfo?.Marked === true
  };
}

/** The texts of the first page of a PDF, each with the middle of its line from the left and from the foot, in points. */
export async function placedText(
  bytes: Uint8Array
): Promise<{ text: string; x: number; y: number }[]> {
  const file = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const { items } = await (await file.getPage(1)).getTextContent();
  return items.flatMap((item) =>
    'str' in item
      ? [{ text: item.str, x: item.transform[4] + item.width / 2, y: item.transform[5] }]
      : []
  );
}

/** The texts of each page of a PDF, in the order of reading, each with where it ends from the left, in millimetres. */
export async function placedPages(bytes: Uint8Array): Promise<{ text: string; right: number }[][]> {
  const file = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const pages: { text: string; right: number }[][] = [];
  for (let number = 1; number <= file.numPages; number++) {
    const { items } = await (await file.getPage(number)).getTextContent();
    pages.push(
      items.flatMap((item) =>
        'str' in item
          ? [{ text: item.str, right: ((item.transform[4] as number) + item.width) * (25.4 / 72) }]
          : []
      )
    );
  }
  return pages;
}
