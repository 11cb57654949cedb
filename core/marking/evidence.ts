import { ANSWER } from '../working';
import { isSound, type StepReading } from './step-reading';

/**
 * A blank is not needed if a later step shows that it was done in the head, if nothing is made of it (a
 * check), or if there is nothing to write, rightly or by the pupil's own figures.
 */
export function withEvidence(readings: readonly StepReading[]): StepReading[] {
  const inUse = new Set([ANSWER, ...readings.flatMap(({ step }) => step.uses)]);
  const isOptional = ({ step, expected, own }: StepReading) =>
    (!inUse.has(step.id) && !step.isApart) || (expected === undefined && own === undefined);
  /** What sound readings show to have been done, each by way of what is blank. */
  const shownBy = (
    speaks: (reading: StepReading) => boolean,
    shows: (id: string) => boolean = () => true
  ) => {
    const shown = new Set<string>();
    for (const reading of [...readings].reverse()) {
      const { step, countsAs, leftOut } = reading;
      const isSpeaking = isSound(reading) && speaks(reading);
      if (isSpeaking || (countsAs === 'blank' && !leftOut && shown.has(step.id))) {
        step.uses.filter(shows).forEach((id) => shown.add(id));
      }
    }
    return shown;
  };
  // What the answer says for itself takes a line of working to be shown otherwise.
  const inWorking = shownBy(({ step, assembled }) => !assembled && step.id !== ANSWER);
  const saysItself = new Set(readings.flatMap(({ step }) => (step.seenIn ? [step.id] : [])));
  // A bare answer that is wrong shows nothing of how it came about.
  const isBare = !readings.some(
    ({ step, value, assembled }) => step.id !== ANSWER && value !== undefined && !assembled
  );
  const shown = shownBy(
    ({ step, countsAs }) => step.id !== ANSWER || countsAs === 'correct' || !isBare,
    (id) => !saysItself.has(id) || inWorking.has(id)
  );
  return readings.map((reading) => {
    const isDone = shown.has(reading.step.id) || isOptional(reading);
    if (reading.countsAs !== 'blank' || reading.leftOut || !isDone) return reading;
    const verdict = reading.verdict === 'unreadable' ? 'unreadable' : 'not-needed';
    return { ...reading, verdict, countsAs: 'not-needed' };
  });
}
