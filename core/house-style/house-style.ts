import { usualAdvice } from './advice';
import { USUAL_INSTRUCTIONS } from './instructions';
import type { HouseStyle } from './schema';
import { usualTiming } from './timing';

export type { HouseStyle };

/** What a department writes until it says otherwise: what the schema gives where nothing is said. */
export const defaultHouseStyle: HouseStyle = {
  firstPlace: 'ones',
  takingTen: 'regroup',
  carryPosition: 'above',
  crossOff: false,
  answerRules: 'one',
  headings: 'letters',
  methods: {},
  fractionAnswers: 'mixed',
  simplestForm: 'asked',
  decimalAnswers: 'open',
  verb: 'factorise',
  spelling: 'british',
  blankPlaces: 'filled',
  trailingZeros: 'ignored',
  timesSign: 'cross',
  divideSign: 'obelus',
  divisionAsked: 'in-turn',
  remainder: 'r',
  longDivision: 'above',
  placeholder: 'zero',
  advice: usualAdvice,
  timing: usualTiming,
  decimalMark: 'point',
  grouping: 'space',
  department: '',
  instructions: USUAL_INSTRUCTIONS,
  paper: 'a4',
  squares: 7
};

/** Grouping by commas cannot stand beside a decimal comma; says so, or gives undefined if all is well. */
export function houseStyleConflict(style: HouseStyle): 'comma-twice' | undefined {
  return style.decimalMark === 'comma' && style.grouping === 'comma' ? 'comma-twice' : undefined;
}
