import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** The text of a PDF, and whether it is tagged for those who hear it. */
export async function readPdf(
  bytes: Uint8Array
): Promise<{ text: string; pages: number; isTagged: boolean }> {
  const file = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const texts: string[] = [];
  for (let number = 1; number <= file.numPages; number++) {
    const { items } = await (await file.getPage(number)).getTextContent();
    texts.push(items.map((item) => ('str' in item ? item.str : '')).join(' '));
  }
  const markInfo = await file.getMarkInfo();
  return { text: texts.join('\n'), pages: file.numPages, isTagged: markInfo?.Marked === true };
}
