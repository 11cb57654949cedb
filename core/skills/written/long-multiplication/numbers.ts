export const MULTIPLICAND = [2, 4] as const;
export const MULTIPLIER = [2, 3] as const;
