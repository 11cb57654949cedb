import { writeNumeral, type HouseStyle } from '@zealous-quill/core/house-style';

/** Seconds as `40 s` or `1 min 20 s`. */
export function duration(seconds: number): string {
  if (seconds < 60) return `${seconds} s`;
  const rest = seconds % 60;
  return `${Math.floor(seconds / 60)} min${rest ? ` ${rest} s` : ''}`;
}

/** One of something, or several. */
export function plural(count: number, one: string, several = `${one}s`): string {
  return `${count} ${count === 1 ? one : several}`;
}

/** A difficulty with its sign and one place, as the house writes it: `−0.7` or `−0,7`. */
export function logit(value: number, style: HouseStyle): string {
  const size = Math.abs(value).toFixed(1);
  const sign = size === '0.0' ? '' : value < 0 ? '−' : '+';
  return sign + writeNumeral(size, style);
}

/** Where easy ends and hard begins, in logits. */
export const EASY = -1;
export const HARD = 1;

/** A difficulty in a word: easy below −1, hard above +1. */
export function difficultyWord(value: number): 'easy' | 'middling' | 'hard' {
  if (value < EASY) return 'easy';
  return value > HARD ? 'hard' : 'middling';
}

/** How full a bar for a difficulty is, from 0 at −4 and below to 1 at +4 and above. */
export const difficultyShare = (value: number): number =>
  Math.min(1, Math.max(0, (value + MOST_DIFFICULTY) / (2 * MOST_DIFFICULTY)));

/** Where a bar for a difficulty ends, in logits. */
const MOST_DIFFICULTY = 4;

/** A day as `25 Nov 2026`. */
export function day(isoDate: string): string {
  return new Date(`${isoDate.slice(0, 10)}T12:00`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric'
  });
}

/** A moment as `25 Nov 2026, 14:07`, in the time of this place. */
export function moment(iso: string): string {
  return new Date(iso).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit'
  });
}

/** Bytes as `12 kB` or `3.4 MB`. */
export function fileSize(bytes: number): string {
  return bytes < 1_000_000
    ? `${Math.max(1, Math.round(bytes / 1000))} kB`
    : `${(bytes / 1_000_000).toFixed(1)} MB`;
}
