import type { Blueprint, Bounds, Totals } from '@zealous-quill/core/exams';
import type { Unmet } from './plan-edits';

/** A part as a page shows it. */
interface TriedPart {
  readonly row: string;
  readonly question: number;
  readonly title: string;
  readonly line: string;
  readonly kind: string;
  readonly marks: number;
  /** Hundredths of a logit. */
  readonly difficulty: number;
  readonly seconds: number;
}

/** A line that cannot hold with others, and a value of it that would. */
interface Offer {
  readonly line: string;
  readonly words: string;
  readonly nearest: number | Bounds | null | undefined;
}

export type Trial =
  | { readonly ok: true; readonly parts: readonly TriedPart[]; readonly totals: Totals }
  | { readonly ok: false; readonly message: string; readonly lines: readonly Offer[] };

/** Milliseconds from the last change of a plan to its trial. */
const PAUSE = 350;

interface Asked {
  readonly plan: Blueprint;
  readonly unmet: Unmet | null;
}

/** What a plan gives while it is edited: the newest is asked for, and the one before is let go. */
export class Trials {
  last = $state.raw<Trial | null>(null);
  isBusy = $state(false);
  private timer: ReturnType<typeof setTimeout> | undefined;
  private leaving: AbortController | undefined;

  constructor(private readonly address: string) {}

  ask(asked: Asked): void {
    clearTimeout(this.timer);
    this.leaving?.abort();
    this.isBusy = true;
    this.timer = setTimeout(() => void this.send(asked), PAUSE);
  }

  end(): void {
    clearTimeout(this.timer);
    this.leaving?.abort();
  }

  private async send(asked: Asked): Promise<void> {
    const leaving = new AbortController();
    this.leaving = leaving;
    const found = await this.fetched(asked, leaving.signal);
    if (leaving.signal.aborted) return;
    this.last = found;
    this.isBusy = false;
  }

  private async fetched(asked: Asked, signal: AbortSignal): Promise<Trial> {
    try {
      const reply = await fetch(this.address, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(asked),
        signal
      });
      const answer = await reply.json();
      return reply.ok ? answer : { ok: false, message: answer.error.message, lines: [] };
    } catch {
      return { ok: false, message: 'The server does not answer.', lines: [] };
    }
  }
}

/** A plan with one line changed to another value. */
export function withLine(plan: Blueprint, line: string, value: number | Bounds): Blueprint {
  const [kind, id, name] = line.split('.');
  const bounds = value as Bounds;
  switch (kind) {
    case 'total':
      return { ...plan, total: value as number };
    case 'minutes':
      return { ...plan, minutes: { max: bounds.max ?? 0 } };
    case 'rising':
      return { ...plan, step: value as number };
    case 'difficulty':
      return { ...plan, difficulty: { ...plan.difficulty, [id!]: bounds } };
    case 'patterns':
      return {
        ...plan,
        patterns: { ...plan.patterns, [line.slice('patterns.'.length)]: value as number }
      };
    case 'sections':
      return {
        ...plan,
        sections: plan.sections!.map((one) =>
          one.id !== id
            ? one
            : {
                ...one,
                ...(name === 'marks' ? { marks: bounds } : { minutes: { max: bounds.max ?? 0 } })
              }
        )
      };
    case 'rows':
      return {
        ...plan,
        rows: plan.rows.map((row) => (row.id === id ? { ...row, [name!]: bounds } : row))
      };
    default:
      return plan;
  }
}

/** A value as it is offered: `40`, `at most 13.3`, `from 2 to 5`. */
export function offered(value: number | Bounds): string {
  if (typeof value === 'number') return String(value);
  const { min, max } = value;
  if (min === undefined) return `at most ${max}`;
  if (max === undefined) return `at least ${min}`;
  return min === max ? String(min) : `from ${min} to ${max}`;
}
