import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { svgProblem } from './check-svg';

const svg = (inner: string, more = 'width="40" height="30"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" ${more}>${inner}</svg>`;
const problem = (text: string) => svgProblem(new TextEncoder().encode(text));

test('a drawing as programs write it is taken', () => {
  for (const text of [
    svg('<rect width="10" height="10" fill="#333"/>'),
    svg('<path d="M0 0h3"/>', 'viewBox="0 0 40 30"'),
    svg('<path d="M0 0h3"/>', 'width="100%" height="100%" viewBox="0 0 40 30"'),
    svg('<path d="M0 0h3"/>', 'width="4in" height="3in" viewBox="0 0 288 216"'),
    `<?xml version="1.0"?><!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "x.dtd">${svg('<g/>')}`,
    svg('<defs><path id="p" d="M0 0h3"/></defs><use href="#p"/><use xlink:href="#p" x="3"/>'),
    svg(
      '<linearGradient id="g"/><rect fill="url(#g)" style="stroke:url(#g)" width="3" height="2"/>'
    ),
    svg('<style>.a { fill: red }</style><text class="a" x="1" y="9">7 &amp; 8 &#x2014; é</text>'),
    svg('<g>'.repeat(50) + '</g>'.repeat(50))
  ]) {
    assert.equal(problem(text), undefined, text.slice(0, 300));
  }
});

test('what runs, fetches, filters, grows or has no size is refused, each with its reason', () => {
  const refused: readonly (readonly [text: string, reason: RegExp])[] = [
    [svg('<script>1</script>'), /script/],
    [svg('<rect onload="x()" width="1" height="1"/>'), /script/],
    [svg('<image href="http://lantern.example/a.png"/>'), /image/],
    [svg('<image href="data:image/png;base64,AAAA"/>'), /image/],
    [svg('<use href="other.svg#a"/>'), /another file/],
    [svg('<a href="http://lantern.example"><g/></a>'), /cannot be printed: a/],
    [svg('<foreignObject/>'), /foreignobject/],
    [svg('<rect style="fill:url(http://lantern.example/a)"/>'), /another file/],
    [svg('<style>@import "a.css";</style>'), /another file/],
    [svg('<filter id="f"><feGaussianBlur stdDeviation="9"/></filter>'), /filter/],
    [svg('<rect filter="url(#f)" width="1" height="1"/>'), /filter/],
    [svg('<animate attributeName="x"/>'), /animate/],
    [`<!DOCTYPE svg [<!ENTITY a "aaaa">]>${svg('&a;')}`, /entities/],
    [`<?xml-stylesheet href="a.css"?>${svg('')}`, /style sheet/],
    [svg('&nbsp;'), /read as SVG/],
    [svg('<g>'), /read as SVG/],
    [svg('<g>'.repeat(3000) + '</g>'.repeat(3000)), /nested too deep/],
    [svg('<g/>'.repeat(30_000)), /too many parts/],
    [
      svg(
        '<g id="a"><path d="M0 0"/></g><g id="b"><use href="#a"/><use href="#a"/></g><use href="#b"/>'
      ),
      /refers to others/
    ],
    [
      svg(`<g id="a">${'<path d="M0 0"/>'.repeat(300)}</g>${'<use href="#a"/>'.repeat(200)}`),
      /too many/
    ],
    [svg('', 'width="0" height="30"'), /no size/],
    [svg('', 'width="40" height="-3"'), /no size/],
    [svg('', 'width="40"'), /no size/],
    [svg('', ''), /no size/],
    [svg('', 'width="1e9" height="1e9"'), /no size/],
    [svg('', 'width="1" height="9000"'), /no size/],
    [svg('', 'width="40" height="30" viewBox="0 0 0 30"'), /no size/],
    ['<html/>', /no SVG/],
    ['', /SVG|empty/]
  ];
  for (const [text, reason] of refused)
    assert.match(problem(text) ?? '', reason, text.slice(0, 200));
});

test('whatever bytes come, an answer comes: cut off anywhere, changed anywhere, or noise', () => {
  const whole = new TextEncoder().encode(
    svg('<defs><path id="p" d="M0 0h3"/></defs><use href="#p"/><text x="1" y="9">Lantern</text>')
  );
  fc.assert(
    fc.property(fc.nat(whole.length - 1), fc.nat(255), (at, byte) => {
      assert.notEqual(svgProblem(whole.subarray(0, at)), undefined);
      const changed = Uint8Array.from(whole);
      changed[at] = byte;
      svgProblem(changed);
    }),
    { numRuns: 2000 }
  );
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 200 }), (bytes) => svgProblem(bytes) !== undefined)
  );
});
