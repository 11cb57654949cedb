import { takingWords } from '../../../house-style';
import { digitAt, fromDigits, toDigits } from '../../../numbers';
import { constant, rulesOf, type Replacements } from '../../../working';
import type { Columns, School } from '../../../methods/columns/difference/columns';
import {
  byColumn,
  passingZeros,
  untouched,
  type Rules
} from '../../../methods/columns/difference/errors';
import {
  ACROSS,
  DECOMPOSITION,
  differencePatterns
} from '../../../methods/columns/difference/patterns';
import { inSettingOut, pattern } from '../../../skill/define';
import type { ErrorPattern } from '../../../skill/skill';
import { columnsOf, type Given } from './numbers';
import { subtractionSteps } from './working';

type Build = (columns: Columns, school: School) => Replacements | undefined;

const built =
  (build: Build): ErrorPattern<Given>['instead'] =>
  (given, _graph, school) =>
    build(columnsOf(given), school as School);

/** The error patterns of column subtraction in the order of the catalogue (Brown & Burton 1978; VanLehn 1990). */
export const errorPatterns = {
  ...differencePatterns<Given>((given) => columnsOf(given), {
    regroupings: { min: 1 },
    zeros: { min: 1 }
  }),
  'always-regroups': pattern(
    (style) => `Always ${takingWords(style).acts}`,
    'Every column but the leftmost gets ten from its neighbour, needed or not.',
    built(alwaysRegroups),
    { digits: { min: 2 } }
  ),
  'aligned-left': inSettingOut(
    pattern(
      'Aligned left',
      'Numbers of unequal length are lined up at the left.',
      built(alignedLeft),
      { digits: 3, shortest: { max: 2 } }
    )
  ),
  'adds-instead': pattern('Adds instead', 'The numbers are added.', built(addsInstead)),
  'zero-becomes-ten': pattern(
    'Zero becomes ten',
    'A zero that is passed becomes ten and stays ten.',
    built((columns) => passingZeros(columns, 10n)),
    ACROSS,
    DECOMPOSITION
  )
};

function alwaysRegroups(columns: Columns, school: School): Rules {
  const last = columns.top.length - 1;
  const ten = (p: number) => (p < last ? 10 : 0);
  const one = (p: number) => (p > 0 ? 1 : 0);
  return byColumn(columns, (top, bottom, p): Rules => {
    if (school === 'decomposition') {
      return { [`rewritten.${p}`]: constant(top - one(p) + ten(p)) };
    }
    return {
      [`raised.${p}`]: constant(top + ten(p)),
      ...(p > 0 && { [`increased.${p}`]: constant(bottom + 1) })
    };
  });
}

function alignedLeft(columns: Columns, school: School): Replacements | undefined {
  const { top, bottom } = columns;
  const length = bottom.findLastIndex((digit) => digit > 0) + 1;
  const shift = top.length - length;
  if (shift === 0) return {};
  const shifted = top.map((_, p) => (p < shift ? 0 : bottom[p - shift]!));
  if (fromDigits(top) < fromDigits(shifted)) return undefined;
  return rulesOf(subtractionSteps({ ...columns, bottom: shifted }, school));
}

function addsInstead(columns: Columns, school: School): Rules {
  const { top, bottom } = columns;
  const sum = toDigits(fromDigits(top) + fromDigits(bottom));
  const last = top.length - 1;
  return {
    ...untouched(columns, school),
    ...byColumn(columns, (_top, _bottom, p) => ({
      [`digit.${p}`]: constant(p < last ? sum[p]! : digitAt(sum, p) + 10 * digitAt(sum, p + 1))
    }))
  };
}
