import type { TracksRequest } from '@nadir/contract';
import type { Block } from '@nadir/core/layout/block';
import { mainOf } from '@nadir/core/layout/block';
import { dayPacesOf } from '@nadir/core/review';
import type { HouseRules } from '@nadir/core/rules';
import { laySession, readSession } from '@nadir/core/sessions';

/** Metres within which repetitions are of one length. */
const SAME = 1;

/**
 * What is looked for in the tracks of a block’s days: repetitions of one length
 * where a session has them, splits on the days of long runs.
 */
export function wantedOf(
  block: Block,
  rules: HouseRules,
): Pick<TracksRequest, 'sessions' | 'splits'> {
  const { sessionPaces } = dayPacesOf(block, rules);
  const days = block.weeks.flatMap((week) => week.days);
  const sessions = days.flatMap((day) => {
    const main = mainOf(day);
    const read = day.role === 'quality' && main ? readSession(main.shorthand) : undefined;
    if (!read?.ok) return [];
    const paces = sessionPaces(day.date);
    // How far minutes go is not known from a guess.
    if (paces.guessed) return [];
    const hard = laySession(read.session, paces).stretches.filter(
      (each) => each.hard && each.distance > 0,
    );
    const length = hard[0]?.distance ?? 0;
    const isAlike = hard.every(({ distance }) => Math.abs(distance - length) <= SAME);
    return isAlike && length > 0 ? [{ date: day.date, length, count: hard.length }] : [];
  });
  const splits = days.filter(({ role }) => role === 'long').map(({ date }) => date);
  return { sessions, splits };
}
