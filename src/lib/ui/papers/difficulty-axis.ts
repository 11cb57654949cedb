import type { ApexOptions } from 'apexcharts';
import { EASY, HARD } from '../format';

/** The axis of a chart of difficulties: all values in view, the bands named instead of numbers, with lines between them. */
export function difficultyAxis(
  values: readonly number[],
  colour: (name: string) => string
): Pick<ApexOptions, 'yaxis' | 'annotations'> {
  const min = Math.floor(Math.min(2 * EASY, ...values));
  const max = Math.ceil(Math.max(2 * HARD, ...values));
  const line = (y: number) => ({ y, borderColor: colour('--faint'), strokeDashArray: 0 });
  const names = new Map([
    [Math.round((min + EASY) / 2), 'easy'],
    [0, 'middling'],
    [Math.round((max + HARD) / 2), 'hard']
  ]);
  return {
    yaxis: {
      min,
      max,
      tickAmount: max - min,
      labels: { formatter: (value: number) => names.get(Math.round(value)) ?? '' }
    },
    annotations: { yaxis: [line(EASY), line(HARD)] }
  };
}
