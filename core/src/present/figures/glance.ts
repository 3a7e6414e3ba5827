import { capital, formatSteps } from '../../base/format/index.js';
import { type CivilDate, type Measure, unitName } from '../../base/index.js';
import type { Finding, Level } from '../../checks/index.js';
import { type Block, type Day, mainOf } from '../../layout/block/index.js';
import { dayRoleWords } from '../../spec/days/index.js';
import type { ShownBlock } from './show.js';

/** What is seen of a block in one row: its small drawing, and what it says of itself. */
export interface Glance {
  race: { name: string; date: CivilDate };
  start: CivilDate;
  measure: Measure;
  phases: { name: string; firstWeek: number; weeks: number }[];
  /** Volume and long run in whole shown steps. */
  weeks: GlanceWeek[];
  /** The worst that is still to come, unless it is waived; and how many more there are. */
  worst: { level: Level; title: string; message: string; others: number } | null;
  /** The days of the week that holds today, in whole shown steps; empty outside the block. */
  days: { date: CivilDate; steps: number; hard: boolean }[];
  /** The next day that matters, from today on; null where none is left. */
  next: { date: CivilDate; words: string } | null;
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
  findings: readonly (Finding & { title: string; message: string })[],
  shown: ShownBlock,
  today: CivilDate,
): Glance {
  const standing = findings.filter(({ waived, past }) => waived === undefined && !past);
  const [worst] = standing;
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
    worst: worst
      ? {
          level: worst.level,
          title: worst.title,
          message: worst.message,
          others: standing.length - 1,
        }
      : null,
    days: daysOf(weeks, shown, today),
    next: nextKeyDay(weeks, shown, today),
  };
}

const KEY: ReadonlySet<Day['role']> = new Set(['quality', 'long', 'race', 'tune-up', 'test']);

function daysOf(weeks: Block['weeks'], shown: ShownBlock, today: CivilDate): Glance['days'] {
  const week = weeks.find(({ days }) => days.some(({ date }) => date === today));
  const figures = shown.weeks[(week?.number ?? 0) - 1]?.days ?? [];
  return (week?.days ?? []).map(({ date, role }, place) => ({
    date,
    steps: figures[place] ?? 0,
    hard: KEY.has(role),
  }));
}

function nextKeyDay(weeks: Block['weeks'], shown: ShownBlock, today: CivilDate): Glance['next'] {
  for (const { days, number } of weeks) {
    const place = days.findIndex(({ date, role }) => date >= today && KEY.has(role));
    const day = days[place];
    if (!day) continue;
    const what = mainOf(day)?.family?.name;
    const steps = shown.weeks[number - 1]?.days[place] ?? 0;
    const figure = `${formatSteps(steps, shown.measure)} ${unitName(shown.measure)}`;
    const detail = what ?? (steps > 0 ? figure : undefined);
    return {
      date: day.date,
      words: [capital(dayRoleWords[day.role]), detail].filter(Boolean).join(', '),
    };
  }
  return null;
}
