import { pageTypeOf } from '../database/sittings/script-pages';

/** What a picture is by its content, whatever its name says; undefined for anything else than PNG and SVG. */
export function pictureType(bytes: Uint8Array): 'png' | 'svg' | undefined {
  if (pageTypeOf(bytes) === 'image/png') return 'png';
  const text = new TextDecoder().decode(bytes);
  const isSvg = /^\uFEFF?\s*(?:<\?xml[^>]*>\s*)?(?:<!--[\s\S]*?-->\s*)*<svg[\s>]/.test(text);
  return isSvg && text.includes('</svg>') ? 'svg' : undefined;
}
