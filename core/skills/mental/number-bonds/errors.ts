import { ANSWER, constant } from '../../../working';
import { pattern } from '../../../skill/define';
import { missingIn, onesMakeTen, type Given } from './numbers';

// Common practice; no published catalogue is known.
export const patterns = {
  'all-to-ten': pattern(
    'Tens made up to ten as well',
    'The last digits make ten, and the tens are made up to all the tens of the total, though one ten is there already.',
    (item: Given) =>
      onesMakeTen(item) ? { [ANSWER]: constant(BigInt(missingIn(item) + 10)) } : undefined,
    { tens: false, total: { min: 20 } }
  ),
  'numbers-added': pattern(
    'Both numbers added',
    'The two numbers that are written are added, as if the total were missing.',
    ({ total, part }: Given) => ({ [ANSWER]: constant(BigInt(total) + BigInt(part)) })
  )
};
