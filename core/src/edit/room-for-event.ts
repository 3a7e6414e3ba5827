import { equalAsJson, sum } from '../base/index.js';
import { eventDays, fixedDatesOf } from '../layout/index.js';
import type { Block, Day } from '../layout/block/index.js';
import { layoutStep, rulesOf } from '../rules/index.js';
import { type BlockEvent, type FixedDay, withFixedDay } from '../spec/days/index.js';
import type { Pin } from '../spec/index.js';
import type { Change } from './change.js';
import { leftToTheirWeek, UNSAID, withoutHard } from './written/index.js';

/** Behind the message of what made room. */
export const GAVE_WAY = ' What was written around it gives way.';

type Asked = ReturnType<typeof eventDays>;

/**
 * What is written around an event gives way to it: on its days, and on those that it asks
 * to be easy or short. A week that it lowers is fixed no longer, nor is a long run on a day
 * that it touches. Empty where nothing is written there.
 */
export function roomForEvent(block: Block, event: BlockEvent): Pick<Change, 'days' | 'pins'> {
  const { spec } = block;
  const asked = eventDays([event], rulesOf(spec));
  const days = daysAround(block, asked);
  const pins = pinsAround(block, asked, event.isLongRun === false);
  return {
    ...(!equalAsJson(days, spec.days) && { days }),
    ...(!equalAsJson(pins, spec.pins) && { pins }),
  };
}

function daysAround(block: Block, asked: Asked): FixedDay[] {
  const fixed = fixedDatesOf(block);
  const touched = block.weeks
    .flatMap(({ days }) => days)
    .filter(({ date }) => asked.has(date) && fixed.has(date));
  const isGone = ({ date, role }: Day) => asked.get(date)?.race !== undefined || role === 'long';
  const easy = touched.filter((day) => !isGone(day) && asked.get(day.date)?.easy === true);
  const short = easy.filter(({ date }) => isLess(asked, date));
  return touched
    .filter(isGone)
    .reduce<FixedDay[]>(
      (kept, { date }) => withFixedDay(kept, date, { ...UNSAID, role: undefined }),
      leftToTheirWeek(block, withoutHard(block, easy).days, short),
    );
}

/** A week that is raced in, or whose long run is touched, is laid like other weeks; another is lower by what it loses. */
function pinsAround({ spec, weeks }: Block, asked: Asked, keepsLongRun: boolean): Pin[] {
  const { basis } = spec.athlete;
  const step = layoutStep(spec.athlete, rulesOf(spec));
  return spec.pins.flatMap((pin): Pin[] => {
    const days = weeks[pin.week - 1]?.days ?? [];
    const long = days.find(({ role }) => role === 'long');
    const isLongTouched = long !== undefined && asked.get(long.date)?.easy === true;
    const isRaced = days.some(({ date }) => asked.get(date)?.race?.kind === 'tune-up-race');
    const isLowered = days.some(({ date }) => isLess(asked, date));
    const { volume, longRun, ...rest } = pin;
    if (isRaced && keepsLongRun && longRun !== undefined) return [{ week: pin.week, longRun }];
    if (isRaced || (isLongTouched && isLowered)) return [];
    const left = sum(
      days.map((day) => day[basis] * Math.min(1, asked.get(day.date)?.running ?? 1)),
    );
    const lower = isLowered && volume !== undefined ? step * Math.floor(left / step) : volume;
    const kept = { volume: lower, longRun: isLongTouched ? undefined : longRun };
    return kept.volume === undefined && kept.longRun === undefined ? [] : [{ ...rest, ...kept }];
  });
}

/** True for a day on which an event leaves less running than usual. */
function isLess(asked: Asked, date: string): boolean {
  return (asked.get(date)?.running ?? 1) < 1;
}
