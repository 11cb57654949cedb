/** A measurable property of an item, and the values it can have within the skill's limits. */
export type FeatureSpec =
  | {
      readonly id: string;
      readonly kind: 'number';
      readonly min: number;
      readonly max: number;
      /** The values it can have, where they are not all from min to max. */
      readonly steps?: readonly number[];
      /** Items start here unless a smaller value is asked for. */
      readonly usualMin?: number;
    }
  | { readonly id: string; readonly kind: 'choice'; readonly values: readonly string[] }
  | { readonly id: string; readonly kind: 'flag' }
  /** Pairs of digits that are multiplied, like `3x7`; it is controlled by the digits that are allowed. */
  | { readonly id: string; readonly kind: 'tables'; readonly values: readonly string[] };

export type FeatureValue = number | string | boolean | readonly string[];
export type Features = Readonly<Record<string, FeatureValue>>;
