import type { Control, Controls, FeatureSpec } from '@zealous-quill/core/skill';

/** Squares shown for a number feature; what lies beyond is chosen with the last one. */
const MOST_SQUARES = 13;
/** With more values than this a feature is asked for from one to another. */
const MOST_BY_SQUARES = 80;

export interface Choice {
  readonly label: string;
  readonly control: Control;
}

/** Whether a feature is asked for by its ends, as squares would show too few of its values. */
export function isByEnds(feature: FeatureSpec): feature is FeatureSpec & { kind: 'number' } {
  return (
    feature.kind === 'number' &&
    !feature.steps &&
    (feature.min < 0 || feature.max - feature.min > MOST_BY_SQUARES)
  );
}

/** The values of a feature that are offered as squares. */
export function choicesOf(feature: FeatureSpec): Choice[] {
  switch (feature.kind) {
    case 'flag':
      return [
        { label: 'yes', control: true },
        { label: 'no', control: false }
      ];
    case 'tables':
      return feature.values.map((value) => ({ label: value, control: { allow: [Number(value)] } }));
    case 'choice':
    case 'list':
      return feature.values.map((value) => ({ label: valueText(value), control: [value] }));
    case 'number': {
      if (feature.steps) {
        return feature.steps.map((value) => ({ label: String(value), control: value }));
      }
      const most = feature.askedTo ?? feature.max;
      const shown = Math.min(most, feature.min + MOST_SQUARES - 1);
      // What is counted no further is asked for as so many or more.
      const isOpen = shown < feature.max;
      return Array.from({ length: shown - feature.min + 1 }, (_, at) => {
        const value = feature.min + at;
        return isOpen && value === shown
          ? { label: `${value}+`, control: openFrom(value, feature) }
          : { label: String(value), control: value };
      });
    }
  }
}

/** So much or more; a number beyond the cap cannot be named. */
function openFrom(min: number, { max, askedTo }: { max: number; askedTo?: number }): Control {
  return askedTo === undefined ? { min, max } : { min };
}

/** A value that has a name as it is read: `shared factor` for `shared-factor`, `+ −` for a pair of signs. */
export function valueText(value: string): string {
  if (/^[-+0]{2}$/.test(value)) return [...value.replaceAll('-', '−')].join(' ');
  return /[a-z]/.test(value) ? value.replaceAll('-', ' ') : value;
}

/** Whether a choice lies within what is asked. */
export function isChosen(control: Control | undefined, choice: Control): boolean {
  if (control === undefined) return false;
  if (typeof control === 'boolean') return control === choice;
  if (Array.isArray(control)) return Array.isArray(choice) && control.includes(choice[0]!);
  if (isAllowed(control)) return isAllowed(choice) && control.allow.includes(choice.allow[0]!);
  const asked = rangeOf(control);
  const offered = rangeOf(choice);
  return offered.min >= asked.min && offered.max <= asked.max;
}

/**
 * What is asked after a square is pressed: that value alone; a second value spans a range with the first; a
 * value that is the only one asked is let go.
 */
export function press(control: Control | undefined, choice: Control): Control | undefined {
  if (Array.isArray(choice)) return pressName(control, choice[0]!);
  if (isAllowed(choice)) return pressTable(control, choice.allow[0]!);
  if (typeof choice === 'boolean') return control === choice ? undefined : choice;
  if (control === undefined) return choice;
  const asked = rangeOf(control);
  const offered = rangeOf(choice);
  if (asked.min === offered.min && asked.max === offered.max) return undefined;
  const isSingle = asked.min === asked.max || typeof control === 'number';
  if (!isSingle) return choice;
  return simplified({
    min: Math.min(asked.min, offered.min),
    max: Math.max(asked.max, offered.max)
  });
}

/** One end of what is asked of a number feature, if it is closed there. */
export function endOf(control: Control | undefined, end: 'min' | 'max'): number | undefined {
  if (control === undefined || typeof control === 'boolean') return undefined;
  const value = rangeOf(control)[end];
  return Number.isFinite(value) ? value : undefined;
}

/** What is asked after one end was typed; an end that is empty or outside the limits is left open. */
export function withEnd(
  limits: { readonly min: number; readonly max: number },
  control: Control | undefined,
  end: 'min' | 'max',
  typed: string
): Control | undefined {
  const value = typed === '' ? undefined : Math.round(Number(typed));
  const isInside = value !== undefined && value >= limits.min && value <= limits.max;
  const ends = {
    min: endOf(control, 'min'),
    max: endOf(control, 'max'),
    [end]: isInside ? value : undefined
  };
  if (ends.min !== undefined && ends.max !== undefined && ends.min > ends.max) {
    return { min: isInside ? value : ends.min, max: isInside ? value : ends.max };
  }
  const closed = Object.entries(ends).filter(([, one]) => one !== undefined);
  return closed.length > 0 ? Object.fromEntries(closed) : undefined;
}

/** The controls with one of them changed or let go. */
export function withControl(
  controls: Controls,
  id: string,
  control: Control | undefined
): Controls {
  const others = Object.entries(controls).filter(([name]) => name !== id);
  return Object.fromEntries(control === undefined ? others : [...others, [id, control]]);
}

/** A number with a minus sign where it is below 0. */
export const signed = (value: number): string => String(value).replace('-', '−');

/** What a control asks, in a few words: `2`, `1 to 3`, `at least 1`. */
export function controlText(control: Control): string {
  if (typeof control === 'boolean') return control ? 'yes' : 'no';
  if (Array.isArray(control)) return control.map(valueText).join(' or ');
  if (isAllowed(control)) return control.allow.join(', ');
  const { min, max } = rangeOf(control);
  if (min === max) return signed(min);
  if (max === Infinity) return `at least ${signed(min)}`;
  return min === -Infinity ? `at most ${signed(max)}` : `${signed(min)} to ${signed(max)}`;
}

/** What a control asks of a feature, by what that is called: `carries 1 to 3`, `new column`, `exact: no`. */
export function controlPhrase(title: string, control: Control): string {
  if (typeof control === 'boolean') return control ? title : `${title}: no`;
  return `${title} ${controlText(control)}`;
}

function isAllowed(control: Control | undefined): control is { allow: number[] } {
  return typeof control === 'object' && 'allow' in control;
}

function pressTable(control: Control | undefined, digit: number): Control | undefined {
  const allowed = isAllowed(control) ? control.allow : [];
  const next = allowed.includes(digit)
    ? allowed.filter((one) => one !== digit)
    : [...allowed, digit].sort();
  return next.length > 0 ? { allow: next } : undefined;
}

function pressName(control: Control | undefined, name: string): Control | undefined {
  const names = Array.isArray(control) ? control : [];
  const next = names.includes(name) ? names.filter((other) => other !== name) : [...names, name];
  return next.length > 0 ? next : undefined;
}

function simplified({ min, max }: { min: number; max: number }): Control {
  if (min === max) return min;
  return max === Infinity ? { min } : { min, max };
}

function rangeOf(control: Control): { min: number; max: number } {
  if (typeof control === 'number') return { min: control, max: control };
  const { min = -Infinity, max = Infinity } = control as { min?: number; max?: number };
  return { min, max };
}
