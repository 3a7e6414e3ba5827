import { type CivilDate, sum } from '../../base/index.js';
import { entriesByDay, type EntryKind, type RunEntry, USUAL_PACE } from '../../record/index.js';
import type { Day } from '../block/day.js';
import { dayLoad } from './legs.js';

/** Beats a minute; undefined where they are not known. */
export interface Hearts {
  maxHeart?: number | undefined;
  restHeart?: number | undefined;
}

/** Effort of what is no run, where none is recorded. */
const EFFORT: Readonly<Record<EntryKind, number>> = {
  run: 3,
  pool: 3,
  bike: 3,
  swim: 3,
  walk: 1.5,
  strength: 3,
  other: 2.5,
  missed: 0,
};

/** Policy: an easy run stands at 3 by these shares of the range, and effort rises by so much over all of it. */
const OF_RESERVE = { easy: 0.6, slope: 18 };
const OF_MAXIMUM = { easy: 0.7, slope: 25 };

/**
 * What a recorded day weighed, minutes × effort: effort as it was recorded, else by
 * the heart rate, else as planned.
 *
 * Source: C. Foster, "Monitoring training in athletes with reference to
 * overtraining syndrome", Med. Sci. Sports Exerc. 30 (1998).
 *
 * @returns undefined where nothing is recorded
 */
export function recordedLoad(
  day: Day,
  entries: readonly RunEntry[],
  hearts: Hearts,
): number | undefined {
  if (entries.length === 0) return undefined;
  const planned = (day.time + day.cross.time) / 60;
  const usual = planned > 0 ? dayLoad(day) / planned : EFFORT.run;
  const pace = day.distance > 0 ? day.time / day.distance : USUAL_PACE;
  return sum(
    entries.map(({ kind, time, distance = 0, effort, heart }) => {
      const minutes = (time ?? distance * pace) / 60;
      const unsaid = kind === 'run' ? usual : EFFORT[kind];
      return minutes * (effort ?? (heart && effortOf(heart, hearts)) ?? unsaid);
    }),
  );
}

/** 1–10 by the heart's reserve where it is known, else by its maximum. */
function effortOf(heart: number, { maxHeart, restHeart }: Hearts): number | undefined {
  if (maxHeart === undefined) return undefined;
  const { easy, slope } = restHeart === undefined ? OF_MAXIMUM : OF_RESERVE;
  const share =
    restHeart === undefined ? heart / maxHeart : (heart - restHeart) / (maxHeart - restHeart);
  return Math.min(10, Math.max(1, EFFORT.run + slope * (share - easy)));
}

/** The load of every day: recorded where it is, else planned. */
export function loadsOf(
  days: readonly Day[],
  entries: readonly RunEntry[],
  hearts: Hearts,
): number[] {
  if (entries.length === 0) return days.map(dayLoad);
  const on: ReadonlyMap<CivilDate, RunEntry[]> = entriesByDay(entries);
  return days.map((day) => recordedLoad(day, on.get(day.date) ?? [], hearts) ?? dayLoad(day));
}
