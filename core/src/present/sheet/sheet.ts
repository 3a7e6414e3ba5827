import { dayWords, formatRaceDistance, formatSteps } from '../../base/format/index.js';
import { unitName } from '../../base/index.js';
import { paceWords } from '../../layout/index.js';
import type { Block, Day, Week } from '../../layout/block/index.js';
import { dayRoleWords } from '../../spec/days/index.js';
import { saySegment } from '../figures/say.js';
import type { ShownBlock } from '../figures/show.js';
import { sheetRows } from './rows.js';

/** A day of the sheet, in words. */
export interface SheetDay {
  date: string;
  /** `Tue 9 Feb`. */
  day: string;
  role: string;
  /** Its running in whole shown steps, without unit; empty where there is none. */
  figure: string;
  sessions: string[];
}

/** A block as it is written on paper: what every view, print and export is made from. */
export interface Sheet {
  /** Athlete, race and race day. */
  title: string;
  rows: { key: string; label: string; cells: string[] }[];
  weeks: { number: number; days: SheetDay[]; note: string }[];
  total: string;
}

/** Makes the whole sheet of a block. */
export function sheetOf(block: Block, shown: ShownBlock): Sheet {
  const { athlete, race } = block.spec;
  return {
    title: [athlete.name, race.name, `${dayWords(race.date)} ${race.date.slice(0, 4)}`]
      .filter(Boolean)
      .join(' · '),
    rows: sheetRows(block, shown).map(({ key, label, text }) => ({
      key,
      label,
      cells: block.weeks.map(text),
    })),
    weeks: block.weeks.map((week) => ({
      number: week.number,
      days: sheetDays(week, shown),
      note: sheetNote(week, shown),
    })),
    total: sheetTotal(block, shown),
  };
}

/** The days of a week as the sheet has them. */
export function sheetDays(week: Week, shown: ShownBlock): SheetDay[] {
  return week.days.map((day, place) =>
    sheetDay(day, shown.weeks[week.number - 1]?.days[place], shown),
  );
}

/** One day as the sheet has it; `steps` is its figure in whole shown steps. */
export function sheetDay(
  { date, role, sessions }: Day,
  steps: number | undefined,
  { measure }: Pick<ShownBlock, 'measure'>,
): SheetDay {
  return {
    date,
    day: dayWords(date),
    role: dayRoleWords[role],
    figure: steps ? formatSteps(steps, measure) : '',
    sessions: sessions.map(({ shorthand }) => shorthand),
  };
}

/** What else a week holds: races and days on the way, and what its long run carries. */
function sheetNote({ number, events, segment }: Week, shown: ShownBlock): string {
  const carried = segment ? [`${saySegment(shown, number)} @ ${paceWords(segment)}`] : [];
  return [...events.map(({ name }) => name), ...carried].join('; ');
}

/** What all weeks come to, the race beside it. */
export function sheetTotal({ spec }: Pick<Block, 'spec'>, { total, measure }: ShownBlock): string {
  const { distance } = spec.race;
  return `${formatSteps(total, measure)} ${unitName(measure)} + ${formatRaceDistance(distance, measure.unit)}`;
}
