import { type Weekday, weekdays, weekdaysFrom } from '../../../base/index.js';
import { firstDayOf, type PlanForm, type Table } from './form.js';

/** `Tue: `, `Thurs – `, `on Sunday `: a day of the week that something is said of. */
const DAY =
  /(?:^|[\s,;.|(])(?:on )?(?<day>mon|tue|wed|thu|fri|sat|sun)(?:s|r|rs|nes|day|sday|nesday|rsday|urday)?\b\.?\s*[:–—-]?\s+(?=\S)/gi;

/** `Tue: 8 easy`: a cell that names its day and says what is run on it. */
const NAMED =
  /^\s*(?:mon|tue|wed|thu|fri|sat|sun)(?:s|r|rs|nes|day|sday|nesday|rsday|urday)?\b\.?\s*[:–—-]?\s+\S/i;
/** Cells of a line beside those. */
const MOST_BESIDE = 3;

/** `50 km`, `32 miles`: what the week comes to. */
const VOLUME = /(\d+(?:[.,]\d+)?)\s*(?:km|kms|k|mi|miles?)\b/i;

/** Lines that each tell of a week. */
const FEWEST = 3;
/** Days that a line tells of, at least. */
const FEWEST_DAYS = 2;

/** A plan told a week a line: `Week 3 – 60 km: Tue 5 x 1 km, Thu tempo 30 min, Sun 18 km`. */
export const weekInALine: PlanForm = {
  said: 'It told a week a line; it stands with a week a row here.',
  drawn(table) {
    const lines = table.map((row) =>
      row
        .map((cell) => cell.trim())
        .filter(Boolean)
        .join(' '),
    );
    const weeks = lines.map(weekOf);
    const told = weeks.filter((week) => week !== undefined);
    const isTold = table.every((row) => {
      const others = row.filter((cell) => cell.trim() !== '' && !NAMED.test(cell));
      return others.length <= MOST_BESIDE;
    });
    if (told.length < FEWEST || !isTold || 2 * told.length <= lines.filter(Boolean).length)
      return undefined;
    return drawnAs(told);
  },
};

interface WeekTold {
  days: Map<Weekday, string>;
  volume: string;
}

function weekOf(line: string): WeekTold | undefined {
  const found = [...line.matchAll(DAY)];
  const days = new Map<Weekday, string>();
  found.forEach((match, place) => {
    const name = match.groups?.day?.toLowerCase() ?? '';
    const day = weekdays.find((each) => each.startsWith(name));
    const from = match.index + match[0].length;
    const text = line.slice(from, found[place + 1]?.index ?? line.length);
    if (day !== undefined && !days.has(day)) days.set(day, text.replace(/[\s,;|.]+$/, ''));
  });
  if (days.size < FEWEST_DAYS || days.size < found.length) return undefined;
  const before = line.slice(0, found[0]?.index ?? 0);
  return { days, volume: VOLUME.exec(before)?.[1] ?? '' };
}

/** Days that no week tells of have no column: they are nobody's rest. */
function drawnAs(weeks: readonly WeekTold[]): Table {
  const [first] = weeks[0]?.days.keys() ?? [];
  const columns = weekdaysFrom(firstDayOf(first)).filter((day) =>
    weeks.some(({ days }) => days.has(day)),
  );
  const isSummed = weeks.some(({ volume }) => volume !== '');
  const rows = weeks.map(({ days, volume }, index) => [
    String(index + 1),
    ...(isSummed ? [volume] : []),
    ...columns.map((day) => days.get(day) ?? ''),
  ]);
  return [['week', ...(isSummed ? ['volume'] : []), ...columns], ...rows];
}
