/** Parts an exam may have. */
export const MOST_EXAM_PARTS = 150;

/** Questions with their parts, in sections. */
interface Sections<Part> {
  readonly sections: readonly {
    readonly questions: readonly { readonly parts: readonly Part[] }[];
  }[];
}

/** All parts of an exam, in order. */
export function partsIn<Part>({ sections }: Sections<Part>): Part[] {
  return sections.flatMap(({ questions }) => questions.flatMap(({ parts }) => parts));
}
