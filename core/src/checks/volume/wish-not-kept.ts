import type { Day, DaySession } from '../../layout/block/index.js';
import type { AddOn } from '../../spec/days/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import { daysToRace } from '../common/days-to-race.js';
import { check, type CheckContext, type Observation } from '../common/check.js';

/** What the coach wished and the block could not keep. Value: what is laid; limit: what was wished. */
export const wishNotKept = check({
  code: 'wish-not-kept',
  level: 'note',
  run(context) {
    return [
      ...peakWeekOf(context),
      ...heldOf(context),
      ...hardDaysOf(context),
      ...besideOf(context),
    ];
  },
});

/** Floating-point noise in a volume, m or s. */
const NOISE = 0.5;

/** A second run or small work that was asked for on a day, and is not laid there. */
function besideOf({ block }: CheckContext): Observation[] {
  return daysToRace(block).flatMap(({ week, day }): Observation[] => {
    const { double, addOn } = day.beside;
    if ((!double && !addOn) || day.swap) return [];
    const runs = day.sessions.filter(({ kind }) => kind === 'run');
    if (runs.length === 0) return [];
    const found = { weeks: [week], dates: [day.date], value: 0, limit: 1 };
    const isOnce = double && runs.length < 2;
    // A session that the coach wrote is all that was asked of its run.
    const isOpen = addOn && day.rule !== 'own-session';
    const isWithout = isOpen && !isLaid(addOn, day, runs);
    return [
      ...(isOnce ? [{ ...found, about: 'double' }] : []),
      ...(isWithout ? [{ ...found, about: 'add-on' }] : []),
    ];
  });
}

/** True where a run has it; a day that an older Nadir handed out tells by what is quick in it, or by its words. */
function isLaid(addOn: AddOn, { quick, role }: Day, runs: readonly DaySession[]): boolean {
  if (runs.some((run) => run.addOn !== undefined)) return runs.some((run) => run.addOn === addOn);
  return addOn === 'drills'
    ? runs.some(({ shorthand }) => shorthand.includes(addOn))
    : quick && role !== 'quality' && role !== 'tune-up' && role !== 'test';
}

/** The peak stands in another week than the one wished: that one recovers, tapers or is cut. */
function peakWeekOf({ block: { spec, weeks } }: CheckContext): Observation[] {
  const limit = spec.volume.peakWeek;
  if (limit === undefined) return [];
  const building = weeks.filter(({ kind }) => kind === 'building');
  const top = Math.max(0, ...building.map(({ volume }) => volume));
  const first = building.find(({ volume }) => volume >= top - NOISE);
  if (!first || first.number === limit) return [];
  return [{ weeks: [limit], value: first.number, limit, about: 'peak-week' }];
}

/** Weeks at the peak that the product takes by itself, where there is room for them. */
const USUAL_HELD = 2;

/** Fewer weeks at the peak than were asked to be held. */
function heldOf({ block: { spec, weeks } }: CheckContext): Observation[] {
  const limit = spec.volume.holdAtPeak;
  const held = weeks.filter(
    ({ kind, volume }) => kind === 'building' && volume >= spec.volume.peak - NOISE,
  );
  const value = held.length;
  const asked = limit > USUAL_HELD && spec.volume.peakWeek === undefined;
  if (!asked || value === 0 || value >= limit) return [];
  return [{ weeks: held.map(({ number }) => number), value, limit, about: 'held' }];
}

/** Fewer quality days a week than asked, in the weeks that hold the most of them. */
function hardDaysOf({ block: { spec, weeks } }: CheckContext): Observation[] {
  const limit = askedOf(spec.week);
  if (spec.athlete.injured || limit <= USUAL_QUALITY) return [];
  const { byPhase = [] } = spec.week;
  const building = weeks.filter(
    ({ kind, running, phase }) =>
      kind === 'building' && running === 1 && !byPhase.some((own) => own.phase === phase),
  );
  const counts = building.map(({ days }) => days.filter(({ role }) => role === 'quality').length);
  const value = Math.max(0, ...counts);
  if (building.length === 0 || value >= limit) return [];
  return [{ weeks: building.map(({ number }) => number), value, limit, about: 'hard-days' }];
}

/** Quality days that a week is to have; of a cycle that is no week it cannot be said. */
function askedOf({ days, qualityOn }: ResolvedSpec['week']): number {
  if (!days) return qualityOn.length;
  return days.length === 7 ? days.filter(({ role }) => role === 'quality').length : 0;
}

/** Fewer are told of by the checks on days away. */
const USUAL_QUALITY = 2;
