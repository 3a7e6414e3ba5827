import type { CivilDate } from '../../base/civil-date.js';
import { scaled } from '../../sessions/library/exposure.js';
import { sessionOf } from '../../sessions/shorthand/parse-session.js';
import type { KeySession } from './fill-sessions.js';
import { sessionTotals } from '../../sessions/breakdown/lay-session.js';
import type { SessionPaces } from '../../sessions/shorthand/session-paces.js';
import { roundTo } from '../../base/round.js';
import { shownUnit } from '../../base/measure.js';
import type { Wishes } from '../../spec/block-spec.js';
import { dayWishOf } from '../../spec/fixed-day.js';
import type { Lengths } from '../week/deal.js';

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
