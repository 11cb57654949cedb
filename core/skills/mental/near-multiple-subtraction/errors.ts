import type { ErrorPattern } from '../../skill';
import { map, whole } from '../../../working';
import type { Given } from './operands';

const OFF = { suited: true };

/** Compensation done the wrong way, or not at all. */
export const errorPatterns: readonly ErrorPattern<Given>[] = [
  {
    id: 'compensated-wrong-way',
    shownBy: OFF,
    replacements: ({ change }) => {
      const wrongWay = (multiple: bigint) => BigInt(change) - multiple;
      return {
        adjustment: {
          uses: ['multiple'],
          rule: (get) => map(whole(get('multiple')), wrongWay),
          // It is written with either sign; only the answer shows which way it went.
          accepts: (written, get) => {
            const by = map(whole(get('multiple')), wrongWay);
            return by !== undefined && (written === by || written === -by);
          }
        },
        answer: {
          uses: ['difference', 'multiple'],
          rule: (get) =>
            map(whole(get('difference')), (difference) =>
              map(whole(get('multiple')), (multiple) => difference + wrongWay(multiple))
            )
        }
      };
    }
  },
  {
    id: 'compensation-forgotten',
    shownBy: OFF,
    replacements: () => ({ adjustment: { uses: [], rule: () => 0n } })
  }
];
