import { ANSWER, type Graph } from '../working';
import type { Scheme } from './scheme';

/** One mark for the method over all steps, one for the right answer: the default of column and mental skills. */
export function methodAndAnswer(graph: Graph): Scheme {
  const steps = graph.steps.map(({ id }) => id).filter((id) => id !== ANSWER);
  return {
    showWorking: false,
    marks: [
      { id: 'M1', kind: 'M', value: 1, steps, own: 'ft' },
      { id: 'A1', kind: 'A', value: 1, steps: [ANSWER], dependsOn: 'M1', own: 'cao' }
    ]
  };
}
