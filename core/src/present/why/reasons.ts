import {
  formatHours,
  formatPace,
  formatPercent,
  formatPlain,
  formatWithUnit,
  plural,
} from '../../base/format/index.js';
import { daysUntilWeekday } from '../../base/index.js';
import { type Context, recentVolume, resolve, usualRunDays } from '../../layout/index.js';
import { growthSchools, mostOfARise } from '../../layout/schools/index.js';
import { type HouseRules, raceClass, raceRules } from '../../rules/index.js';
import type { BlockSpec, ResolvedSpec } from '../../spec/index.js';

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

/** What a reason may look at. */
interface Subject {
  given: BlockSpec;
  context: Context;
  /** The race's class, as it is said. */
  race: string;
}

/** Says where each resolved answer comes from. */
export function reasonsOf(given: BlockSpec): Reasons {
  const { context } = resolve(given);
  const { spec, rules } = context;
  const { distance } = spec.race;
  const subject: Subject = { given, context, race: raceClass(distance).words };
  return {
    weeks: worked(given.weeks ?? given.start, whyWeeks(distance, Infinity, rules)),
    layout: worked(
      given.phases?.layout,
      spec.athlete.oftenHurt
        ? 'Often hurt: a long run and constant short ones.'
        : 'One stress after the other, each closed by a recovery week.',
    ),
    ...volumeReasons(subject),
    ...longRunReasons(subject),
    taper: worked(given.taper?.school, 'Three plain cuts; paces and run days stay.'),
    ...weekReasons(subject),
  };
}

/**
 * Why so many weeks are suggested.
 *
 * @param left weeks from this one to race week, both counted
 */
export function whyWeeks(distance: number, left: number, rules: HouseRules): string {
  const { least, usual: wanted, most } = raceRules(rules, distance).weeks;
  const usual = `${wanted} is usual for the ${raceClass(distance).words}; ${least} at least, ${most} at most.`;
  return left < wanted ? `${left} weeks are left. ${usual}` : usual;
}

function worked(fixed: unknown, sentence: string): string {
  return fixed === undefined ? sentence : FIXED;
}

function volumeReasons({ given, context: { spec }, race }: Subject) {
  const { athlete, volume } = spec;
  const asked = given.volume;
  const recent = athlete.recentWeeks.slice(-4);
  return {
    start: worked(
      asked?.start,
      recent.length > 0
        ? `Mean of the last ${recent.length === 1 ? 'real week' : `${recent.length} real weeks`}.`
        : 'No recent weeks known: half the usual peak week. Enter what was really run.',
    ),
    peak: worked(
      asked?.peak,
      `Usual for the ${race}, at most ${athlete.oftenHurt ? 'a quarter' : 'half'} above the start, in reach of ${riseWords(spec)} and no more than its runs hold.`,
    ),
    holdAtPeak: worked(asked?.holdAtPeak, 'Long enough to settle, short enough to stay fresh.'),
    growth: worked(
      asked?.growth?.cap,
      growthSchools[volume.growth.school].keepsCap
        ? `At most ${formatPercent(volume.growth.cap)} over ${volume.growth.school === 'alternating' ? 'the heaviest of the weeks before' : 'the last building week'}.`
        : `This school takes steps of its own; over ${formatPercent(mostOfARise(volume.growth, spec).most)} a check speaks up.`,
    ),
    recovery: worked(asked?.recovery?.every, cadenceWords(volume.recovery)),
  };
}

/** What leads from the start to the peak. */
function riseWords({ athlete, volume: { growth } }: ResolvedSpec): string {
  if (growthSchools[growth.school].steps) {
    return `steps of ${formatPlain(growth.step, athlete)}`;
  }
  const { rises, cap } = growth;
  return growth.school === 'straight-to-peak'
    ? `${plural(rises, 'rise')} of ${formatPercent(cap)} of the start`
    : `${formatPercent(cap)} a week`;
}

function longRunReasons({ given, context: { spec, rules, pace }, race }: Subject) {
  const { athlete } = spec;
  const say = (amount: number) => formatWithUnit(amount, { ...athlete, step: 1 });
  return {
    longRunStart: worked(
      given.longRun?.start,
      athlete.longestRecentRun === undefined
        ? 'A little over a quarter of the first week.'
        : `Longest recent run, ${say(athlete.longestRecentRun)}, where the first week holds it.`,
    ),
    longRunPeak: worked(
      given.longRun?.peak,
      `Usual for the ${race}; within ${formatHours(rules.longRun.mostTime)} at ${formatPace(pace, athlete.unit)} and its share of the heaviest week.`,
    ),
    lastPeakWeeksOut: worked(
      given.longRun?.lastPeakWeeksOut,
      'Far enough out to recover from, near enough to last.',
    ),
  };
}

function weekReasons({ given, context: { spec } }: Subject) {
  const { oftenHurt } = spec.athlete;
  return {
    runDays: worked(
      given.week?.runDays,
      oftenHurt ? 'Often hurt: three runs a week.' : runDaysWords(given, spec),
    ),
    qualityOn: worked(
      given.week?.qualityOn,
      oftenHurt ? 'No hard running while often hurt.' : qualityWords(spec.week),
    ),
  };
}

function cadenceWords({ every, depth, weeks }: ResolvedSpec['volume']['recovery']): string {
  if (weeks) return 'In the weeks you chose.';
  if (every === 'none') return 'No recovery weeks.';
  return `Every ${ORDINALS[every]} week, ${formatPercent(depth)} off.`;
}

const ORDINALS = { 3: '3rd', 4: '4th', 5: '5th', 6: '6th' } as const;

function runDaysWords({ volume }: BlockSpec, { athlete, engine }: ResolvedSpec): string {
  const free = 7 - athlete.unavailable.length;
  const words = `${free} ${free === 1 ? 'day is' : 'days are'} free.`;
  const known = volume?.start ?? recentVolume(athlete);
  const usual = usualRunDays(athlete, known, engine);
  if (free < usual) return words;
  const at =
    known === undefined ? '' : ` at ${formatWithUnit(known, { ...athlete, step: 1 })} a week`;
  return `${usual} are usual${at}; ${words}`;
}

function qualityWords({ qualityOn, longRunOn }: ResolvedSpec['week']): string {
  const after = qualityOn.map((day) => NUMBERS[daysUntilWeekday(longRunOn, day) - 1]);
  if (after.length === 0) return 'No free day stands far enough from the long run.';
  const [first = ''] = after;
  const words = `${after.join(' and ')} ${after.length === 1 && first === 'one' ? 'day' : 'days'} after the long run, easy days between.`;
  return words.charAt(0).toUpperCase() + words.slice(1);
}

const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six'] as const;
