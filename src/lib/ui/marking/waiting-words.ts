import { plural } from '../format';

/** The scripts of a sitting that wait for marks. */
export interface Waiting {
  readonly scripts: number;
  readonly begun: number;
  readonly names: readonly string[];
}

/** Whose scripts wait: *Next are Ada Birch, Ben Carr and 7 more*. */
export function whoWaits({ scripts, names }: Waiting): string {
  if (scripts === 1) return `Next is ${names[0] ?? ''}`;
  const rest = scripts - names.length;
  if (rest > 0) return `Next are ${names.join(', ')} and ${rest} more`;
  return `Next are ${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;
}

/** How much is left: *40 answers left on 9 scripts, 1 of them begun*. */
export function whatIsLeft(answers: number, { scripts, begun }: Waiting): string {
  const left = `${plural(answers, 'answer')} left on ${plural(scripts, 'script')}`;
  return begun === 0 || begun === scripts ? left : `${left}, ${begun} of them begun`;
}

/** For how long a sitting has waited, in whole days: *sat today*, *sat yesterday*, *sat 12 days ago*. */
export function waitedSince(satOn: string, today: string): string {
  const days = Math.round((Date.parse(today) - Date.parse(satOn)) / 86_400_000);
  if (days < 0) return `to be sat in ${plural(-days, 'day')}`;
  return ['sat today', 'sat yesterday'][days] ?? `sat ${days} days ago`;
}
