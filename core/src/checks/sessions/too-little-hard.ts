import { sum } from '../../base/index.js';
import { isRaced } from '../../layout/index.js';
import type { Week } from '../../layout/block/index.js';
import { LARGE_WEEK } from '../../rules/limits/index.js';
import { check } from '../common/check.js';

/** One quality day a week cannot hold as much as two (policy). */
const ALONE = 0.4;

/** A speed phase with hardly anything quick in it. Value and limit: part of its building weeks. */
export const tooLittleHard = check({
  code: 'too-little-hard',
  level: 'note',
  run({ block: { weeks, spec }, rules }) {
    const quick = weeks.filter(({ phase }) => phase === 'speed').filter(isMeantForHard);
    const days = quick.reduce((total, week) => total + week.hardDays, 0);
    const alone = days <= quick.length ? ALONE : 1;
    const limit = alone * rules.sessions.leastWhenQuick;
    const distance = sum(quick.map((week) => Math.min(week.distance, LARGE_WEEK)));
    const hard = quick.reduce((total, week) => total + week.hardDistance, 0);
    const value = distance > 0 ? hard / distance : 1;
    const isSpared = spec.athlete.injured || spec.athlete.oftenHurt;
    if (isSpared || value >= limit - 1e-9) return [];
    return [{ weeks: quick.map(({ number }) => number), value, limit }];
  },
});

/** True for a building week that days away have not made easy: a race is hard running too. */
function isMeantForHard({ kind, running, days }: Week): boolean {
  return kind === 'building' && (running === 1 || days.some(({ role }) => isRaced(role)));
}
