/** A measurable property of an item, and the values it can have within the skill's limits. */
export type FeatureSpec =
  | {
      readonly id: string;
      readonly kind: 'number';
      readonly min: number;
      readonly max: number;
      /** The values it can have, where they are not all from min to max. */
      readonly steps?: readonly number[];
    }
  | { readonly id: string; readonly kind: 'choice'; readonly values: readonly string[] }
  | { readonly id: string; readonly kind: 'flag' };

export type FeatureValue = number | string | boolean;
export type Features = Readonly<Record<string, FeatureValue>>;
