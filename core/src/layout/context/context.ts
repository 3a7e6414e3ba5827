import type { CivilDate } from '../../base/index.js';
import type { HouseRules } from '../../rules/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { SessionPaces } from '../../sessions/index.js';
import type { EventDays } from '../events/event-days.js';
import type { FixedDate } from '../written/fixed-days.js';
import type { Past } from '../past/past.js';

/**
 * What every stage of a lay-out looks at, worked out once: the spec with
 * nothing left out, the rules it is laid out under, its calendar of events, and
 * its paces by date.
 */
export interface Context {
  spec: ResolvedSpec;
  rules: HouseRules;
  /** Days that are taken as they were handed out. */
  past: Past;
  /** What events ask of single days. */
  eventDays: EventDays;
  /** What the coach fixed of a date, by itself or by its weekday. */
  fixedOn: (day: CivilDate) => FixedDate;
  /** Easy pace of a day, s/km. */
  easyOn: (day: CivilDate) => number;
  /** Easy pace of a day in a recovery week, s/km. */
  recoveryOn: (day: CivilDate) => number;
  sessionsOn: (day: CivilDate) => SessionPaces;
  /** Easy pace as the block starts, s/km. */
  pace: number;
  /** The block's own amount in a metre of running: 1, or seconds. */
  perMetre: number;
  /** Canonical amount, m or s, in whole multiples of which weeks and days are laid out. */
  step: number;
}
