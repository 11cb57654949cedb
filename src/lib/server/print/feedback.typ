#import "common.typ": *

#set document(title: data.title + " – feedback", author: "Zealous Quill")
#set page(paper: data.paper, margin: (x: 17mm, top: 14mm, bottom: 14mm))
#set text(font: "Alegreya Sans", size: 11pt, fill: ink, lang: "en", number-type: "lining")
#show heading: set text(font: "Alegreya")

// What was earned of what there was, as a bar.
#let bar(skill) = box(width: 26mm, height: 6pt, stroke: 0.5pt + ink, {
  let share = if skill.available > 0 { skill.earned / skill.available } else { 0 }
  box(width: 100% * share, height: 100%, fill: rgb("#8a94a6"))
})

#let slip(one) = block(breakable: false, width: 100%, inset: (y: 9pt), {
  grid(
    columns: (1fr, auto),
    heading(level: 2, outlined: false, typed(one.name)),
    text(size: 14pt, weight: "bold", {
      [#one.total / #data.available]
      if one.grade != "" [ · #typed(one.grade)]
    }),
  )
  text(size: 9.5pt, fill: faint, typed(data.title) + [ · ] + data.about)
  v(3pt)
  table(
    // As many rows as it takes, filled alike.
    columns: calc.max(1, calc.ceil(one.items.len() / calc.max(1, calc.ceil(one.items.len() / 16)))),
    stroke: 0.4pt + rgb("#b9c0cc"),
    inset: 3pt,
    align: center,
    ..one.items.map(item => {
      text(size: 7.5pt, fill: faint, item.label)
      linebreak()
      item.marks
    }),
  )
  if one.skills.len() > 0 {
    v(3pt)
    grid(
      columns: (auto, auto, auto, 1fr, auto, auto, auto),
      column-gutter: 5pt,
      row-gutter: 4pt,
      align: horizon,
      ..one.skills.enumerate().map(((at, skill)) => (
        typed(skill.title),
        bar(skill),
        [#skill.earned / #skill.available],
        ..if calc.even(at) { ([],) },
      )).flatten(),
    )
  }
  if one.wrong.len() > 0 {
    block(above: 7pt, below: 0pt, {
      [*Where it went wrong first*]
      v(1pt)
      grid(
        columns: (1fr, 1fr),
        column-gutter: 8mm,
        row-gutter: 4pt,
        ..one.wrong.map(first => {
          [*#first.label* #h(3pt) #typed(first.step): you wrote ]
          text(font: "Andika", size: 9.5pt, typed(first.written))
          [, right is ]
          text(font: "Andika", size: 9.5pt, weight: "bold", maths(first.right))
        }),
      )
    })
  }
  if one.practise.len() > 0 {
    block(above: 7pt, below: 0pt, {
      [*To practise*]
      list(marker: [–], ..one.practise.map(thing => {
        typed(thing.title)
        if thing.watch != "" [. Watch out for this: #emph(typed(thing.watch))]
      }))
    })
  }
  for comment in one.comments {
    block(above: 6pt, [*#comment.label* #h(4pt) #typed(comment.text)])
  }
  v(4pt)
  line(length: 100%, stroke: (paint: faint, thickness: 0.5pt, dash: "dashed"))
})

#heading(level: 1, typed(data.title))
#for one in data.slips { slip(one) }
#if data.slips.len() == 0 [Nothing is marked yet.]
