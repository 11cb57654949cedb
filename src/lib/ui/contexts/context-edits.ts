import type { Context } from '@zealous-quill/core/catalogue';
import { relationOf, relations } from './relations';

type Story = Context['stories'][number];
type Part = Story['parts'][string];
export type MeasureOf = Context['measures'][string];

/** A new context: one story that can be told at once, to be written over. */
export const startContext = (title: string): Omit<Context, 'id' | 'version'> => ({
  title,
  actors: ['Wenna', 'Cador', 'Lowen', 'Morwenna'],
  things: { lamp: ['lamp', 'lamps'] },
  measures: { lamps: { unit: 'lamp', from: 120, to: 960, step: 24 } },
  stories: [
    {
      links: ['change- start change result'],
      parts: {
        start: [
          'lamps',
          '{A} has {} to sell.',
          '{A} has lamps to sell.',
          'How many lamps did {A} have at first?'
        ],
        change: [
          'lamps',
          'In the morning {A} sells {}.',
          'In the morning {A} sells some of them.',
          'How many lamps does {A} sell in the morning?'
        ],
        result: ['lamps', 'At noon {} are left.', '', 'How many lamps are left at noon?']
      }
    }
  ],
  beside: {}
});

/** A name that nothing else has: the word itself, or with a number behind it. */
export function freeName(word: string, taken: readonly string[]): string {
  for (let turn = 1; ; turn++) {
    const name = turn === 1 ? word : `${word}-${turn}`;
    if (!taken.includes(name)) return name;
  }
}

/** What somebody types as a name, made one: small letters, hyphens, a letter first. */
export const nameFrom = (typed: string, usual: string): string =>
  typed
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[-0-9]+|-+$/g, '')
    .slice(0, 26) || usual;

/** Names of people as they are typed: with commas or spaces between them. */
export const namesFrom = (typed: string): string[] =>
  typed.split(/[\s,;]+/).filter((name) => name !== '');

const firstMeasure = (context: Context): string => Object.keys(context.measures)[0] ?? '';

const emptyPart = (context: Context): Part => [firstMeasure(context), '', '', ''];

const withParts = (context: Context, story: Story, ids: readonly string[]): Story => ({
  ...story,
  // In the order in which the relations name them; what no relation names is gone.
  parts: Object.fromEntries(ids.map((id) => [id, story.parts[id] ?? emptyPart(context)]))
});

/** The quantities that some relations name, each once. */
const quantitiesIn = (links: readonly string[]): string[] => [
  ...new Set(links.flatMap((link) => relationOf(link).quantities))
];

/** A relation with quantities of its own, but for the first, which may be one of those that are there. */
function linkWith(head: string, taken: readonly string[], first?: string): string {
  const { roles } = relations.find((one) => one.head === head)!;
  const ids = [...taken];
  const names = roles.map((role, at) => {
    const name = at === 0 && first !== undefined ? first : freeName(role, ids);
    ids.push(name);
    return name;
  });
  return [head, ...names].join(' ');
}

/** Another story, of the first relation that no story has yet. */
export function withStory(context: Context): Context {
  const used = new Set(context.stories.map(({ links }) => relationOf(links[0]!).relation.head));
  const { head } = relations.find((one) => !used.has(one.head)) ?? relations[0]!;
  const links = [linkWith(head, [])];
  const story = withParts(context, { links, parts: {} }, quantitiesIn(links));
  return { ...context, stories: [...context.stories, story] };
}

/** A story with one of its relations changed to another: texts of quantities that stay in their places stay. */
export function withRelation(context: Context, story: Story, at: number, head: string): Story {
  const { relation, quantities } = relationOf(story.links[at]!);
  const { roles } = relations.find((one) => one.head === head)!;
  const others = quantitiesIn(story.links.filter((_, place) => place !== at));
  const ids = roles.map((role, place) => {
    const was = quantities[place]!;
    return relation.roles[place] === role || others.includes(was)
      ? was
      : freeName(role, [...others, ...quantities]);
  });
  const links = story.links.map((link, place) => (place === at ? [head, ...ids].join(' ') : link));
  const parts = Object.fromEntries(
    quantities.map((was, place) => [ids[place]!, story.parts[was] ?? emptyPart(context)])
  );
  return withParts(context, { links, parts: { ...story.parts, ...parts } }, quantitiesIn(links));
}

/** A story with one relation more, which goes on from what the last one gives. */
export function withFurther(context: Context, story: Story): Story {
  const ids = quantitiesIn(story.links);
  const from = relationOf(story.links.at(-1)!).quantities.at(-1)!;
  const links = [...story.links, linkWith('change-', ids, from)];
  return withParts(context, { ...story, links }, quantitiesIn(links));
}

export function withoutRelation(context: Context, story: Story, at: number): Story {
  const links = story.links.filter((_, place) => place !== at);
  return withParts(context, { ...story, links }, quantitiesIn(links));
}

/** A story in which a place of a relation is another quantity: one of those there are, or a new one. */
export function withQuantity(
  context: Context,
  story: Story,
  { link: at, place, id }: { link: number; place: number; id: string | null }
): Story {
  const { relation, quantities } = relationOf(story.links[at]!);
  const name = id ?? freeName(relation.roles[place]!, quantitiesIn(story.links));
  const ids = quantities.map((was, one) => (one === place ? name : was));
  const links = story.links.map((link, one) =>
    one === at ? [relation.head, ...ids].join(' ') : link
  );
  return withParts(context, { ...story, links }, quantitiesIn(links));
}

/** A measure under another name, everywhere. */
export function renameMeasure(context: Context, was: string, name: string): Context {
  if (was === name || name in context.measures) return context;
  const renamed = (names: string) =>
    names
      .split('|')
      .map((one) => (one === was ? name : one))
      .join('|');
  return {
    ...context,
    measures: Object.fromEntries(
      Object.entries(context.measures).map(([id, one]) => [id === was ? name : id, one])
    ),
    stories: context.stories.map((story) => ({
      ...story,
      parts: Object.fromEntries(
        Object.entries(story.parts).map(([id, [names, ...texts]]) => [
          ...[id, [renamed(names), ...texts] as Part]
        ])
      )
    })),
    beside: Object.fromEntries(
      Object.entries(context.beside).map(([id, [measure, text]]) => [id, [renamed(measure), text]])
    )
  };
}

/** A list of named values with one of them changed, put to them, or taken out. */
export function withEntry<Value>(
  all: Readonly<Record<string, Value>>,
  id: string,
  value: Value | null
): Record<string, Value> {
  const next = Object.entries(all).flatMap(([name, one]): [string, Value][] => {
    if (name !== id) return [[name, one]];
    return value === null ? [] : [[name, value]];
  });
  return Object.fromEntries(id in all || value === null ? next : [...next, [id, value]]);
}

/** Units that a measure can be in: those everybody knows, what the context counts, and so much for each of it. */
export function unitsFor({
  things
}: Pick<Context, 'things'>): readonly (readonly [string, string])[] {
  const own = Object.entries(things).map(([id, [, many]]) => [id, many || id] as const);
  const prices = Object.entries(things).map(
    ([id, [one]]) => [`£/${id}`, `£ for a ${one || id}`] as const
  );
  return [...own, ...KNOWN_UNITS, ...prices];
}

const KNOWN_UNITS: readonly (readonly [string, string])[] = [
  ...['g', 'kg', 't', 'ml', 'l', 'mm', 'cm', 'm', 'km', 'p', '£'].map((one) => [one, one] as const),
  ...(['minute', 'hour', 'day', 'week'] as const).map((one) => [one, `${one}s`] as const),
  ['times', 'times as many'],
  ['£/kg', '£ a kilogram'],
  ['£/l', '£ a litre'],
  ['£/m', '£ a metre'],
  ['£/hour', '£ an hour'],
  ['km/hour', 'km an hour'],
  ['m/minute', 'm a minute'],
  ['l/minute', 'l a minute']
];
