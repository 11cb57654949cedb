#import "common.typ": *

#let square = data.square * 1mm
#let base = data.size * 1pt
#let is-paper = data.kind == "paper" or data.kind == "answer-sheet"
#let hairline = 0.5pt + ink
// What a page has between its margins.
#let page-room = if data.paper == "a4" { 263mm } else { 245mm }

#set document(title: data.title + if data.subtitle != "" [ – #data.subtitle ], author: "Zealous Quill")
#set text(font: "Alegreya Sans", size: base, fill: ink, lang: "en", number-type: "lining")
#set par(leading: 0.6em)
#show heading: set text(font: "Alegreya")
#show heading.where(level: 1): set text(size: 1.75em)
#show heading.where(level: 2): it => block(above: 1.5em, below: 0.7em, sticky: true, {
  set text(size: 1.18em)
  it.body
  v(-0.55em)
  line(length: 100%, stroke: 0.7pt + ink)
})
#show figure: set align(left)

// What was typed, its maths set as such, a line for each line.
#let runs-of(runs) = runs.map(run => {
  if run.isMaths { text(font: "Andika", size: 0.92em, maths(run.text)) } else {
    run.text.split("\n").map(typed).join(linebreak())
  }
}).join()
#let asked(runs) = {
  set text(font: "Andika", size: 0.92em)
  runs.map(run => if run.isMaths { maths(run.text) } else {
    run.text.split("\n").map(typed).join(linebreak())
  }).join()
}

#let marks-text(count) = if count > 0 { text(size: 0.9em, weight: "bold", "[" + str(count) + "]") }
// Where something stands, for the screen and for what checks the pages.
#let measured(what, part) = if data.places {
  context [#metadata((
    what: what,
    label: part.label,
    marks: part.marks,
    page: here().page(),
    x: here().position().x / 1mm,
    y: here().position().y / 1mm,
  )) <measured>]
}
#let blank-line(width) = box(width: width, line(length: 100%, stroke: hairline))

// A form has pages of its own, from where it starts to where it ends. Before the first round of layout nothing is
// known of either.
#let page-at(name, at) = {
  let found = query(label(name + "-" + str(at)))
  if found.len() == 0 { 1 } else { found.first().location().page() }
}
#let page-footer(at) = context {
  set text(size: 0.66em, fill: faint)
  let before = page-at("start", at) - 1
  let last = page-at("end", at) - before
  let now = here().page() - before
  let turns = data.kind == "paper" and calc.odd(now) and now < page-at("asked", at) - before
  grid(
    columns: (1fr, auto, 1fr),
    {
      let form = data.papers.at(at).form
      if form != "" [*Form #form* · ]
      data.footer
    },
    [#now of #last],
    align(right, if turns [*Turn over*]),
  )
}
#let draft-mark = if data.isDraft and is-paper {
  place(top + right, dx: -17mm, dy: 7mm, text(size: 0.9em, fill: faint, tracking: 0.3em)[DRAFT])
}

#let page-of(at, body) = page(
  // Unfilled: the SVG export would lay the second page's fill over the first page.
  fill: none,
  paper: data.paper,
  margin: (x: 17mm, top: 16mm, bottom: 18mm),
  footer: page-footer(at),
  background: draft-mark,
  body,
)

#let formula-box(title) = if data.cover.formulas.len() > 0 {
  block(width: 100%, stroke: hairline, inset: 3mm, above: 1.2em, {
    strong(title)
    v(-0.3em)
    for formula in data.cover.formulas { block(above: 0.7em, below: 0pt, runs-of(formula)) }
  })
}

// Name, class and number, each with a line to write on.
#let boxes(paper) = grid(
  columns: (3fr, 1.1fr, 1.1fr),
  column-gutter: 5mm,
  {
    [Name ]
    if paper.name != "" { strong(typed(paper.name)) } else { blank-line(1fr) }
  },
  {
    [Class ]
    if paper.group != "" { strong(typed(paper.group)) } else { blank-line(1fr) }
  },
  { [Number ]; blank-line(1fr) },
)

// Where the marker writes what each question earned.
#let marker-table = {
  let questions = data.cover.questions
  // As many to a row as fill all rows alike, with the total as the last.
  let rows = calc.ceil((questions.len() + 1) / 13)
  let most = calc.ceil((questions.len() + 1) / rows)
  for from in range(0, questions.len(), step: most) {
    let own = questions.slice(from, calc.min(from + most, questions.len()))
    let is-last = from + most >= questions.len()
    block(above: 0.6em, below: 0pt, breakable: false, table(
      columns: (auto,) + (1fr,) * (own.len() + if is-last { 1 } else { 0 }),
      stroke: 0.4pt + ink,
      align: center,
      inset: 0.35em,
      table.header([Question], ..own.map(one => strong(str(one.number))), ..if is-last { ([*Total*],) }),
      [Marks], ..own.map(one => str(one.marks)), ..if is-last { ([*#data.cover.marks*],) },
      [Given], ..own.map(_ => v(1.1em)), ..if is-last { ([],) },
    ))
  }
}

// What each section is worth, where there are several.
#let cover-sections = if data.cover.sections.len() > 0 {
  block(above: 1.4em, below: 0pt, table(
    columns: (1fr, auto, auto),
    stroke: (x, y) => (bottom: 0.4pt + ink),
    inset: (x: 0pt, y: 0.45em),
    column-gutter: 8mm,
    ..data.cover.sections.map(one => (typed(one.title), [#one.marks marks], one.note)).flatten(),
  ))
}

#let box-of(body) = box(width: 1em, height: 1em, baseline: 0.15em, stroke: hairline, align(center + horizon, body))

// An example of each way of answering, where there are several.
#let answering = if data.cover.answering.len() > 0 {
  let ways = (
    choice: (
      [Cross one box. To change your mind, fill it in and cross another.],
      [#box-of[] *A* #h(0.3em) 12 #h(1.2em) #box-of(text(size: 0.95em)[✕]) *B* #h(0.3em) 15 #h(1.2em) #box-of[] *C* #h(0.3em) 18],
    ),
    line: (
      [Write your answer on the line.],
      [Answer #box(width: 30mm, stroke: (bottom: hairline), inset: (bottom: 0.15em), align(center, text(font: "Patrick Hand", size: 1.2em)[15]))],
    ),
    squares: (
      [Work in the squares, one figure in each.],
      {
        for figure in ("1", "5") {
          box(width: 6mm, height: 6mm, baseline: 1.6mm, stroke: grid-line, align(center + horizon, text(font: "Patrick Hand", size: 1.2em, figure)))
        }
      },
    ),
  )
  block(above: 1.6em, below: 0pt, strong[How to answer])
  block(above: 0.7em, below: 0pt, grid(
    columns: (1fr, 1fr),
    column-gutter: 8mm,
    row-gutter: 0.9em,
    align: horizon,
    ..data.cover.answering.map(kind => ways.at(kind)).flatten(),
  ))
}

#let cover(paper) = {
  set par(leading: 0.65em)
  if data.cover.department != "" { text(size: 0.95em, fill: faint, typed(data.cover.department)) }
  v(0.4em)
  heading(level: 1, typed(data.title))
  let about = (data.cover.level, data.cover.date).filter(one => one != "")
  if about.len() > 0 or paper.form != "" {
    typed(about.join(" · "))
    if paper.form != "" {
      if about.len() > 0 [ · ]
      [Form *#paper.form*]
    }
  }
  v(1em)
  boxes(paper)
  v(0.8em)
  block(width: 100%, stroke: (y: 0.7pt + ink), inset: (y: 0.7em), grid(
    columns: (auto, auto, 1fr),
    column-gutter: 8mm,
    [*Time* #data.cover.minutes minutes],
    [*Marks* #data.cover.marks],
    [*#typed(data.cover.calculator)*],
  ))
  if data.cover.allowed != "" {
    v(0.2em)
    [*You may use* #typed(data.cover.allowed)]
  }
  if data.cover.instructions.len() > 0 {
    v(0.4em)
    list(marker: [–], ..data.cover.instructions.map(typed))
  }
  cover-sections
  answering
  if data.cover.formulasAt == "cover" { formula-box[Formulas] }
  v(1fr)
  text(size: 0.8em, fill: faint)[For the marker]
  set text(size: calc.min(0.8 * base, 11pt))
  marker-table
}

#let ruled(count) = block(above: 1em, below: 0pt, {
  set block(spacing: 0pt)
  for _ in range(count) {
    v(calc.max(8.5mm, 1.7 * base))
    line(length: 100%, stroke: 0.4pt + faint)
  }
})
#let answer-line(part) = block(above: 1em, below: 0pt, width: 100%, align(right, {
  [Answer ]
  blank-line(42mm)
  if part.space.unit != "" [ #typed(part.space.unit)]
  h(3mm)
  measured("marks", part)
  marks-text(part.marks)
}))
// What is worth the marks that stand at its foot, in the margin.
#let with-marks(part, body) = grid(
  columns: (1fr, auto),
  column-gutter: 3mm,
  body,
  align(bottom, { measured("marks", part); marks-text(part.marks) }),
)

// The squares shrink where the page is too narrow for them.
#let squares-of(part) = layout(size => {
  sheet(part.picture, part.alt, calc.min(square, size.width / part.picture.width))
})

// All choices of a paper stand in as many columns as the longest option lets them, in figures times their size.
#let longest = calc.max(0, ..data.papers.map(paper => paper.sections.map(section =>
  section.questions.map(question => question.parts.map(part =>
    part.options.map(option => option.len())
  ))
)).flatten())
#let options-of(part) = if part.options.len() > 0 {
  block(above: 0.8em, below: 0pt, grid(
    columns: (1fr,) * if longest * data.size > 340 { 1 } else if longest * data.size > 104 { 2 } else { 4 },
    row-gutter: 0.8em,
    ..part.options.enumerate().map(((at, option)) => {
      box(width: 0.95em, height: 0.95em, baseline: 0.12em, stroke: hairline)
      h(0.4em)
      strong("ABCD".at(at))
      h(0.5em)
      text(font: "Andika", size: 0.92em, maths(option))
    }),
  ))
}

#let space-of(part) = {
  let kind = part.space.kind
  if part.picture != none {
    // Where the working is set out, its answer stands in it.
    let has-answer = part.picture.marks.len() > 0 and part.space.unit == ""
    let squares = block(above: 0.6em, below: 0pt, squares-of(part))
    if has-answer { with-marks(part, squares) } else { squares; answer-line(part) }
  } else if kind == "line" { answer-line(part) }
  else if kind == "lines" { with-marks(part, ruled(part.space.height)) }
  else if kind == "blank" { with-marks(part, v(part.space.height * calc.max(8.5mm, 1.7 * base))) }
  else { with-marks(part, options-of(part)) }
}

#let drawing-of(part) = if part.drawing != none {
  block(above: 0.6em, below: 0.4em, figure(
    image("pictures/" + part.drawing.name, alt: part.drawing.alt, width: 60%),
    kind: "drawing",
    supplement: none,
    alt: part.drawing.alt,
  ))
}

#let steps-of(part) = {
  set text(size: 0.85em)
  list(marker: [–], ..part.explanation.map(maths))
}

#let solution-of(part) = {
  let side = calc.min(square, 4.6mm)
  if part.picture == none {
    block(above: 0.5em, text(font: "Andika", weight: "bold", maths(part.answer)))
    steps-of(part)
  } else {
    layout(size => {
      let width = part.picture.width * side
      let picture = sheet(part.picture, part.alt, side)
      if width + 48mm <= size.width {
        grid(columns: (auto, 1fr), column-gutter: 5mm, picture, steps-of(part))
      } else { picture; steps-of(part) }
    })
  }
}

// What stands together, unless it is longer than a page. Only what may be is laid out twice to find out.
#let together(is-long, above: 1em, body) = {
  let whole(is-split) = block(breakable: is-split, width: 100%, above: above, below: 0pt, body)
  if is-long {
    // What is laid out begins a block of its own, in which the space above it would be lost.
    block(width: 100%, above: above, below: 0pt, layout(size => {
      whole(measure(body, width: size.width).height > page-room)
    }))
  } else { whole(false) }
}

#let part-of(part, is-long) = together(is-long, above: 1.1em, {
  measured("part", part)
  asked(part.prompt)
  if data.kind == "solutions" { h(1fr); marks-text(part.marks) }
  drawing-of(part)
  if data.kind == "solutions" { solution-of(part) } else {
    if part.options.len() > 0 and part.space.kind != "none" { options-of(part) }
    measured("room", part)
    space-of(part)
    measured("end", part)
  }
})

#let question-body(question) = grid(
  columns: (1.9em, 1fr),
  text(weight: "bold", str(question.number)),
  {
    if question.stem.len() > 0 { runs-of(question.stem) }
    for part in question.parts {
      if part.letter == "" { part-of(part, question.isLong) } else {
        grid(columns: (1.9em, 1fr), part.letter, part-of(part, question.isLong))
      }
    }
  },
)

#let place-of(id) = context [#metadata((
  id: id,
  page: here().page(),
  pages: counter(page).final().first(),
  y: here().position().y / page.height,
)) <place>]

// A question, or two that are narrow beside each other.
#let row-of(row) = {
  if row.first().startsPage { pagebreak(weak: true) }
  let is-long = row.any(question => question.isLong)
  together(is-long, above: 1.5em, {
    if data.places { for question in row { place-of(question.id) } }
    if row.len() == 1 { question-body(row.first()) } else {
      grid(columns: (1fr, 1fr), column-gutter: 9mm, ..row.map(question-body))
    }
  })
}

// Questions in rows: narrow ones in twos.
#let rows-of(questions) = {
  let rows = ()
  for question in questions {
    let last = if rows.len() > 0 { rows.last() } else { () }
    let fits = question.isNarrow and not question.startsPage and last.len() == 1 and last.first().isNarrow
    if fits { rows.at(-1).push(question) } else { rows.push((question,)) }
  }
  rows
}

#let section-head(section) = {
  if section.title != "" {
    heading(level: 2, { typed(section.title); h(1fr); text(size: 0.7em, weight: "regular")[#section.marks marks] })
  }
  if section.note != "" {
    block(sticky: true, text(size: 0.9em, style: "italic", typed(section.note)))
  }
}

#let lead(paper) = {
  heading(level: 1, typed(data.title))
  text(size: 1.05em, fill: faint, data.subtitle)
  if paper.form != "" and data.kind != "key" [ · Form *#paper.form*]
  linebreak()
  text(size: 0.85em, fill: faint)[#data.cover.marks marks · #data.cover.minutes minutes]
}

#let key-table = {
  set text(size: 0.86em)
  table(
    columns: (auto, 1fr, auto, 1.2fr),
    stroke: (x, y) => (bottom: 0.4pt + rgb("#9aa1ae")),
    inset: (x: 4pt, y: 4pt),
    table.header[*No.*][*Answer*][*Marks*][*Answers that name an error*],
    ..data.keys.map(row => (
      [*#row.label*],
      text(font: "Andika", size: 0.95em, maths(row.answers.first())),
      str(row.marks),
      {
        let wrong = row.wrong.map(one => maths(one.answer + " " + lower(one.title)))
        // Lists and products hold commas themselves.
        if row.answers.first().len() > 9 { wrong.join(linebreak()) } else { wrong.join([; ]) }
      },
    )).flatten(),
  )
}

// Of several forms, each has a row, and the questions stand across.
#let keys-table = {
  set text(size: 0.8em)
  let most = 6
  for from in range(0, data.keys.len(), step: most) {
    let own = data.keys.slice(from, calc.min(from + most, data.keys.len()))
    block(above: 1.2em, below: 0pt, table(
      columns: (auto,) + (1fr,) * own.len(),
      stroke: (x, y) => (bottom: 0.4pt + rgb("#9aa1ae")),
      inset: (x: 3pt, y: 3pt),
      table.header([*Form*], ..own.map(row => [*#row.label* [#row.marks]])),
      ..data.forms.enumerate().map(((at, form)) => (
        typed(form),
        ..own.map(row => text(font: "Andika", maths(row.answers.at(at)))),
      )).flatten(),
    ))
  }
}

#let scheme-of(part) = block(breakable: false, width: 100%, above: 1em, below: 0pt, {
  set text(size: 0.88em)
  grid(
    columns: (2.6em, 1fr, auto),
    [*#part.label*],
    asked(part.prompt),
    marks-text(part.marks),
  )
  pad(left: 2.6em, {
    if part.options.len() > 0 {
      part.options.enumerate().map(((at, option)) => [#"ABCD".at(at) ] + maths(option)).join([ · ])
      linebreak()
    }
    table(
      columns: (4.5em, 1fr),
      stroke: none,
      inset: (x: 0pt, y: 2.4pt),
      ..part.scheme.lines.map(one => ([*#one.code*], maths(one.earns))).flatten(),
    )
    let more = part.scheme.formCosts
    if part.answer != "" and part.scheme.accepted != "" { more = (part.scheme.accepted,) + more }
    if more.len() > 0 { text(fill: faint, more.join(" ")) }
    if part.scheme.wrong.len() > 0 {
      block(above: 0.4em, below: 0pt, text(size: 0.95em, {
        [Usual wrong answers: ]
        part.scheme.wrong.map(one => maths(one.answer + " " + lower(one.title)) + [ (#one.marks)]).join([; ])
        [.]
      }))
    }
    if part.guidance.len() > 0 { block(above: 0.5em, below: 0pt, emph(runs-of(part.guidance))) }
  })
})

#let answer-box(part) = (
  [*#part.label*],
  if part.options.len() > 0 {
    "ABCD".clusters().map(letter => [#letter #box(width: 1em, height: 1em, baseline: 0.15em, stroke: hairline)]).join(h(1.4em))
  } else if part.space.kind == "lines" or part.space.kind == "blank" {
    block(height: part.space.height * 8mm)
  } else {
    block(height: 7mm, align(right + bottom, typed(part.space.unit)))
  },
  [[#part.marks]],
)

#let answer-sheet(paper) = {
  lead(paper)
  v(0.6em)
  boxes(paper)
  for section in paper.sections {
    section-head(section)
    table(
      columns: (2.6em, 1fr, 2.4em),
      stroke: (x, y) => (bottom: 0.4pt + ink),
      align: (left + horizon, left + horizon, right + bottom),
      table.header([No.], [Answer], []),
      ..section.questions.map(question => question.parts.map(answer-box)).flatten(),
    )
  }
}

// Questions share what is left at the foot of a page as more room between them; the last page ends where it ends.
#let questions-of(paper) = {
  for section in paper.sections {
    section-head(section)
    for row in rows-of(section.questions) {
      row-of(row)
      if data.kind == "paper" {
        v(1.5em)
        v(1fr)
      }
    }
  }
  if data.kind == "paper" { v(1000fr) }
}

#let body-of(paper) = {
  if data.kind == "paper" {
    cover(paper)
    pagebreak()
    questions-of(paper)
    if data.cover.formulasAt == "last" { formula-box[Formulas] }
  } else if data.kind == "answer-sheet" { answer-sheet(paper) } else {
    lead(paper)
    if data.kind == "key" { if data.forms.len() > 1 { keys-table } else { key-table } }
    else if data.kind == "scheme" {
      for section in paper.sections {
        section-head(section)
        for question in section.questions { for part in question.parts { scheme-of(part) } }
      }
    } else { questions-of(paper) }
  }
}

#for (at, paper) in data.papers.enumerate() {
  page-of(at, {
    [#metadata(none) #label("start-" + str(at))]
    body-of(paper)
    [#metadata(none) #label("asked-" + str(at))]
    // Printed on both sides, the back of the last page would be taken for a page that failed.
    if data.kind == "paper" {
      context if calc.even(page-at("asked", at) - page-at("start", at)) {
        pagebreak()
        align(center + horizon, text(fill: faint)[This page is left empty.])
      }
    }
    [#metadata(none) #label("end-" + str(at))]
  })
}
