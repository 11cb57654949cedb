import type { Solver } from '@zealous-quill/core/exams';
import loadHighs from 'highs';

/** Nodes of the search, never time, so that the same program has the same solution everywhere. */
const MOST_NODES = 20_000;
/** A solution so near the best one is as good: what is asked for holds in all of them. */
const GAP = 0.05;

/** HiGHS, in this thread. */
export async function solver(): Promise<Solver> {
  const highs = await loadHighs();
  return (lp) => {
    const { Status, Columns } = highs.solve(lp, {
      ...{ output_flag: false, parallel: 'off', random_seed: 0 },
      ...{ mip_max_nodes: MOST_NODES, mip_rel_gap: GAP }
    });
    if (Status === 'Infeasible') return { status: 'impossible', values: {} };
    if (Status !== 'Optimal') return { status: 'unknown', values: {} };
    const values = Object.entries(Columns).map(([name, column]) => [
      name,
      'Primal' in column ? column.Primal : 0
    ]);
    return { status: 'solved', values: Object.fromEntries(values) };
  };
}
