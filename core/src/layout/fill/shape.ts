import type { CivilDate } from '../../base/index.js';
import { ceilTo, floorTo } from '../../base/index.js';
import type { HouseRules } from '../../rules/index.js';
import { shortestRun } from '../../rules/limits/index.js';
import type { Context } from '../context/context.js';
import type { PlannedDay } from '../week/planning.js';
import type { Place } from './places.js';
import { type Cuts, mostUncut } from './cuts.js';
import type { Shape } from './fill.js';

/** A week whose runs are given their shape. Amounts in m or s. */
export interface Shaping {
  context: Context;
  /** Where a day stands between two long runs. */
  placeOf: (date: CivilDate) => Place;
  /** Longest that a run beside the long one may be. */
  most: number;
  /** What its runs are cut from; undefined in a week that stands for itself. */
  cuts: Cuts | undefined;
  /** Longest that a run is in a week large enough to be run twice on some days. */
  mostAtOnce: number;
  /** How far its days are set apart: 1 as the house rules weigh them, more to differ more. */
  contrast: number;
}

/** What a day that shares weighs, and what it is dealt within. */
export function shapeOfDay(of: Shaping, day: PlannedDay): Shape {
  const { context, most, cuts } = of;
  const { rules, step, spec } = context;
  const shortest = shortestRun(rules, spec.athlete.basis, step);
  if (!cuts) {
    const bound = Math.min(most, of.mostAtOnce * partAtOnce(of, day), mostUncut(context, day.date));
    const ceiling = bound === Infinity ? Infinity : Math.max(step, floorTo(bound, step));
    return {
      weight: weightOf(of, day) ** of.contrast,
      floor: Math.min(shortest, ceiling),
      ceiling,
    };
  }
  const cut = cuts.of(day);
  const ceiling = Math.max(step, Math.min(floorTo(most, step), ceilTo(cut.amount, step), cut.most));
  // Even a day that nothing is left of weighs something where its week is pinned.
  return {
    weight: Math.max(1, Math.min(cut.amount, most)),
    floor: Math.min(shortest, ceiling),
    ceiling,
  };
}

/** Of the longest run at once: a day beside the long run stays short, a semi-long run knows no bound but the long one. */
function partAtOnce({ placeOf }: Shaping, { role, date }: PlannedDay): number {
  if (role === 'semi-long') return Infinity;
  const { since, until } = placeOf(date);
  return since === 1 || until === 1 ? BESIDE_LONG : 1;
}

/** Policy: a run beside the long one, against the longest at once. */
const BESIDE_LONG = 0.65;

/** What a day weighs against an easy one, by its role and its place. */
export function weightOf({ context, placeOf }: Shaping, { role, date }: PlannedDay): number {
  const { spec, rules, eventDays } = context;
  // A run that the week cannot do without stays a run, however little is asked.
  const running = eventDays.get(date)?.running || 1;
  // Runs that stay as they are stay alike.
  if (spec.week.midweek !== undefined) return running;
  const { week } = rules;
  switch (role) {
    case 'quality':
      return week.quality * running;
    case 'semi-long':
      return week.semiLong * running;
    case 'short-easy':
      return week.shortEasy * running;
    case 'recovery':
      return week.recoveryRun * running;
    default:
      return weightOfPlace(placeOf(date), week) * running;
  }
}

/** Days from a long run on either side that a day in mid-week keeps. */
const MIDWEEK = 3;

function weightOfPlace({ since, until }: Place, week: HouseRules['week']): number {
  if (until === 1) return week.shortEasy;
  if (since === 1) return week.afterLong;
  if (since === 2) return week.secondAfterLong;
  return since >= MIDWEEK && until >= MIDWEEK ? week.midweek : 1;
}
