import type { SheetCode } from './ink.js';

/** What stands on a sheet beside the plan itself. */
export interface SheetFoot {
  coach: string;
  /** `Version 14, Wed 10 Feb 2027`. */
  version: string;
  /** Days that differ from the version in the athlete’s hand, where there are any. */
  changed?: { days: ReadonlySet<string>; since: string } | undefined;
  /** Of the athlete’s page, where there is one. */
  code?: SheetCode | undefined;
}
