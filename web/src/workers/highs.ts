import type { Solve } from '@nadir/core/solve';
import type { LegacyHighs } from 'highs/legacy-types';

/** Longest a program may take, seconds: what it has by then is no answer. */
const TIME_LIMIT = 5;

/** The solver as the core asks for it. */
export function solveWith(highs: Pick<LegacyHighs, 'solve'>): Solve {
  return (program) => {
    const { Status, Columns } = highs.solve(program, {
      time_limit: TIME_LIMIT,
      mip_rel_gap: 0.001,
    });
    const values = Object.entries(Columns as Record<string, { Primal?: number }>).map(
      ([name, { Primal = 0 }]) => [name, Primal] as const,
    );
    return { optimal: Status === 'Optimal', values: Object.fromEntries(values) };
  };
}
