import { resolve } from '../layout/resolve/resolve.js';
import { raceClass } from '../rules/race-class.js';
import { formatPace, formatPercent, formatWithUnit } from '../base/format/format.js';
import { suggestWeeks } from '../layout/resolve/suggest-weeks.js';
import type { BlockSpec } from '../spec/block-spec.js';

/** The answers a coach may leave to the product. */
export type ReasonKey =
  | 'weeks'
  | 'layout'
  | 'start'
  | 'peak'
  | 'holdAtPeak'
  | 'growth'
  | 'recovery'
  | 'longRunStart'
  | 'longRunPeak'
  | 'lastPeakWeeksOut'
  | 'taper'
  | 'runDays'
  | 'qualityOn';

/** One sentence for each answer: why it is what it is. */
export type Reasons = Readonly<Record<ReasonKey, string>>;

const FIXED = 'As you set it.';

/** Says where each resolved answer comes from. */
export function reasonsOf(given: BlockSpec): Reasons {
  const { spec, rules, pace } = resolve(given).context;
  const { athlete, volume, race } = spec;
  const kind = raceClass(race.distance);
  const say = (amount: number) => formatWithUnit(amount, { ...athlete, step: 1 });
  const worked = (fixed: unknown, sentence: string) => (fixed === undefined ? sentence : FIXED);
  const recent = athlete.recentWeeks.slice(-4);
  return {
    weeks: worked(given.weeks ?? given.start, suggestWeeks(race.distance, Infinity, rules).because),
    layout: worked(
      given.phases?.layout,
      athlete.oftenHurt
        ? 'Often hurt: a long run and constant short ones.'
        : 'One stress after the other, each closed by a recovery week.',
    ),
    start: worked(
      given.volume?.start,
      recent.length > 0
        ? `Mean of the last ${recent.length === 1 ? 'real week' : `${recent.length} real weeks`}.`
        : 'No recent weeks known: half the usual heaviest week. Put in what was really run.',
    ),
    peak: worked(
      given.volume?.peak,
      `Usual for the ${kind.words}, at most ${athlete.oftenHurt ? 'a quarter' : 'half'} above the start, and in reach of ${formatPercent(volume.growth.cap)} a week.`,
    ),
    holdAtPeak: worked(
      given.volume?.holdAtPeak,
      'Long enough to settle, short enough to stay fresh.',
    ),
    growth: worked(
      given.volume?.growth?.cap,
      `At most ${formatPercent(volume.growth.cap)} over the last building week.`,
    ),
    recovery: worked(
      given.volume?.recovery?.every,
      `Every ${String(volume.recovery.every)}th week, ${formatPercent(volume.recovery.depth)} off.`,
    ),
    longRunStart: worked(
      given.longRun?.start,
      athlete.longestRecentRun === undefined
        ? 'A little over a quarter of the first week.'
        : `Longest recent run, ${say(athlete.longestRecentRun)}, where the first week holds it.`,
    ),
    longRunPeak: worked(
      given.longRun?.peak,
      `Usual for the ${kind.words}; within three hours at ${formatPace(pace, athlete.unit)} and its share of the heaviest week.`,
    ),
    lastPeakWeeksOut: worked(
      given.longRun?.lastPeakWeeksOut,
      'Far enough out to recover from, near enough to last.',
    ),
    taper: worked(given.taper?.school, 'Three plain cuts; paces and run days stay.'),
    runDays: worked(
      given.week?.runDays,
      athlete.oftenHurt
        ? 'Often hurt: three runs a week.'
        : `${7 - athlete.unavailable.length} days are free.`,
    ),
    qualityOn: worked(
      given.week?.qualityOn,
      athlete.oftenHurt
        ? 'No hard running while often hurt.'
        : 'Two and five days after the long run, easy days between.',
    ),
  };
}
