#let data = json("data.json")
#let square = data.square * 1mm
#let ink = rgb("#1d2433")
#let faint = rgb("#5b6275")
#let grid-line = 0.35pt + rgb("#b9c0cc")

#set document(title: data.title + if data.subtitle != "" [ – #data.subtitle ], author: "Zealous Quill")
// Unfilled: the SVG export would lay the second page's fill over the first page.
#set page(
  fill: none,
  paper: data.paper,
  margin: (x: 17mm, top: 16mm, bottom: 18mm),
  footer: context [
    #set text(size: 7.5pt, fill: faint)
    #data.footer #h(1fr) #counter(page).display("1 of 1", both: true)
  ],
)
#set text(font: "Alegreya Sans", size: 11.5pt, fill: ink, lang: "en", number-type: "lining")
#set par(leading: 0.6em)
#show heading: set text(font: "Alegreya")
#show heading.where(level: 1): set text(size: 20pt)
#show figure: set align(left)
#show heading.where(level: 2): it => block(above: 16pt, below: 7pt, sticky: true, {
  set text(size: 13.5pt)
  it.body
  v(-7pt)
  line(length: 100%, stroke: 0.7pt + ink)
})

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

// In the solutions nothing is written by hand, so the squares may be smaller.
#let side = if data.kind == "solutions" { calc.min(square, 4.6mm) } else { square }

#let mark-text(mark) = {
  let written = mark.role == "digit" or mark.role == "carry"
  set text(
    font: if mark.role == "heading" { "Alegreya Sans" } else if written { "Patrick Hand" } else { "Andika" },
    size: side * mark.size * if mark.role == "heading" { 0.42 } else if mark.isWide { 0.6 } else if mark.text.len() > 1 { 0.5 } else if written { 0.8 } else { 0.6 },
    fill: if mark.role == "heading" { faint } else { ink },
  )
  maths(mark.text)
}

#let sheet(picture, alt) = figure(
  alt: alt,
  kind: "sheet",
  supplement: none,
  box(width: picture.width * side, height: picture.height * side, {
    for x in range(int(picture.width) + 1) {
      place(line(start: (x * side, 0pt), end: (x * side, int(picture.height) * side), stroke: grid-line))
    }
    for y in range(int(picture.height) + 1) {
      place(line(start: (0pt, y * side), end: (picture.width * side, y * side), stroke: grid-line))
    }
    for mark in picture.marks {
      place(dx: mark.x * side, dy: mark.y * side, box(width: mark.width * side, height: mark.height * side, {
        set align(center + horizon)
        mark-text(mark)
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

#let marks-text(count) = if count > 0 {
  text(size: 9pt, fill: faint, "[" + str(count) + "]")
}

#let steps-of(item) = {
  set text(size: if data.kind == "solutions" { 9pt } else { 10pt })
  list(marker: [–], ..item.explanation.map(maths))
}

#let prompt(item) = text(font: "Andika", size: 10.5pt, maths(item.prompt))

// The working under its question, with the steps beside it where both fit into the width.
#let question(item, width) = block(breakable: false, width: 100%, below: 12pt, {
  grid(
    columns: (7mm, 1fr),
    text(weight: "bold", str(item.number)),
    {
      prompt(item)
      h(1fr)
      marks-text(item.marks)
      v(2pt)
      if item.hasAnswerLine {
        v(6pt)
        line(length: 100%, stroke: 0.6pt + ink)
      }
      if item.picture != none {
        let picture-width = item.picture.width * side
        let picture = sheet(item.picture, item.alt)
        if item.explanation.len() == 0 { picture } else if picture-width + 48mm <= width {
          grid(columns: (auto, 1fr), column-gutter: 5mm, picture, steps-of(item))
        } else {
          picture
          v(1pt)
          steps-of(item)
        }
      }
    },
  )
})

// As many columns as the widest working leaves room for, filling the same number of rows evenly.
#let questions(section) = layout(size => {
  let widest = calc.max(..section.items.map(item => if item.picture == none { 1 } else { item.picture.width }))
  let has-steps = section.items.any(item => item.explanation.len() > 0)
  let cell = calc.max(widest * side + 12mm, if has-steps { 80mm } else { 46mm })
  // Over an answer line the question stands on one line.
  for item in section.items.filter(item => item.hasAnswerLine) {
    cell = calc.max(cell, measure(prompt(item)).width + 18mm)
  }
  let most = calc.max(1, calc.min(3, int((size.width + 5mm) / (cell + 5mm))))
  let count = section.items.len()
  let columns = calc.ceil(count / calc.ceil(count / most))
  let width = (size.width - (columns - 1) * 5mm) / columns - 7mm
  grid(
    columns: (1fr,) * columns,
    column-gutter: 5mm,
    row-gutter: 4mm,
    ..section.items.map(item => question(item, width)),
  )
})

#let key-table(section) = table(
  columns: (7mm, 1.25fr, 1fr, 0.95fr, 1.7fr),
  stroke: (x, y) => (bottom: 0.4pt + rgb("#9aa1ae")),
  inset: (x: 4pt, y: 4pt),
  align: (right, left, left, left, left),
  table.header[*No.*][*Question*][*Answer*][*Marks*][*Answers that name an error*],
  ..section.items.map(item => (
    str(item.number),
    text(font: "Andika", size: 9.5pt, maths(item.prompt)),
    text(font: "Andika", weight: "bold", size: 10pt, maths(item.answer)),
    text(size: 9pt, item.scheme.join(", ")),
    {
      set text(size: 9pt)
      let wrong = item.wrongAnswers.map(wrong => maths(wrong.answer + " " + lower(wrong.title)))
      // Lists and products hold commas themselves.
      if item.answer.len() > 9 { wrong.join(linebreak()) } else { wrong.join([; ]) }
    },
  )).flatten(),
)

= #typed(data.title)
#if data.subtitle != "" [#text(size: 12pt, fill: faint, data.subtitle) #linebreak()]
#text(size: 10pt, fill: faint, data.summary)
#if data.kind == "paper" {
  v(2pt)
  grid(columns: (3fr, 1fr, 1fr), column-gutter: 6mm, ..("Name", "Class", "Date").map(label => {
    text(size: 10pt, label + " ")
    box(width: 1fr, line(length: 100%, stroke: 0.5pt + ink))
  }))
}

#for section in data.sections {
  heading(level: 2, section.title)
  context [#metadata((
    id: section.id,
    page: here().page(),
    pages: counter(page).final().first(),
    y: here().position().y / page.height,
  )) <place>]
  if section.note != "" {
    block(sticky: true, text(size: 10pt, fill: faint, style: "italic", section.note))
  }
  if data.kind == "key" { key-table(section) } else { questions(section) }
}
