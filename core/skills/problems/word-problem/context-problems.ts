import { tryWithin } from '../../../spaces';
import { measureProblem, type Asks, type Context, type Story } from './context';
import { readLink } from './links';
import { numbersKey, PlotNumbers } from './numbers';
import type { Plot, Remainder } from './plot';
import { movesOf, plotsOf } from './plots';
import { isUnit } from './units';

/** Something that a context lacks, at the field where it is mended: `measures/flour/to`, `stories/0/parts/start/told`. */
export interface ContextProblem {
  readonly field: string;
  readonly says: string;
  /** It keeps one question from being asked, and nothing else. */
  readonly isHint?: boolean;
}

/** Work that counting the problems of one context may take: those that come with the skill take 60,000 to 200,000. */
const MOST_WORK = 220_000;

/** The fewest people: a problem tells of three at the most. */
const FEWEST_PEOPLE = 3;

/** All that keeps problems from being told in a context; none if it is sound. */
export function contextProblems(context: Context): ContextProblem[] {
  const words = [...inHead(context), ...inMeasures(context), ...inStories(context)];
  // What cannot be read cannot be counted.
  return words.length > 0 ? words : inNumbers(context);
}

function* inHead({ title, actors, things, stories }: Context): Generator<ContextProblem> {
  if (title.trim() === '') yield { field: 'title', says: 'The context needs a title.' };
  if (new Set(actors).size < FEWEST_PEOPLE) {
    yield { field: 'actors', says: `Name at least ${FEWEST_PEOPLE} different people.` };
  }
  const odd = actors.find((actor) => !/^\p{Lu}[\p{L}'-]+$/u.test(actor));
  if (odd !== undefined) {
    yield { field: 'actors', says: `A name is one word with a capital letter; “${odd}” is not.` };
  }
  for (const [id, [one, many]] of Object.entries(things)) {
    if (one.trim() === '' || many.trim() === '') {
      yield { field: `things/${id}`, says: 'Write what one is called, and what several are.' };
    }
  }
  if (stories.length === 0) yield { field: 'stories', says: 'Tell at least one story.' };
}

function* inMeasures(context: Context): Generator<ContextProblem> {
  for (const [id, measure] of Object.entries(context.measures)) {
    const field = `measures/${id}`;
    const isKnown = measure.unit
      .split('/')
      .every((one) => isUnit(one) || Object.hasOwn(context.things, one));
    if (!isKnown)
      yield { field: `${field}/unit`, says: 'Choose what it is counted or measured in.' };
    const problem = measureProblem(measure);
    if (problem) yield { field: `${field}/${problem.field}`, says: `This ${problem.says}.` };
  }
  for (const [id, [measure, text]] of Object.entries(context.beside)) {
    const field = `beside/${id}`;
    const isOfStory = context.stories.some(({ parts }) => Object.hasOwn(parts, id));
    if (isOfStory) yield { field, says: 'A quantity of a story has this name already.' };
    if (!Object.hasOwn(context.measures, measure)) yield { field, says: 'Choose a measure.' };
    const problem = toldProblem(text);
    if (problem) yield { field, says: problem };
  }
}

function* inStories(context: Context): Generator<ContextProblem> {
  for (const [at, story] of context.stories.entries()) {
    const field = `stories/${at}`;
    const links = story.links.map(readLink);
    for (const [place, link] of links.entries()) {
      const isWhole = link?.quantities.every((id) => Object.hasOwn(story.parts, id));
      if (!isWhole) {
        yield { field: `${field}/links/${place}`, says: 'Each quantity needs a name of its own.' };
      }
    }
    yield* inParts(context, story, field);
    if (links.includes(undefined)) continue;
    if (Object.values(story.parts).every((part) => questionsOf(part[3]).length === 0)) {
      yield { field, says: 'Ask for one of its quantities at least.' };
    }
  }
}

function* inParts(
  { measures }: Context,
  { parts }: Story,
  field: string
): Generator<ContextProblem> {
  for (const [id, [names, told, instead, asks]] of Object.entries(parts)) {
    const at = `${field}/parts/${id}`;
    if (!names.split('|').every((one) => Object.hasOwn(measures, one))) {
      yield { field: `${at}/measure`, says: 'Choose a measure.' };
    }
    const problems = [
      ['told', told === '' ? undefined : toldProblem(told)],
      ['instead', instead === '' ? undefined : sentenceProblem(instead, '.')],
      ...questionsOf(asks).map(([kind, text]) => [askedField(kind), sentenceProblem(text, '?')])
    ] as const;
    for (const [text, says] of problems) if (says) yield { field: `${at}/${text!}`, says };
  }
}

/** The field of a question by what becomes of what is left; `asked` for the usual one. */
const askedField = (kind: Remainder): string => (kind === 'none' ? 'asked' : `asked/${kind}`);

const questionsOf = (asks: Asks): [kind: Remainder, text: string][] =>
  typeof asks === 'string'
    ? asks === ''
      ? []
      : [['none', asks]]
    : (Object.entries(asks) as [Remainder, string][]).filter(([, text]) => text !== '');

/** What is wrong with a sentence that tells a number. */
function toldProblem(text: string): string | undefined {
  const slots = text.match(/\{#?\}/g) ?? [];
  if (slots.length !== 1) return 'Write {} once, where the number with its unit goes.';
  // What is put in never asks for another article.
  if (/\ban? \{#?\}/i.test(text)) return 'A number follows here: leave out “a” and “an”.';
  return sentenceProblem(text.replace(slots[0], ''), '.');
}

function sentenceProblem(text: string, end: '.' | '?'): string | undefined {
  if (/\{#?\}/.test(text)) return 'No number is told here: leave out {}.';
  const odd = /\{[^ABC]?\}|\{[^}]{2,}\}?|\{.?$|[}#]/.exec(text.replaceAll(/\{[ABC]\}/g, ''))?.[0];
  if (odd !== undefined) return `“${odd}” is no slot: people are {A}, {B} and {C}.`;
  if (/\d/.test(text)) return 'Numbers come from the slots alone.';
  if (!/^\s?\S/.test(text) || !text.endsWith(end)) {
    return end === '.' ? 'End the sentence with a full stop.' : 'End the question with “?”.';
  }
  return /^[\p{Lu}{ ]/u.test(text) ? undefined : 'Begin with a capital letter.';
}

/** Questions to which nothing leads, or for which there are no numbers. */
function inNumbers(context: Context): ContextProblem[] {
  const problems = tryWithin(MOST_WORK, () => {
    const plots = plotsOf([context]);
    const counted = new Map<string, boolean>();
    const hasNumbers = (plot: Plot): boolean => {
      const key = numbersKey(plot);
      const known = counted.get(key) ?? new PlotNumbers(plot, () => true).counts().size > 0;
      counted.set(key, known);
      return known;
    };
    // Each is counted, so that what all of them take is known.
    const able = new Set(plots.filter(hasNumbers));
    return [...questionProblems(context, plots, able)];
  });
  return (
    problems ?? [
      {
        field: 'measures',
        says: 'These measures have too many numbers together: give them larger steps, or ends that lie closer.'
      }
    ]
  );
}

function* questionProblems(
  { stories }: Context,
  plots: readonly Plot[],
  able: ReadonlySet<Plot>
): Generator<ContextProblem> {
  for (const [at, story] of stories.entries()) {
    // One question that cannot be asked is left out; a story without any other cannot be told.
    const isTold = plots.some((plot) => plot.story === story && able.has(plot));
    for (const [id, part] of Object.entries(story.parts)) {
      for (const [kind] of questionsOf(part[3])) {
        const own = plots.filter(
          (plot) => plot.story === story && plot.asked === id && plot.remainder === kind
        );
        const field = `stories/${at}/parts/${id}/${askedField(kind)}`;
        if (!movesOf(story, id)) {
          yield { field, says: 'What is told does not lead to this: tell the other quantities.' };
        } else if (own.length === 0) {
          yield { field, says: 'The units do not go together: choose other measures.' };
        } else if (!own.some((plot) => able.has(plot))) {
          yield { field, says: noNumbers(kind), ...(isTold && { isHint: true }) };
        }
      }
    }
  }
}

const noNumbers = (kind: Remainder): string =>
  kind === 'none'
    ? 'This is never asked: no skill works it, or what comes out lies outside its measure.'
    : 'This is never asked: nothing is ever left, or what comes out lies outside its measure.';
