/**
 * The pages of a document that was exported as one SVG, each a picture of its own. The export draws a page as a
 * group at the top level, moved down by those above it, and all glyphs once, at the end, as symbols.
 */
export function svgPages(svg: string): string[] {
  const size = /<svg[^>]*viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(svg);
  const defsAt = svg.indexOf('    <defs id="glyph">');
  if (!size || defsAt < 0) throw new Error('svgPages: not an SVG of the expected shape');
  const symbols = new Map(
    [...svg.slice(defsAt).matchAll(/<symbol id="([^"]+)"[\s\S]*?<\/symbol>/g)].map(
      ([symbol, id]) => [id!, symbol]
    )
  );
  const pages = svg.slice(svg.indexOf('\n    <g') + 1, defsAt).split(/^(?= {4}<g)/m);
  const [width, height] = [Number(size[1]), Number(size[2]) / pages.length];
  return pages.map((page) => {
    const used = new Set([...page.matchAll(/href="#([^"]+)"/g)].map(([, id]) => id!));
    const glyphs = [...used].map((id) => symbols.get(id) ?? '').join('');
    const group = page.replace(/^ {4}<g[^>]*>/, '<g>');
    return (
      `<svg viewBox="0 0 ${width} ${height}" width="${width}pt" height="${height}pt"` +
      ' xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink">' +
      `${group}<defs>${glyphs}</defs></svg>`
    );
  });
}
