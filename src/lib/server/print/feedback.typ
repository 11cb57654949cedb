#let data = json("data.json")
#let ink = rgb("#1d2433")
#let faint = rgb("#5b6275")

#set document(title: data.title + " – feedback", author: "Zealous Quill")
#set page(paper: data.paper, margin: (x: 17mm, top: 14mm, bottom: 14mm))
#set text(font: "Alegreya Sans", size: 11pt, fill: ink, lang: "en", number-type: "lining")
#show heading: set text(font: "Alegreya")

// What was typed may break anywhere within a word that is longer than any real one.
#let typed(text) = {
  show regex("\\S{25,}"): it => it.text.clusters().map(box).join()
  text
}

#let slip(one) = block(breakable: false, width: 100%, inset: (y: 9pt), {
  grid(
    columns: (1fr, auto),
    heading(level: 2, outlined: false, typed(one.name)),
    text(size: 14pt, weight: "bold", [#one.total / #data.available]),
  )
  text(size: 9.5pt, fill: faint, typed(data.title) + [ · ] + data.about)
  v(3pt)
  table(
    columns: calc.min(16, one.items.len()),
    stroke: 0.4pt + rgb("#b9c0cc"),
    inset: 3pt,
    align: center,
    ..one.items.map(item => {
      text(size: 7.5pt, fill: faint, item.label)
      linebreak()
      item.marks
    }),
  )
  for comment in one.comments {
    block(above: 6pt, [*#comment.label* #h(4pt) #typed(comment.text)])
  }
  v(4pt)
  line(length: 100%, stroke: (paint: faint, thickness: 0.5pt, dash: "dashed"))
})

#heading(level: 1, typed(data.title))
#for one in data.slips { slip(one) }
#if data.slips.len() == 0 [Nothing is marked yet.]
