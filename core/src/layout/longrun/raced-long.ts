import { addDays } from '../../base/index.js';
import type { Context } from '../context/context.js';
import type { FrameWeek } from '../frame/frame.js';

/** True where what is raced is its week's long run: as the coach chose, else by the length of a race on the way. */
export function isRacedLong(context: Context, week: FrameWeek, race: boolean): boolean {
  const { spec, rules, perMetre, eventDays } = context;
  const chosen = Array.from(
    { length: week.length },
    (_, day) => eventDays.get(addDays(week.start, day))?.race?.isLongRun,
  );
  if (chosen.includes(true)) return true;
  const isLong = week.raced * perMetre >= rules.events.raceAsLongRun * spec.longRun.peak;
  return race && isLong && !chosen.includes(false);
}
