import type { Blueprint, Bounds } from '@zealous-quill/core/exams';
import type { Reply } from '$lib/contract/replies';
import { askServer } from '../ask-server';
import type { Unmet } from './plan-edits';

/** What a plan gives, or why it gives nothing. */
export type Trial = Reply<'tried'>;

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
    const answer = await askServer('tried', this.address, { json: asked, signal, advice: '' });
    return answer.ok ? answer.reply : { ok: false, message: answer.message, lines: [] };
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
