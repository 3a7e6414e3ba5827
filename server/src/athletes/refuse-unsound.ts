import type { AthleteBody } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { validateRecord } from '@nadir/core/layout/validate';
import { invalid } from '../http/refused.js';

/** Refuses a record that every block of the athlete would stumble over. */
export function refuseUnsound(facts: AthleteBody, today: CivilDate): void {
  const problems = validateRecord(facts, today).map(({ path: [, ...path], ...problem }) => ({
    ...problem,
    path: ['facts', ...path],
  }));
  if (problems.length > 0) throw invalid(problems);
}
