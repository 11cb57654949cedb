/** A round number and what is made up to it, digit by digit below the head of the round number. */
export interface Look {
  readonly target: string;
  readonly number: string;
  /** Zeros of the target: the places where the number is made up. */
  readonly places: number;
  /** The digits of the number from the ones up, padded with zeros to the length of the target. */
  readonly digits: readonly number[];
  /** The place of its last digit that is not 0. */
  readonly lastPlace: number;
}

export function lookAt({ target, number }: { target: string; number: string }): Look {
  const digits = [...number.padStart(target.length, '0')].reverse().map(Number);
  return {
    ...{ target, number, digits, places: target.length - 1 },
    lastPlace: digits.findIndex((digit) => digit > 0)
  };
}

/** The first digit of the target, which is all of it but zeros. */
export const headOf = ({ target }: Look): number => Number(target[0]);

export const isPowerOfTen = (look: Look): boolean => headOf(look) === 1;

/** Whether nothing but zeros stands under the zeros of the target, so that its head is not reduced. */
export const isUnderHead = ({ lastPlace, places }: Look): boolean => lastPlace >= places;
