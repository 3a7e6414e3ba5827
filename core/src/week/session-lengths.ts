import type { CivilDate } from '../calendar/civil-date.js';
import { scaled } from '../library/exposure.js';
import { sessionOf } from '../session/parse-session.js';
import type { KeySession } from '../library/fill-sessions.js';
import { sessionTotals } from '../session/lay-session.js';
import type { SessionPaces } from '../session/session-paces.js';
import { roundTo } from '../units/round.js';
import { shownUnit } from '../units/measure.js';
import type { Wishes } from '../wishes/wishes.js';
import { dayWishOf } from './day-wish.js';
import type { Lengths } from './deal.js';

/** How long sessions are in the block's amount; written ones to a tenth of its unit. */
export function sessionLengths(
  wishes: Wishes,
  sessionsOn: (day: CivilDate) => SessionPaces,
): Lengths {
  const byTime = wishes.athlete.basis === 'time';
  const tenth = shownUnit(wishes.athlete) / 10;
  return {
    own(date) {
      const text = dayWishOf(wishes.days, date).session;
      const session = text === undefined ? undefined : sessionOf(text);
      if (!session) return undefined;
      const laid = sessionTotals(session.parts, sessionsOn(date));
      return Math.max(tenth, roundTo(byTime ? laid.time : laid.distance, tenth));
    },
    core: coreOf,
    within(key, date, amount) {
      const core = coreOf(key);
      if (amount <= 0 || core <= amount) return undefined;
      // Whole repetitions may come to a little more than the part asked for.
      for (const part of [1, 0.85, 0.7, 0.5]) {
        const parts = scaled(key.parts, (part * amount) / core);
        const smaller = { ...key, parts, laid: sessionTotals(parts, sessionsOn(date)) };
        if (coreOf(smaller) <= amount) return smaller;
      }
      return undefined;
    },
  };

  function coreOf({ laid }: KeySession): number {
    return byTime ? laid.time : laid.distance;
  }
}
