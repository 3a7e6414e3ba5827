import type { Given, Wishes } from '../wishes/wishes.js';
import { layoutStep } from '../rules/layout-step.js';
import { rulesOf } from '../rules/rule-changes.js';
import { settle } from '../settle/settle.js';
import { roundTo } from '../units/round.js';

/** What a block's wishes are without its athlete, its dates and what was waived for them. */
export type Template = Pick<
  Wishes,
  'weeks' | 'phases' | 'volume' | 'longRun' | 'taper' | 'week' | 'pins' | 'overrides'
> & {
  /** How it is counted, and the race it was made for, metres. */
  basis: Wishes['athlete']['basis'];
  distance: number;
};

/** Keeps what may serve another athlete. */
export function templateOf(wishes: Wishes): Template {
  const { weeks, phases, volume, longRun, taper, week, pins, overrides, athlete, race } = wishes;
  const { basis } = athlete;
  return {
    weeks,
    phases,
    volume,
    longRun,
    taper,
    week,
    pins,
    overrides,
    basis,
    distance: race.distance,
  };
}

/**
 * A template's shape on another athlete: schools, phases, cadence and week as
 * they are; amounts and pins scaled so that start and peak are the athlete's
 * own. What lies between them keeps its place between them.
 *
 * @param given the athlete, the race and whatever the coach has set already
 */
export function fromTemplate(template: Template, given: Given): Given {
  const { wishes } = settle({ ...given, weeks: given.weeks ?? template.weeks });
  const step = layoutStep(wishes.athlete, rulesOf(wishes));
  const volume = between(template.volume, wishes.volume, step);
  const longRun = between(template.longRun, wishes.longRun, step);
  const weeks = given.weeks ?? template.weeks;
  const { unavailable } = wishes.athlete;
  return {
    ...given,
    weeks,
    phases: template.phases,
    volume: {
      ...template.volume,
      start: wishes.volume.start,
      peak: wishes.volume.peak,
      growth: {
        ...template.volume.growth,
        step: roundTo(template.volume.growth.step * volume.scale, step) || step,
      },
    },
    longRun: { ...template.longRun, start: wishes.longRun.start, peak: wishes.longRun.peak },
    taper: template.taper,
    week: {
      ...template.week,
      runDays: Math.min(template.week.runDays, 7 - unavailable.length),
      qualityOn: wishes.athlete.oftenHurt ? [] : template.week.qualityOn,
    },
    overrides: template.overrides,
    pins: template.pins
      .filter(({ week }) => week <= weeks)
      .map((pin) => ({
        week: pin.week,
        ...(pin.volume !== undefined && { volume: volume.place(pin.volume) }),
        ...(pin.longRun !== undefined && { longRun: longRun.place(pin.longRun) }),
      })),
  };
}

interface Ends {
  start: number;
  peak: number;
}

/** Maps the stretch from one start to its peak onto another. */
function between(from: Ends, to: Ends, step: number) {
  const rise = from.peak - from.start;
  const scale = rise > 0 ? (to.peak - to.start) / rise : to.start / Math.max(1, from.start);
  return {
    scale,
    place: (amount: number) =>
      Math.max(
        0,
        // Under the start (a pinned recovery week) the part of it is kept.
        amount < from.start || rise <= 0
          ? roundTo((amount * to.start) / Math.max(1, from.start), step)
          : roundTo(to.start + (amount - from.start) * scale, step),
      ),
  };
}
