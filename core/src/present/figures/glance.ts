import type { CivilDate, Measure } from '../../base/index.js';
import type { Finding, Level } from '../../checks/index.js';
import type { Block } from '../../layout/index.js';
import type { ShownBlock } from './show.js';

/** What is seen of a block in one row: its small drawing, and what it says of itself. */
export interface Glance {
  race: { name: string; date: CivilDate };
  start: CivilDate;
  measure: Measure;
  phases: { name: string; firstWeek: number; weeks: number }[];
  /** Volume and long run in whole shown steps. */
  weeks: GlanceWeek[];
  /** The worst that is still to come, unless it is waived. */
  worst: { level: Level; title: string } | null;
}

export interface GlanceWeek {
  number: number;
  start: CivilDate;
  length: number;
  recovery: boolean;
  volume: number;
  longRun: number;
  /** Where its segment stands in the long run, as parts of it; null for none. */
  segment: { from: number; to: number } | null;
}

/** A block at a glance, in the figures that every view of it shows. */
export function glanceOf(
  { spec, phases, weeks }: Block,
  findings: readonly (Finding & { title: string })[],
  shown: ShownBlock,
): Glance {
  const worst = findings.find(({ waived, past }) => waived === undefined && !past);
  return {
    race: { name: spec.race.name, date: spec.race.date },
    start: spec.start,
    measure: shown.measure,
    phases: phases.map(({ name, firstWeek, weeks: length }) => ({
      name,
      firstWeek,
      weeks: length,
    })),
    weeks: weeks.map(({ number, start, length, recovery, segment, longRun }, index) => ({
      number,
      start,
      length,
      recovery,
      volume: shown.weeks[index]?.volume ?? 0,
      longRun: shown.weeks[index]?.longRun ?? 0,
      segment: segment
        ? {
            from: segment.before / longRun,
            to: (segment.before + segment.amount) / longRun,
          }
        : null,
    })),
    worst: worst ? { level: worst.level, title: worst.title } : null,
  };
}
