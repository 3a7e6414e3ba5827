import { roundTo } from '../base/index.js';
import { layoutStep, rulesOf } from '../rules/index.js';
import { type BlockSpec, isUnder18, type ResolvedSpec } from '../spec/index.js';
import { type FixedDay, leavesRoom } from '../spec/days/index.js';
import { resolveSpec } from '../layout/index.js';
import { renumbered } from './answers/index.js';
import { dated, type TemplateDay, type TemplateEvent } from './template-dates.js';

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
  /** Written days and what stands on the way, by weeks to go. */
  days?: TemplateDay[] | undefined;
  events?: TemplateEvent[] | undefined;
  /** How it is counted, and the race it was made for, metres. */
  basis: ResolvedSpec['athlete']['basis'];
  distance: number;
};

/** Parts of a template that may be left out, and the fields that each holds. */
const PARTS = {
  weeks: { title: 'Fixed weeks', fields: ['pins'] },
  days: { title: 'Written days', fields: ['days'] },
  sessions: { title: 'Sessions and rotations', fields: ['sessions', 'families', 'rotations'] },
  events: { title: 'Races & days away', fields: ['events'] },
  rules: { title: 'Rules of the block', fields: ['overrides'] },
} as const satisfies Record<string, { title: string; fields: readonly (keyof Template)[] }>;
export type TemplatePart = keyof typeof PARTS;

/** The parts that a template has, with their names. */
export function partsOf(template: Template): { part: TemplatePart; title: string }[] {
  return (Object.keys(PARTS) as TemplatePart[]).flatMap((part) => {
    const { title, fields } = PARTS[part];
    const has = fields.some((field) => {
      const value: unknown = template[field];
      return Array.isArray(value) ? value.length > 0 : value !== undefined;
    });
    return has ? [{ part, title }] : [];
  });
}

/** A template without parts of it. */
export function withoutParts(template: Template, parts: readonly TemplatePart[]): Template {
  const fields = parts.flatMap((part) =>
    PARTS[part].fields.map((field) => [field, undefined] as const),
  );
  return { ...template, ...Object.fromEntries(fields) };
}

/**
 * A template's shape on another athlete: schools, phases, cadence and week as
 * they are; amounts and pins scaled so that start and peak are the athlete's
 * own. What lies between them keeps its place between them. Written days grow with
 * the volume; their sessions stay as they are written, but for the often hurt, and no
 * one under 18 runs twice a day. In a block of other length all that stands in single
 * weeks keeps its weeks to go: what was fixed of the build-up falls in no taper.
 *
 * @param given the athlete, the race and whatever the coach has set already
 */
export function fromTemplate(template: Template, given: BlockSpec): BlockSpec {
  const weeks = given.weeks ?? template.weeks;
  const spec = resolveSpec({ ...given, weeks });
  const laid = { ...given, weeks, ...ownLevel(template, spec) };
  const by = spec.weeks - (template.weeks ?? spec.weeks);
  const isInside = (week: number) => week >= 1 && week <= spec.weeks;
  const { waivers: _, ...numbered } = renumbered(laid, (week) =>
    isInside(week + by) ? week + by : undefined,
  );
  return { ...laid, ...numbered };
}

/** What a template gives an athlete, at their own level. */
function ownLevel(template: Template, spec: ResolvedSpec) {
  const source = sourceOf(template, spec);
  const step = layoutStep(spec.athlete, rulesOf(spec));
  const volume = between(source.volume, spec.volume, step);
  const longRun = between(source.longRun, spec.longRun, step);
  const { growth } = source.volume;
  const { days, events } = dated(template, spec);
  const part = spec.volume.peak / Math.max(1, source.volume.peak);
  // Nobody under 18 runs twice a day.
  const once = <D extends Twice>(day: D) => (isUnder18(spec) ? runOnce(day) : day);
  const written = days.map((day) => once(scaled(day, part, step)));
  const { oftenHurt, unavailable, basis } = spec.athlete;
  // The club's ten kilometres are ten for everybody; in minutes they are something else.
  const fixed = source.week.fixed?.map((rule) =>
    once(basis === template.basis ? rule : scaled(rule, part, step)),
  );
  const { byPhase } = source.week;
  return {
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
      fixed,
      days: source.week.days?.map(once),
      byPhase: byPhase?.map((each) => ({ ...each, days: each.days.map(once) })),
      runDays: Math.min(source.week.runDays, 7 - unavailable.length),
      qualityOn: oftenHurt ? [] : source.week.qualityOn,
      // An amount of the other athlete’s own.
      midweek: undefined,
      // A pattern made for the sound may ask more than the often hurt should do.
      ...(oftenHurt && { days: undefined, byPhase: undefined, fixed: gentle(fixed) }),
    },
    sessions: template.sessions,
    ...(!oftenHurt && { families: template.families, rotations: template.rotations }),
    days: oftenHurt ? gentle(written) : written,
    events,
    overrides: source.overrides,
    pins: source.pins.map((pin) => ({
      week: pin.week,
      ...(pin.volume !== undefined && { volume: volume.place(pin.volume) }),
      ...(pin.longRun !== undefined && { longRun: longRun.place(pin.longRun) }),
    })),
  };
}

/** What is fixed of a day as a part of itself, in whole steps; each of two runs is left something. */
function scaled<D extends Pick<FixedDay, 'amount' | 'firstRun' | 'otherRun'>>(
  day: D,
  part: number,
  step: number,
): D {
  const scale = (amount: number) => Math.max(step, roundTo(amount * part, step));
  const other = day.otherRun && {
    ...day.otherRun,
    ...(day.otherRun.amount !== undefined && { amount: scale(day.otherRun.amount) }),
  };
  if (day.amount === undefined) return other ? { ...day, otherRun: other } : day;
  const amount = scale(day.amount);
  const first = roundTo((day.firstRun ?? 0) * part, step);
  const firstRun = first > 0 && first < amount ? first : undefined;
  const otherRun = leavesRoom({ amount, otherRun: other }) ? other : undefined;
  return { ...day, amount, firstRun, ...(day.otherRun && { otherRun }) };
}

/** What of a day may be run in two. */
type Twice = Pick<FixedDay, 'amount' | 'double' | 'firstRun' | 'otherRun'>;

/** A day in one run: as long as it was, or as its session alone. */
function runOnce<D extends Twice>(day: D): D {
  const single = { ...day, double: undefined, firstRun: undefined, otherRun: undefined };
  return day.otherRun ? { ...single, amount: undefined } : single;
}

/** Days without what may be hard. */
function gentle<D extends Omit<FixedDay, 'date'>>(fixed: D[] | undefined): D[] | undefined {
  return fixed?.filter(({ role, session }) => role !== 'quality' && session === undefined);
}

/** The template as whole spec, on a race of its own distance. */
function sourceOf(
  { basis, distance, days: _days, events: _events, ...given }: Template,
  { race }: ResolvedSpec,
): ResolvedSpec {
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
