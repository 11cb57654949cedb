import type { HouseStyle } from '../house-style';

/** A word that may depend on the house style. */
export type Title = string | ((style: HouseStyle) => string);

/** A word as the house says it. */
export const titleIn = (title: Title, style: HouseStyle): string =>
  typeof title === 'string' ? title : title(style);

/** A value, or several: the names that occur in an item, or what is measured of each of its calculations. */
export type FeatureValue = number | string | boolean | readonly FeatureValue[];
export type Features = Readonly<Record<string, FeatureValue>>;

/** The values a feature can have within the skill's limits, and what may be asked of them. */
type Limits =
  | {
      readonly kind: 'number';
      readonly min: number;
      readonly max: number;
      /** The values it can have, where they are not all from min to max. */
      readonly steps?: readonly number[];
      /** Items start here unless a smaller value is asked for. */
      readonly usualMin?: number;
      /** What is above this is asked for as "so many or more"; up to the limit if absent. */
      readonly askedTo?: number;
    }
  | { readonly kind: 'choice'; readonly values: readonly string[] }
  | {
      readonly kind: 'flag';
      /** Items have this value unless the other is asked for. */
      readonly usual?: boolean;
    }
  /** Pairs of digits that are multiplied, like `3x7`; it is controlled by the digits that are allowed. */
  | { readonly kind: 'tables'; readonly values: readonly string[] }
  /** All names that occur in an item; its control says which may. */
  | { readonly kind: 'list'; readonly values: readonly string[] };

/** What a reader of controls needs to know of a feature. */
export type FeatureSpec = Limits & { readonly id: string };

/** A measurable property of an item, declared once: its limits, its words, and how it is measured. */
export type Feature<Look> = Limits & {
  readonly title: Title;
  readonly meaning: string;
  readonly measure: (look: Look) => FeatureValue;
};

type More = Partial<Pick<Extract<Limits, { kind: 'number' }>, 'usualMin' | 'askedTo'>>;

/** A feature that counts something, from least to most. */
export function count<Look>(
  [min, max]: readonly [number, number],
  title: Title,
  meaning: string,
  measure: (look: Look) => number,
  more: More = {}
): Feature<Look> {
  return { kind: 'number', min, max, ...more, title, meaning, measure };
}

/** A feature that holds or does not. */
export function flag<Look>(
  title: Title,
  meaning: string,
  measure: (look: Look) => boolean,
  usual?: boolean
): Feature<Look> {
  return { kind: 'flag', ...(usual !== undefined && { usual }), title, meaning, measure };
}

/**
 * The features that are offered under some controls: those of the arithmetic, `column-addition/carries`, once that
 * arithmetic is asked for, or they themselves are.
 */
export function openFeatures<One extends { readonly id: string }>(
  features: readonly One[],
  controls: Readonly<Record<string, unknown>>
): One[] {
  const { arithmetic } = controls;
  return features.filter(({ id }) => {
    const [skill, own] = id.split('/');
    if (own === undefined || id in controls) return true;
    return Array.isArray(arithmetic) && arithmetic.includes(skill);
  });
}

/** Whether a value is one that items have only where it is asked for. */
export function isUnusual(feature: FeatureSpec, value: FeatureValue): boolean {
  switch (feature.kind) {
    case 'flag':
      return feature.usual !== undefined && value !== feature.usual;
    case 'number':
      return feature.usualMin !== undefined && Number(value) < feature.usualMin;
    default:
      return false;
  }
}

/** A feature with a few named values, or a few numbers. */
export function oneOf<Look, Value extends string | number>(
  values: readonly Value[],
  title: Title,
  meaning: string,
  measure: (look: Look) => Value
): Feature<Look> {
  const words = { title, meaning, measure };
  const numbers = values.filter((value): value is Value & number => typeof value === 'number');
  return numbers.length > 0
    ? {
        kind: 'number',
        min: Math.min(...numbers),
        max: Math.max(...numbers),
        steps: numbers,
        ...words
      }
    : { kind: 'choice', values: values as readonly string[], ...words };
}

/** The names of a few that occur in an item. */
export function list<Look>(
  values: readonly string[],
  title: Title,
  meaning: string,
  measure: (look: Look) => readonly string[]
): Feature<Look> {
  return { kind: 'list', values, title, meaning, measure };
}

/** The pairs of digits that must be known, both at least 2. */
export function tables<Look>(
  title: Title,
  meaning: string,
  measure: (look: Look) => readonly string[]
): Feature<Look> {
  return { kind: 'tables', values: [...'23456789'], title, meaning, measure };
}
