import { roundTo } from '../base/index.js';
import { layoutStep, rulesOf } from '../rules/index.js';
import type { BlockSpec, ResolvedSpec } from '../spec/index.js';
import { resolveSpec } from '../layout/index.js';

/** What a block's spec are without its athlete, its dates and what was waived for them. */
export type Template = Pick<
  BlockSpec,
  | 'weeks'
  | 'phases'
  | 'volume'
  | 'longRun'
  | 'taper'
  | 'week'
  | 'sessions'
  | 'families'
  | 'rotations'
  | 'pins'
  | 'overrides'
> & {
  /** How it is counted, and the race it was made for, metres. */
  basis: ResolvedSpec['athlete']['basis'];
  distance: number;
};

/**
 * A template's shape on another athlete: schools, phases, cadence and week as
 * they are; amounts and pins scaled so that start and peak are the athlete's
 * own. What lies between them keeps its place between them.
 *
 * @param given the athlete, the race and whatever the coach has set already
 */
export function fromTemplate(template: Template, given: BlockSpec): BlockSpec {
  const weeks = given.weeks ?? template.weeks;
  const spec = resolveSpec({ ...given, weeks });
  const source = sourceOf(template, spec);
  const step = layoutStep(spec.athlete, rulesOf(spec));
  const volume = between(source.volume, spec.volume, step);
  const longRun = between(source.longRun, spec.longRun, step);
  const { growth } = source.volume;
  const { oftenHurt, unavailable } = spec.athlete;
  return {
    ...given,
    weeks,
    phases: source.phases,
    volume: {
      ...source.volume,
      start: spec.volume.start,
      peak: spec.volume.peak,
      growth: { ...growth, step: Math.max(step, roundTo(growth.step * volume.scale, step)) },
    },
    longRun: { ...source.longRun, start: spec.longRun.start, peak: spec.longRun.peak },
    taper: source.taper,
    week: {
      ...source.week,
      runDays: Math.min(source.week.runDays, 7 - unavailable.length),
      qualityOn: oftenHurt ? [] : source.week.qualityOn,
      // An amount of the other athlete’s own.
      midweek: undefined,
      // A pattern made for the sound may ask more than the often hurt should do.
      ...(oftenHurt && { days: undefined, byPhase: undefined, fixed: gentle(source.week.fixed) }),
    },
    sessions: template.sessions,
    ...(!oftenHurt && { families: template.families, rotations: template.rotations }),
    overrides: source.overrides,
    pins: source.pins
      .filter(({ week }) => week <= spec.weeks)
      .map((pin) => ({
        week: pin.week,
        ...(pin.volume !== undefined && { volume: volume.place(pin.volume) }),
        ...(pin.longRun !== undefined && { longRun: longRun.place(pin.longRun) }),
      })),
  };
}

/** Weekdays without what may be hard. */
function gentle(fixed: ResolvedSpec['week']['fixed']): ResolvedSpec['week']['fixed'] {
  return fixed?.filter(({ role, session }) => role !== 'quality' && session === undefined);
}

/** The template as whole spec, on a race of its own distance. */
function sourceOf({ basis, distance, ...given }: Template, { race }: ResolvedSpec): ResolvedSpec {
  return resolveSpec({ ...given, athlete: { basis }, race: { ...race, distance } });
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
