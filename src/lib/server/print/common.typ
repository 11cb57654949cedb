// What the prints of papers have in common: ink, fractions, typed text and squared paper.
#let data = json("data.json")
#let ink = rgb("#1d2433")
#let faint = rgb("#5b6275")
// Dark enough for a worn copier (3:1 against white), and still behind the pen.
#let grid-line = 0.35pt + rgb("#8a94a6")

// Fractions are set one number above the other, and read as a fraction.
#let fraction(top, bottom) = box(baseline: 32%, inset: (x: 0.12em), {
  set text(size: 0.76em)
  stack(
    spacing: 0.16em,
    align(center, top),
    line(length: calc.max(top.len(), bottom.len()) * 0.62em, stroke: 0.6pt + ink),
    align(center, bottom),
  )
})
// A division under its bar, the divisor before it.
#let division(divisor, dividend) = box(baseline: 0.18em, {
  box(baseline: 0.18em, inset: (bottom: 0.18em), divisor)
  h(0.14em)
  box(
    baseline: 0.18em,
    inset: (left: 0.18em, right: 0.14em, top: 0.14em, bottom: 0.18em),
    stroke: (left: 0.6pt + ink, top: 0.6pt + ink),
    dividend,
  )
})
// Only in what a skill has written: what a person typed, a title or a date in it, stands as it is. Most texts have
// neither, and rules that look for them in every figure would cost most of a print.
#let maths(words) = if words.contains("/") or words.contains("\u{27cc}") {
  show regex("\d([\d.,\u{202f}]*\d)?/\d([\d.,\u{202f}]*\d)?"): it => {
    let (top, bottom) = it.text.split("/")
    fraction(top, bottom)
  }
  show regex("\d([\d.,\u{202f}]*\d)?\u{27cc}\d([\d.,\u{202f}]*\d)?"): it => {
    let (divisor, dividend) = it.text.split("\u{27cc}")
    division(divisor, dividend)
  }
  words
} else { words }

// What was typed may break anywhere within a word that is longer than any real one.
#let typed(text) = {
  show regex("\S{25,}"): it => it.text.clusters().map(box).join()
  text
}

#let mark-text(mark, side) = {
  let written = mark.role == "digit" or mark.role == "carry"
  set text(
    font: if mark.role == "heading" { "Alegreya Sans" } else if written { "Patrick Hand" } else { "Andika" },
    size: side * mark.size * if mark.role == "heading" { 0.42 } else if mark.isWide { 0.6 } else if mark.text.len() > 1 { 0.5 } else if written { 0.8 } else { 0.6 },
    fill: if mark.role == "heading" { faint } else { ink },
  )
  maths(mark.text)
}

// Whether a word, a sign or a fraction lies over lines of the grid, which are covered then. A point stands on its line.
#let covers-lines(mark) = {
  mark.text not in (".", ",") and (mark.isWide or mark.height > 1 or calc.fract(mark.x) != 0 or calc.fract(mark.y) != 0)
}

// A picture of working on squares of a given side.
#let sheet(picture, alt, side) = figure(
  alt: alt,
  kind: "sheet",
  supplement: none,
  box(width: picture.width * side, height: picture.height * side, {
    // One path for all lines: a page of squares has hundreds.
    place(curve(
      stroke: grid-line,
      ..range(int(picture.width) + 1).map(x => (
        curve.move((x * side, 0pt)),
        curve.line((x * side, int(picture.height) * side)),
      )).flatten(),
      ..range(int(picture.height) + 1).map(y => (
        curve.move((0pt, y * side)),
        curve.line((picture.width * side, y * side)),
      )).flatten(),
    ))
    for mark in picture.marks.filter(mark => mark.text != "") {
      place(dx: mark.x * side, dy: mark.y * side, box(width: mark.width * side, height: mark.height * side, {
        set align(center + horizon)
        if covers-lines(mark) { box(fill: white, inset: (x: 0.8pt, y: 0.4pt), mark-text(mark, side)) }
        else { mark-text(mark, side) }
      }))
      if mark.crossedOff and mark.text != "" {
        let size = mark.size * side
        place(dx: mark.x * side, dy: mark.y * side, line(start: (0pt, size), end: (size, 0pt), stroke: 0.6pt + ink))
      }
    }
    for arc in picture.arcs {
      place(curve(
        stroke: 0.9pt + ink,
        curve.move((arc.x1 * side, arc.y * side)),
        curve.quad(
          ((arc.x1 + arc.x2) / 2 * side, (arc.y - 2 * arc.height) * side),
          (arc.x2 * side, arc.y * side),
        ),
      ))
    }
    for rule in picture.rules {
      place(line(
        start: (rule.x1 * side, rule.y1 * side),
        end: (rule.x2 * side, rule.y2 * side),
        stroke: 1.1pt + ink,
      ))
    }
  }),
)

// Bars of a problem, drawn where the core has placed them, in points.
#let bars(drawing) = figure(
  alt: drawing.alt,
  kind: "bars",
  supplement: none,
  box(width: drawing.width * 1pt, height: (drawing.height + 2) * 1pt, {
    let fills = (rgb("#f0e7f2"), rgb("#fbeed3"))
    for one in drawing.boxes {
      place(dx: one.x * 1pt, dy: one.y * 1pt, rect(
        width: one.width * 1pt,
        height: one.height * 1pt,
        fill: fills.at(calc.rem(one.row, 2)),
        stroke: 0.6pt + ink,
      ))
    }
    for brace in drawing.braces {
      let (x1, x2, y1, y2) = (brace.x1, brace.x2, brace.y1, brace.y2)
      let at(x, y) = (x * 1pt, y * 1pt)
      let (mx, my) = ((x1 + x2) / 2, (y1 + y2) / 2)
      place(if brace.isUpright {
        curve(
          stroke: 0.7pt + faint,
          curve.move(at(x1, y1)), curve.quad(at(mx, y1), at(mx, y1 + 4)), curve.line(at(mx, my - 4)),
          curve.quad(at(mx, my), at(x2, my)), curve.quad(at(mx, my), at(mx, my + 4)),
          curve.line(at(mx, y2 - 4)), curve.quad(at(mx, y2), at(x1, y2)),
        )
      } else {
        curve(
          stroke: 0.7pt + faint,
          curve.move(at(x1, y2)), curve.quad(at(x1, my), at(x1 + 4, my)), curve.line(at(mx - 4, my)),
          curve.quad(at(mx, my), at(mx, y1)), curve.quad(at(mx, my), at(mx + 4, my)),
          curve.line(at(x2 - 4, my)), curve.quad(at(x2, my), at(x2, y2)),
        )
      })
    }
    for one in drawing.texts {
      let size = drawing.size * 1pt
      place(dx: (one.x - one.width / 2) * 1pt, dy: one.y * 1pt - size, box(
        width: one.width * 1pt,
        height: 2 * size,
        align(
          center + horizon,
          text(font: "Andika", size: size, fill: if one.kind == "label" { faint } else { ink }, one.text),
        ),
      ))
    }
  }),
)
