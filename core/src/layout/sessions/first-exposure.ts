import type { PhaseKind, Progression } from '../../spec/choices/index.js';
import { firstExposure } from '../../sessions/library/index.js';
import type { Context } from '../context/context.js';
import { fitted } from './fitted.js';
import { type Laid, lay, type Line, matching, type Place } from './key-session.js';
import { aloneIn, bearing, mostAtItsPace } from './most-at-its-pace.js';

/** Phases in which a family is never made larger than it starts. */
const RESTED: ReadonlySet<PhaseKind> = new Set(['taper', 'race-week', 'recovery']);

/** Of the jump that is allowed: the week of the one before may have taken something off it. */
const OF_JUMP = 0.8;

/** The first exposure of a family, sized to its target; whole repetitions make no jump of it. */
export function sized(
  context: Context,
  before: Line | undefined,
  family: Progression,
  place: Place,
): Line | undefined {
  const { week, paces } = place;
  const parts = firstExposure(family);
  if (!parts) return undefined;
  const first = lay(parts, paces);
  const hard = first.laid.hardDistance;
  const target = first.laid.uphill ? hillsOf(first, place) : firstOf(context, before, first, place);
  if (hard === 0 || target === 0) return matching({ family, exposure: 1, ...first }, before);
  const ratio = RESTED.has(week.phase) ? Math.min(1, target / hard) : target / hard;
  const { mostJump } = context.rules.sessions;
  const most = (before?.toMatch ?? Infinity) * (1 + OF_JUMP * mostJump);
  const now = fitted(parts, { ratio, most }, paces);
  const part = now.laid.hardDistance / hard;
  // Hills that nothing stands before are no measure for the flat: what it begins with is.
  const toMatch = before ?? { toMatch: targetOf(context, before, place) };
  return { ...matching({ family, exposure: 1, ...now }, toMatch), part };
}

/** Over the least that a speed phase asks for: weeks grow, and a quick session of two holds less than its half. */
const OVER_LEAST = 1.3;

/** Hard metres of a family’s first exposure: as much as before, more where the phase asks for it and no jump. */
function targetOf({ rules }: Context, before: Line | undefined, { week }: Place): number {
  const { sessions } = rules;
  const days = week.days.filter(({ role }) => role === 'quality').length;
  const alone = aloneIn(week);
  if (!before) return sessions.firstHard * alone * bearing(week);
  const asked =
    week.phase === 'speed' ? (OVER_LEAST * sessions.leastWhenQuick * bearing(week)) / days : 0;
  const bearable = Math.min(asked, before.toMatch * (1 + sessions.mostJump));
  return Math.max(before.toMatch, bearable);
}

/** Part of what its pace bears that quick running begins at, so that it can grow (policy). */
const TO_BEGIN = 0.85;

/** Hard metres of a family’s first exposure, held to what its pace bears and leaves to grow. */
function firstOf(context: Context, before: Line | undefined, first: Laid, place: Place): number {
  const most = mostAtItsPace(context, first, place);
  const isQuick = most < context.rules.sessions.mostHard * bearing(place.week) * (1 - 1e-9);
  return Math.min(isQuick ? TO_BEGIN * most : most, targetOf(context, before, place));
}

/** Policy: seconds uphill for each kilometre of the week that hills begin with; later ones are longer. */
const UPHILL = 8;

/** Hard metres of a first session of hills: its time uphill goes by the week alone. */
function hillsOf({ laid }: Laid, { week }: Place): number {
  const time = (UPHILL * aloneIn(week) * bearing(week)) / 1000;
  return laid.hardTime > 0 ? (laid.hardDistance * time) / laid.hardTime : 0;
}
