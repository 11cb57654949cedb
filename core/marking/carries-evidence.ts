import type { MarkedItem } from './mark-item';
import type { Response } from './response';

/**
 * Whether a response says anything of how a pupil thinks. A blank does not, nor does a method with other steps, an
 * answer that cannot be read, or right working that was not finished.
 */
export function carriesEvidence(
  { answer, steps, diagnosis }: Pick<MarkedItem, 'answer' | 'steps' | 'diagnosis'>,
  { attempt, working }: Pick<Response, 'attempt' | 'working'>
): boolean {
  const isWritten = Object.values(working).some((text) => text.trim() !== '');
  if (!isWritten || attempt === 'another-method') return false;
  if (diagnosis.length > 0) return true;
  if (answer.verdict === 'unreadable') return false;
  return answer.verdict !== 'blank' || steps.some(({ verdict }) => verdict === 'slip');
}
