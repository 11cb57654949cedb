import { fileTypeFromBuffer } from 'file-type';
import { pageTypes, type PageType } from '../database/sittings/script-pages';

/** The type a page of a script really has, by its content, whatever its name says; undefined for any other file. */
export async function pageTypeOf(bytes: Uint8Array): Promise<PageType | undefined> {
  const found = await fileTypeFromBuffer(bytes);
  // A picture that moves is printed as its first one.
  const type = found?.mime === 'image/apng' ? 'image/png' : found?.mime;
  return pageTypes.find((one) => one === type);
}

/** What a picture is by its content; undefined for anything else than PNG and SVG. */
export async function pictureType(bytes: Uint8Array): Promise<'png' | 'svg' | undefined> {
  if ((await pageTypeOf(bytes)) === 'image/png') return 'png';
  const text = new TextDecoder().decode(bytes);
  const isSvg = /^\uFEFF?\s*(?:<\?xml[^>]*>\s*)?(?:<!--[\s\S]*?-->\s*)*<svg[\s>]/.test(text);
  return isSvg && text.includes('</svg>') ? 'svg' : undefined;
}
