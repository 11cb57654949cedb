import type { Context } from './context';
import type { Plot, Remainder } from './plot';

/** A sentence, and the quantity that is told in it. */
export interface Sentence {
  readonly template: string;
  readonly quantity?: string;
  readonly isBeside?: boolean;
}

/** The sentences of a plot in the order in which they are told; the question is the last. */
export function sentencesOf(plot: Plot, beside: readonly string[] = []): Sentence[] {
  const { story, moves, told, asked, context, remainder } = plot;
  const isTold = new Set(told.map(({ id }) => id));
  const found = new Set(moves.map(({ id }) => id));
  const facts = Object.entries(story.parts).flatMap(([id, [, tell, some]]): Sentence[] => {
    if (isTold.has(id)) return [{ template: tell, quantity: id }];
    return found.has(id) && some !== '' ? [{ template: some }] : [];
  });
  const more = beside.map((id): Sentence => {
    return { template: context.beside[id]![1], quantity: id, isBeside: true };
  });
  // What is not needed stands before the story or behind it, so that no word of the story is taken to be about it.
  const isBefore = ({ quantity }: Sentence) => standsBefore(context, quantity!);
  return [
    ...more.filter(isBefore),
    ...facts,
    ...more.filter((one) => !isBefore(one)),
    questionOf(plot, asked, remainder)
  ];
}

/** Whether something that is told beside stands before the story: every other thing does. */
export const standsBefore = ({ beside }: Context, id: string): boolean =>
  Object.keys(beside).indexOf(id) % 2 === 0;

function questionOf({ story }: Plot, asked: string, remainder: Remainder): Sentence {
  const asks = story.parts[asked]![3];
  return { template: typeof asks === 'string' ? asks : asks[remainder]! };
}

/** The sentences of one relation: what its words tell of the operation. */
export function sentencesOfMove(plot: Plot, at: number): string {
  const { link } = plot.moves[at]!;
  const isLast = at === plot.moves.length - 1;
  const parts = link.quantities.map((id) => {
    const [, tell, some] = plot.story.parts[id]!;
    const told = plot.told.find((one) => one.id === id);
    // The word stands in the slot: *{} as many* is *8 times as many*.
    return told ? (told.unit === 'times' ? tell.replace('{}', '{} times') : tell) : some;
  });
  const question = isLast ? questionOf(plot, plot.asked, plot.remainder).template : '';
  return [...parts, question].join(' ');
}
