import { type Day, isHardRunning } from '../block/day.js';

/** What the days of a week come to. */
export function totalsOf(days: readonly Day[]) {
  const total = {
    hardDays: 0,
    runDays: 0,
    distance: 0,
    time: 0,
    equivalentDistance: 0,
    equivalentTime: 0,
    hardDistance: 0,
    hardTime: 0,
  };
  for (const day of days) {
    const { role, distance, time, cross, sessions } = day;
    if (isHardRunning(day)) total.hardDays += 1;
    if (role !== 'race' && distance > 0) total.runDays += 1;
    total.distance += distance;
    total.time += time;
    total.equivalentDistance += distance + cross.equivalentDistance;
    total.equivalentTime += time + cross.equivalentTime;
    for (const { hardDistance, hardTime } of sessions) {
      total.hardDistance += hardDistance;
      total.hardTime += hardTime;
    }
  }
  return total;
}
