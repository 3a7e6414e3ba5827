import { easyWords, leftToTheirWeek } from '../../edit/written/index.js';
import type { Command } from '../../edit/index.js';
import { type Block, isBase, type Week } from '../../layout/block/index.js';
import { layoutStep, rulesOf } from '../../rules/index.js';
import { growthLimit, leastLongRun, recoveryLimit } from '../../rules/limits/index.js';
import { type FixedDay, withFixedDay } from '../../spec/days/index.js';
import { type Pin, runDaysOf, withPin } from '../../spec/index.js';
import { openPeaks, peaksOf } from './peaks.js';

/** A week that is held at an amount, its long run at the same part of its own. */
export interface Held {
  week: Week;
  volume: number;
  longRun: number;
  /** True where the climb goes on from it. */
  restart?: true | undefined;
}

/** What holding weeks changes, and in words what it does to others; empty where nothing. */
export interface HeldWeeks {
  change: Required<Pick<Command['change'], 'pins' | 'days'>> &
    Pick<Command['change'], 'volume' | 'longRun'>;
  words: string;
}

/**
 * Weeks held at amounts, in whole layout steps. What the coach wrote of the lengths of
 * their days gives way. Fixed weeks after one that is climbed on from are no heavier than
 * the climb comes to, until it has reached them.
 *
 * @param kept what is fixed of days so far
 */
export function weeksHeldAt(
  block: Block,
  held: readonly Held[],
  kept: readonly FixedDay[] = block.spec.days,
): HeldWeeks {
  const step = layoutStep(block.spec.athlete, rulesOf(block.spec));
  const from = held.find(({ restart }) => restart);
  const later = from ? climbedOn(block, { ...from, volume: wholeOf(from.volume, step) }, step) : [];
  const all = [...held, ...later];
  const dealt = leftToTheirWeek(
    block,
    kept,
    all.flatMap(({ week }) => week.days),
  );
  const days = all.reduce((before, each) => withEasyLong(block, before, each), dealt);
  const pins = all.reduce(
    (before, each) => heldAt(before, roomy(block, each), step),
    block.spec.pins,
  );
  const peaks = { ...(from && openPeaks(block)), ...peaksOf(block, pins) };
  return { change: { pins, days, ...peaks }, words: lighterWords(later) };
}

/** Deeper than the rule's least by this, so that no rounding makes a week of rest a step of the climb. */
const SURELY = 0.02;

/** The most that a week may hold that the climb does not go on from, but from the last one before it; m or s. */
export function mostOfRest({ weeks, spec }: Block, { number }: Week): number {
  const last = weeks.findLast((week) => week.number < number && isBase(week));
  const { leastDepth } = rulesOf(spec).recovery;
  return recoveryLimit(last?.volume ?? spec.volume.start, leastDepth + SURELY);
}

/** With a long run beside which no other run comes too near it, and no longer than it was. */
function roomy({ spec }: Block, held: Held): Held {
  if (held.longRun <= 0) return held;
  const rules = rulesOf(spec);
  const step = layoutStep(spec.athlete, rules);
  const least = leastLongRun(wholeOf(held.volume, step), runDaysOf(spec.week), step, rules);
  return { ...held, longRun: Math.min(held.week.longRun, Math.max(held.longRun, least)) };
}

function heldAt(
  before: readonly Pin[],
  { week: { number }, volume, longRun, restart }: Held,
  step: number,
): Pin[] {
  const pins = withPin(before, number, 'volume', wholeOf(volume, step));
  const both = withPin(pins, number, 'longRun', longRun > 0 ? wholeOf(longRun, step) : undefined);
  return both.map((pin) => (pin.week === number ? { ...pin, restart } : pin));
}

/** In whole layout steps, one at least. */
function wholeOf(amount: number, step: number): number {
  return Math.max(step, step * Math.floor(amount / step));
}

/** A long run that is written out is run easily, as long as it is now. */
export function withEasyLong(
  { spec }: Block,
  kept: FixedDay[],
  { week, longRun }: Pick<Held, 'week' | 'longRun'>,
): FixedDay[] {
  const long = week.days.find(({ role }) => role === 'long');
  const wish = long && kept.find(({ date }) => date === long.date);
  if (!long || (wish?.session === undefined && wish?.amount === undefined)) return kept;
  const step = layoutStep(spec.athlete, rulesOf(spec));
  const session = easyWords(wholeOf(longRun, step), spec.athlete);
  return withFixedDay(kept, long.date, { session, amount: undefined });
}

/** The fixed weeks after one that are heavier than the climb from it; those that are not fixed climb by themselves. */
function climbedOn(
  { spec, weeks, feasible }: Block,
  { week: from, volume }: Held,
  step: number,
): Held[] {
  const lowered: Held[] = [];
  let last = volume;
  for (const week of weeks.slice(from.number)) {
    const isFixed = spec.pins.some((pin) => pin.week === week.number && pin.volume !== undefined);
    if (!isFixed || week.toGo === 0) break;
    const isBuilding = !week.recovery && week.taperShare === 1;
    const climbed = isBuilding ? growthLimit(last, feasible.cap) : last;
    const most = week.recovery ? recoveryLimit(last, spec.volume.recovery.depth) : climbed;
    if (week.volume <= most) {
      if (isBuilding) break;
      continue;
    }
    lowered.push({ week, volume: most, longRun: (most / week.volume) * week.longRun });
    if (isBuilding) last = wholeOf(most, step);
  }
  return lowered;
}

function lighterWords(later: readonly Held[]): string {
  const last = later.at(-1);
  if (!last) return '';
  return later.length === 1
    ? ` Week ${last.week.number}, which you fixed, is made lighter too.`
    : ` The weeks you fixed are made lighter too, up to week ${last.week.number}.`;
}
