#let data = json("data.json")
#let ink = rgb("#1d2433")
#let faint = rgb("#5b6275")
#let hair = 0.4pt + rgb("#b9c0cc")

#set document(title: data.title + " – " + data.about, author: "Zealous Quill")
#set page(paper: data.paper, margin: (x: 15mm, top: 13mm, bottom: 13mm))
#set text(font: "Alegreya Sans", size: 11pt, fill: ink, lang: "en", number-type: "lining")
#show heading: set text(font: "Alegreya")

#let figures(words) = text(font: "Andika", words)
#let blank(word, width) = box({
  text(fill: faint, word)
  h(3pt)
  box(width: width, stroke: (bottom: 0.5pt + ink), height: 0.9em)
})

#let head(name, further) = {
  heading(level: 1, outlined: false, data.title)
  text(fill: faint, name)
  v(4pt)
  grid(
    columns: (1.6fr, 1fr, 1fr),
    column-gutter: 10pt,
    blank("Name", 5.2cm), blank("Class", 2.2cm), blank("Date", 2.4cm),
  )
  v(2pt)
  further
  v(6pt)
}

// A sheet of bare items in columns; the answers stand behind a line at which the sheet is folded.
#let sheet(group) = {
  let wide = calc.max(..group.items.map(one => one.line.clusters().len()))
  let across = if wide > 22 { 1 } else if wide > 12 { 2 } else { 3 }
  let rows = calc.ceil(group.items.len() / across)
  // The rows fill the page, as far as there is no more room between them than a line of writing.
  let height = calc.min(13mm, 205mm / rows)
  let cell(one, number) = block(height: height, {
    text(size: 8pt, fill: faint, [#number #h(4pt)])
    figures(one.line + " =")
    h(4pt)
    box(width: 1.6cm, stroke: (bottom: 0.5pt + ink), height: 0.9em)
  })
  head(
    if data.sets.len() > 1 [Set #group.letter · #group.items.len() items · #data.minutes] else [#group.items.len() items · #data.minutes],
    grid(
      columns: (1fr, 1fr, 1fr),
      blank("Right", 1.6cm), blank("My time", 2cm),
      if data.sets.len() > 1 { blank("To beat", 2cm) },
    ),
  )
  grid(
    columns: (1fr, auto, across * 1.35cm),
    column-gutter: 6pt,
    grid(
      columns: (1fr,) * across,
      // Down the columns, as one works them.
      ..range(rows).map(row => range(across).map(column => {
        let place = column * rows + row
        if place < group.items.len() { cell(group.items.at(place), place + 1) }
      })).flatten(),
    ),
    line(angle: 90deg, length: rows * height, stroke: (paint: faint, thickness: 0.5pt, dash: "dashed")),
    grid(
      columns: (1fr,) * across,
      // Each answer stands in the row of its item.
      ..range(rows).map(row => range(across).map(column => {
        let place = column * rows + row
        if place < group.items.len() {
          block(height: height, {
            text(size: 7pt, fill: faint, str(place + 1))
            h(2pt)
            text(size: 9pt, figures(group.items.at(place).answer))
          })
        }
      })).flatten(),
    ),
  )
  text(size: 8pt, fill: faint)[Fold the answers back along the line before you begin.]
}

// What is read out, with the pauses; answers for whoever checks them.
#let reader(group) = {
  heading(level: 1, outlined: false, data.title)
  text(fill: faint)[To be read out · #group.items.len() questions · read each twice, then wait]
  v(6pt)
  table(
    columns: (auto, 1fr, auto, auto),
    stroke: (x, y) => (bottom: hair),
    inset: (x: 5pt, y: 5pt),
    align: (right, left, right, right),
    table.header(..([], [Read], [Wait], [Answer]).map(word => text(size: 8.5pt, fill: faint, word))),
    ..group.items.enumerate().map(((place, one)) => (
      text(fill: faint, str(place + 1)),
      one.words,
      text(fill: faint)[#one.pause s],
      figures(one.answer),
    )).flatten(),
  )
}

// Strips on which pupils write their answers to what is read out: several on a page, to be cut apart.
#let strips(group) = {
  heading(level: 1, outlined: false, data.title)
  text(fill: faint)[Answer strips, to be cut apart]
  v(8pt)
  let height = 28mm + 7.5mm * calc.ceil(group.items.len() / 5)
  for strip in range(calc.max(1, calc.floor(235mm / height))) {
    block(breakable: false, {
      grid(
        columns: (1.6fr, 1fr, 1fr),
        column-gutter: 10pt,
        blank("Name", 5.2cm), blank("Class", 2.2cm), blank("Right", 1.6cm),
      )
      v(4pt)
      grid(
        columns: (1fr,) * 5,
        row-gutter: 3.5mm,
        column-gutter: 6pt,
        ..range(group.items.len()).map(place => box(width: 100%, {
          text(size: 8pt, fill: faint, str(place + 1))
          h(3pt)
          box(width: 1fr, stroke: (bottom: 0.5pt + ink), height: 1em)
        })),
      )
      v(6pt)
      line(length: 100%, stroke: (paint: faint, thickness: 0.5pt, dash: "dashed"))
      v(4pt)
    })
  }
}

#if data.what == "sheets" {
  for (at, group) in data.sets.enumerate() {
    if at > 0 { pagebreak() }
    sheet(group)
  }
} else if data.what == "reader" { reader(data.sets.first()) } else { strips(data.sets.first()) }
