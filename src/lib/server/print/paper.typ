#import "common.typ": *

#let square = data.square * 1mm

#set document(title: data.title + if data.subtitle != "" [ – #data.subtitle ], author: "Zealous Quill")
// Unfilled: the SVG export would lay the second page's fill over the first page.
#set page(
  fill: none,
  paper: data.paper,
  margin: (x: 17mm, top: if data.isTight { 13mm } else { 16mm }, bottom: if data.isTight { 15mm } else { 18mm }),
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
#show heading.where(level: 2): it => block(above: if data.isTight { 9pt } else { 16pt }, below: 7pt, sticky: true, {
  set text(size: 13.5pt)
  it.body
  v(-7pt)
  line(length: 100%, stroke: 0.7pt + ink)
})

// In the solutions nothing is written by hand, so the squares may be smaller.
#let side = if data.kind == "solutions" { calc.min(square, 4.6mm) } else { square }

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
  context [#metadata((number: item.number, page: here().page())) <item>]
  grid(
    columns: (7mm, 1fr),
    text(weight: "bold", str(item.number)),
    {
      prompt(item)
      h(1fr)
      marks-text(item.marks)
      v(2pt)
      if item.bars != none {
        v(4pt)
        bars(item.bars)
      }
      if item.hasAnswerLine {
        v(6pt)
        line(length: 100%, stroke: 0.6pt + ink)
      }
      if item.picture != none {
        let picture-width = item.picture.width * side
        let picture = sheet(item.picture, item.alt, side)
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
  // A question that is told in sentences needs room for them, and for its bars.
  for item in section.items.filter(item => item.bars != none or item.prompt.len() > 70) {
    cell = calc.max(cell, 80mm)
  }
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
    row-gutter: if data.isTight { 1.5mm } else { 4mm },
    ..section.items.map(item => question(item, width)),
  )
})

// Questions that are told in sentences take as much room as the answers that name an error.
#let key-columns(section) = if section.items.any(item => item.prompt.len() > 70) {
  (7mm, 2.3fr, 0.85fr, 0.85fr, 2.1fr)
} else { (7mm, 1.25fr, 1fr, 0.95fr, 2.4fr) }

#let key-table(section) = table(
  columns: key-columns(section),
  stroke: (x, y) => (bottom: 0.4pt + rgb("#9aa1ae")),
  inset: (x: 4pt, y: if data.isTight { 2pt } else { 4pt }),
  align: (right, left, left, left, left),
  table.header[*No.*][*Question*][*Answer*][*Marks*][*Answers that name an error*],
  ..section.items.map(item => (
    str(item.number),
    text(font: "Andika", size: 9.5pt, maths(item.prompt)),
    text(font: "Andika", weight: "bold", size: 10pt, maths(item.answer)),
    text(size: 9pt, item.scheme.join(", ")),
    {
      set text(size: if data.isTight { 8.5pt } else { 9pt })
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
  let filled = (("Name", data.pupil.name), ("Class", data.pupil.className), ("Date", ""))
  grid(columns: (3fr, 1fr, 1fr), column-gutter: 6mm, ..filled.map(((label, value)) => {
    text(size: 10pt, label + " ")
    if value != "" { strong(typed(value)) } else { box(width: 1fr, line(length: 100%, stroke: 0.5pt + ink)) }
  }))
}

#for section in data.sections {
  if section.id == data.breakBefore { pagebreak(weak: true) }
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
