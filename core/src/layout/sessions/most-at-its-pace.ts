import { LARGE_WEEK } from '../../rules/limits/index.js';
import { type Part, RACE_PACE, type SessionPaces } from '../../sessions/index.js';
import type { Context } from '../context/context.js';
import type { Laid, Place, WeekToFill } from './key-session.js';
import { shareAtItsPace } from './share-at-its-pace.js';

/** Metres of a week that its key sessions are sized by. */
export function bearing({ distance }: WeekToFill): number {
  return Math.min(distance, LARGE_WEEK);
}

/** Policy: with one quality day a week it holds more of the week’s hard running, less so in foundations. */
const ALONE = 1.4;
const ALONE_AT_FIRST = 1.25;

export function aloneIn({ days, phase }: WeekToFill): number {
  const isAlone = days.filter(({ role }) => role === 'quality').length === 1;
  return isAlone ? (phase === 'foundation' ? ALONE_AT_FIRST : ALONE) : 1;
}

/** Policy: at the race’s own pace a session holds so many times the race at most, or so many metres. */
const MOST_OF_RACE = 2.5;
const LEAST_MOST = 2000;

/** Hard metres that the pace of a session bears in a week. */
export function mostAtItsPace(context: Context, line: Laid, { week, paces }: Place): number {
  const { spec, rules } = context;
  const share = shareOf(context, line, paces);
  const most = Math.max(share, Math.min(rules.sessions.mostHard, share * aloneIn(week)));
  const ofRace = Math.max(LEAST_MOST, MOST_OF_RACE * spec.race.distance);
  return Math.min(most * bearing(week), isAtRacePace(line, paces) ? ofRace : Infinity);
}

/** Metres up to which a race is of the track. */
const TRACK = 3000;

/** Part of a week that a session may take. */
function shareOf({ spec, rules }: Context, line: Laid, paces: SessionPaces): number {
  const { mostQuick, mostInterval } = rules.sessions;
  // Uphill no pace says how hard it is, and very short pieces are run for speed at any.
  if (line.laid.uphill || isShort(line.parts)) return mostQuick;
  const share = shareAtItsPace(line.laid, paces, rules);
  // Before 3000 m their own pace is one of intervals, as 5 km pace is before 5 km.
  const isOwn = spec.race.distance <= TRACK && isAtRacePace(line, paces);
  const isOfIntervals = isOwn && isNear(paceOf(line), paces.find('3-km')?.pace);
  return isOfIntervals ? Math.max(share, mostInterval) : share;
}

/** Part by which a pace may differ and still be the same. */
const AS_GOOD_AS = 0.02;

/** True where the mean pace of a session is the race’s own. */
function isAtRacePace(line: Laid, paces: SessionPaces): boolean {
  return !line.laid.uphill && isNear(paceOf(line), paces.find(RACE_PACE)?.pace);
}

/** Mean pace of what is hard, s/km. */
function paceOf({ laid }: Laid): number {
  return (1000 * laid.hardTime) / laid.hardDistance;
}

function isNear(pace: number, other: number | undefined): boolean {
  return other !== undefined && Math.abs(pace / other - 1) <= AS_GOOD_AS;
}

/** Metres up to which a repetition is very short (policy). */
const SHORT = 300;

function isShort(parts: readonly Part[]): boolean {
  return parts.some((part) => {
    if (part.kind === 'set' || part.kind === 'including') return isShort(part.parts);
    const amount = part.kind === 'repeat' ? part.piece.amount : undefined;
    return (
      amount !== undefined && 'unit' in amount && amount.unit === 'm' && amount.number <= SHORT
    );
  });
}
