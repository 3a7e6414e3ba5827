import { type Measure, quantum, unitName } from '../../base/index.js';
import { dayAndMonth, formatPercent, formatSteps } from '../../base/format/index.js';
import type { PinField } from '../../edit/index.js';
import { climbBegins, paceWords } from '../../layout/index.js';
import { type Block, isBase, mainOf, type Week } from '../../layout/block/index.js';
import { segmentSchools } from '../../layout/schools/index.js';
import { longRunFigure } from '../figures/long-run.js';
import { dailyMean, saySegment } from '../figures/say.js';
import type { ShownBlock } from '../figures/show.js';
import { whyLongRun, whyVolume } from '../why/why.js';

/** A row of the sheet: one figure of every week. Cells are made when they are looked at. */
export interface SheetRow {
  /** Stable; rows are known by it. */
  key: string;
  label: string;
  /** Set when typing in the row pins. */
  pins?: PinField;
  /** Figures of the plan itself stand out from what is counted from them. */
  strong?: boolean;
  text: (week: Week, index: number) => string;
  /** Why the figure is what it is. */
  why?: (week: Week) => string;
}

/**
 * The rows of a block's sheet, top to bottom: what Ledger, command line and
 * exports show, in figures that add up.
 *
 * @param narrow columns with room for the figure alone: units stand in the labels
 */
export function sheetRows(block: Block, shown: ShownBlock, { narrow = false } = {}): SheetRow[] {
  const { measure } = shown;
  const unit = unitName(measure);
  const say = (steps: number | undefined) => formatSteps(steps ?? 0, measure);
  return [
    { key: 'week', label: 'Week', text: ({ number }) => String(number) },
    { key: 'toGo', label: 'To go', text: ({ toGo }) => String(toGo) },
    {
      key: 'start',
      label: 'From',
      text: ({ start }, index) => {
        const newMonth = index === 0 || Number(start.slice(8)) <= 7;
        return newMonth && !narrow ? dayAndMonth(start) : String(Number(start.slice(8)));
      },
    },
    {
      key: 'volume',
      label: `Volume, ${unit}`,
      pins: 'volume',
      strong: true,
      text: (_, index) => say(shown.weeks[index]?.volume),
      why: (week) => whyVolume(block, week, shown),
    },
    {
      key: 'change',
      label: narrow ? 'Change, %' : 'Change',
      text: (week) => percentText(weekChange(block, week), narrow),
      why: (week) => (week.recovery ? 'Recovery week.' : 'Against the last building week.'),
    },
    {
      key: 'longRun',
      label: `Long run, ${unit}`,
      pins: 'longRun',
      strong: true,
      text: (week, index) => longRunFigure(week, shown.weeks[index]?.longRun ?? 0, measure),
      why: (week) => whyLongRun(block, week),
    },
    ...segmentRow(block, shown),
    ...countedRows(shown, narrow),
  ];
}

/** What is counted from the plan's own figures. */
function countedRows(shown: ShownBlock, narrow: boolean): SheetRow[] {
  const { measure } = shown;
  return [
    {
      key: 'share',
      label: narrow ? 'Share, %' : 'Share',
      text: (week) =>
        week.longRun === 0
          ? ''
          : percentText(formatPercent(week.longRun / week[measure.basis]), narrow),
      why: () => 'The long run’s part of the week.',
    },
    ...equivalentRow(shown),
    {
      key: 'hardDays',
      label: 'Hard sessions',
      text: ({ hardDays }) => String(hardDays),
      why: ({ days }) =>
        days
          .flatMap((day) => (day.role === 'quality' ? (mainOf(day)?.shorthand ?? []) : []))
          .join(' / ') || 'No key session.',
    },
    {
      key: 'hardShare',
      label: narrow ? 'Hard, %' : 'Hard share',
      text: ({ hardDistance, distance }) =>
        hardDistance === 0 ? '' : percentText(formatPercent(hardDistance / distance), narrow),
      why: () => 'Hard running’s part of the week.',
    },
    { key: 'runDays', label: 'Run days', text: ({ runDays }) => String(runDays) },
    {
      key: 'dailyMean',
      label: `Per run day, ${unitName(shown.measure)}`,
      text: (week) => dailyMean(week, shown),
      why: () => 'The week’s volume over its run days: what holds where a day falls out.',
    },
  ];
}

/** The volume with cross-training counted in; no row where there is none. */
function equivalentRow(shown: ShownBlock): SheetRow[] {
  if (shown.weeks.every(({ equivalent, volume }) => equivalent === volume)) return [];
  return [
    {
      key: 'equivalent',
      label: 'With cross-tr.',
      text: (_, index) => formatSteps(shown.weeks[index]?.equivalent ?? 0, shown.measure),
      why: () =>
        'With cross-training counted as easy running; the volume above is what is on the legs.',
    },
  ];
}

/** What the long runs hold besides easy running, laid or written; no row where they hold nothing. */
function segmentRow({ weeks, spec }: Block, shown: ShownBlock): SheetRow[] {
  const { measure } = shown;
  if (weeks.every((week) => week.segment === undefined && atPace(week, measure) === 0)) return [];
  const { segment: school } = spec.longRun;
  return [
    {
      key: 'segment',
      label: school === 'easy' ? 'At pace' : segmentSchools[school].title,
      text: (week, index) => {
        const steps = shown.weeks[index]?.segment?.amount ?? atPace(week, measure);
        return steps > 0 ? formatSteps(steps, measure) : '';
      },
      why: ({ segment, number, days }) =>
        segment
          ? `${saySegment(shown, number)} at ${paceWords(segment)}, after ${saySegment(shown, number, 'before')} easy.`
          : (writtenLongRun(days)?.shorthand ?? 'All easy.'),
    },
  ];
}

/** Whole steps of a written long run that are quicker than easy. */
function atPace({ days }: Pick<Week, 'days'>, measure: Measure): number {
  const written = writtenLongRun(days);
  const amount = measure.basis === 'time' ? written?.hardTime : written?.hardDistance;
  return Math.round((amount ?? 0) / quantum(measure));
}

function writtenLongRun(days: Week['days']) {
  const long = days.find(({ role }) => role === 'long');
  const main = long && mainOf(long);
  return main && main.hardTime > 0 ? main : undefined;
}

/** A week against the last building week before it, in the taper against the heaviest: `+5%`; empty in the first. */
export function weekChange(block: Block, week: Week): string {
  if (week.number === 1) return '';
  const before = block.weeks.slice(0, week.number - 1).findLast(isBase);
  const base =
    week.taperShare < 1
      ? Math.max(
          ...block.weeks.slice(climbBegins(block.spec, block.weeks)).map(({ volume }) => volume),
        )
      : (before?.volume ?? block.spec.volume.start);
  // What is run, swaps and fixed days counted, against what the last building week was to be.
  const share = week[block.spec.athlete.basis] / base - 1;
  return `${share > 0.005 ? '+' : share < -0.005 ? '−' : ''}${formatPercent(Math.abs(share))}`;
}

/** A narrow column has room for the figure alone; the row's label carries the sign. */
function percentText(percent: string, narrow: boolean): string {
  return narrow ? percent.replace('%', '') : percent;
}
