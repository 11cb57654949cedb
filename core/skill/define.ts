import {
  type Advice,
  type HouseStyle,
  defaultHouseStyle,
  usualAdvice,
  withSigns,
  writeText
} from '../house-style';
import type { BarModel, Shown } from '../bars';
import type { Scheme } from '../schemes';
import { graphOf, type Layout, type Replacements, type Step, type Symmetry } from '../working';
import { keepRecent, type ItemSpace } from '../spaces';
import type { SkillCard } from './card';
import type { Controls } from './controls';
import type { Feature, Title } from './feature';
import type { GivenForm } from './given/form';
import type { Asking, ErrorPattern, RungKind, RungPlan, Skill } from './skill';
import type { Wanted } from './request';
import type { Prediction } from './prediction';

/** Everything that is true of one skill, each thing said once. */
export interface Declaration<Given, Look> {
  readonly card: SkillCard;
  readonly given: GivenForm<Given>;
  readonly answerSign?: string;
  /** What the features are measured from. */
  look(given: Given): Look;
  readonly features: Readonly<Record<string, Feature<Look>>>;
  items(wanted: Wanted): ItemSpace<Given>;
  /** Items that ask nothing of the skill. */
  readonly degenerate?: readonly Given[];
  /** The steps of the working in each school, in the order in which a hand does them. */
  readonly working: Readonly<Record<string, (given: Given) => Working>>;
  sheet(given: Given, school: string, style: HouseStyle): Layout;
  readonly marks: Scheme | ((given: Given, school: string, style: HouseStyle) => Scheme);
  /** What earns a method mark, in a marker's words, by the first step of the mark. */
  readonly earns?: Earning<Given>;
  /** Features that the marks depend on, beside those of difficulty and time. */
  readonly marksTell?: readonly string[];
  readonly patterns: Readonly<Record<string, Omit<ErrorPattern<Given>, 'id'>>>;
  /** What is asked; `line` is the item as the house writes it. */
  prompt(line: string, style: HouseStyle, given: Given, asking?: Asking): string;
  /** What is said once over the items of a rung, in place of the usual note of its kind. */
  note?(items: readonly Given[], school: string): string | undefined;
  /** Set by judgement where there is no published source and no script yet to estimate them from. */
  readonly difficulty: Prediction;
  readonly seconds: Prediction;
  readonly ladder: readonly RungPlan[];
  /** Features over whose values the items of a rung are spread evenly, where they are not controlled. */
  readonly evenly?: readonly string[];
  /** A picture in bars of how the quantities hang together. */
  model?(given: Given, style: HouseStyle, shown: Shown): BarModel;
  /** Whether the numbers suit it; all do if absent. */
  suits?(given: Given, advice: Advice): boolean;
  /** Why they do or do not. */
  because?(given: Given, advice: Advice): string;
  /** The controls that exactly the items that suit meet, where there are such. */
  readonly suitsUnder?: Controls;
}

/** Words by the first step that a mark names: `common.*`, or `*` for the whole working. */
type Earning<Given> =
  Readonly<Record<string, string>> | ((first: string, given: Given) => string | undefined);

type Working =
  readonly Step[] | { readonly steps: readonly Step[]; readonly symmetries: readonly Symmetry[] };

/** The skill of a declaration; its items are checked by its own schema before they reach it. */
export function defineSkill<Given extends object, Look>(declared: Declaration<Given, Look>): Skill {
  const { card, given, difficulty, seconds, marks } = declared;
  const features = Object.entries(declared.features).map(([id, feature]) => ({ id, ...feature }));
  // The same request is mostly asked again: counted, then drawn from, then drawn from anew.
  const spaces = keepRecent<ItemSpace<Given>>(4);
  const itemKey = (item: Given) => given.itemKey?.(item) ?? given.print(item);
  const skill: Skill<Given> = {
    ...card,
    given,
    answerSign: declared.answerSign ?? '=',
    features,
    patterns: Object.entries(declared.patterns).map(([id, pattern]) => ({ id, ...pattern })),
    weights: { origin: 'starting estimate', difficulty, seconds },
    decidingFeatures: features
      .map(({ id }) => id)
      .filter(
        (id) => id in difficulty || id in seconds || (declared.marksTell?.includes(id) ?? false)
      ),
    ladder: declared.ladder,
    evenly: declared.evenly ?? [],
    measure(item) {
      const look = declared.look(item);
      return Object.fromEntries(features.map(({ id, measure }) => [id, measure(look)]));
    },
    items: (wanted) => spaces(wanted.key, () => declared.items(wanted)),
    itemKey,
    degenerate: new Set((declared.degenerate ?? []).map(itemKey)),
    prompt: (item, style, asking) =>
      declared.prompt(writeText(given.print(item), style), style, item, asking),
    note: (items, school) => declared.note?.(items, school),
    graph(item, school) {
      const working = declared.working[school]!(item);
      return 'steps' in working ? graphOf(working.steps, working.symmetries) : graphOf(working);
    },
    sheet: (item, school, style) => signed(declared.sheet(item, school, style), style),
    scheme: (item, school, style = defaultHouseStyle) =>
      typeof marks === 'function' ? marks(item, school, style) : marks,
    earns({ steps: [first = ''] }, item) {
      const { earns } = declared;
      return typeof earns === 'function' ? earns(first, item) : earns?.[first];
    },
    model: (item, style, shown = 'gaps') => declared.model?.(item, style, shown),
    suits: (item, advice = usualAdvice) => declared.suits?.(item, advice) ?? true,
    because: (item, advice = usualAdvice) => declared.because?.(item, advice) ?? 'Any numbers do.',
    suitsUnder: declared.suits ? declared.suitsUnder : {}
  };
  return skill as unknown as Skill;
}

/** A sheet with the signs that the house writes. */
function signed(sheet: Layout, style: HouseStyle): Layout {
  const written = (cells: Layout['cells']) =>
    cells.map((cell) =>
      cell.type === 'printed' ? { ...cell, text: withSigns(cell.text, style) } : cell
    );
  return {
    ...sheet,
    cells: written(sheet.cells),
    ...(sheet.further && {
      further: sheet.further.map((line) => ({ ...line, cells: written(line.cells) }))
    })
  };
}

/** A pattern that goes wrong in setting out: it cannot show where an item is printed set out. */
export const inSettingOut = <Pattern extends object>(pattern: Pattern) => ({
  ...pattern,
  isInSettingOut: true
});

/** A wrong way of working, with what is done instead of the right steps. */
export function pattern<Given>(
  title: Title,
  reading: Title,
  instead: ErrorPattern<Given>['instead'] | Replacements,
  shownBy: Controls = {},
  schools?: readonly string[]
): Omit<ErrorPattern<Given>, 'id'> {
  return {
    title,
    reading,
    shownBy,
    instead: typeof instead === 'function' ? instead : () => instead,
    ...(schools && { schools })
  };
}

/** A rung of a ladder. */
export function rung(
  kind: RungKind,
  count: number,
  controls: Controls,
  spread?: RungPlan['spread']
): RungPlan {
  return { kind, count, controls, ...(spread && { spread }) };
}
