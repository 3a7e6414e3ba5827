import { sum } from '../../base/index.js';
import { isRaced } from '../../layout/index.js';
import type { Week } from '../../layout/block/index.js';
import { check } from '../common/check.js';

/** One quality day a week cannot hold as much as two (policy). */
const ALONE = 0.4;

/** Metres of a week that are counted at most, before a short race as a part of it: more repetitions nobody runs (policy). */
const MOST_COUNTED = 100_000;
const MOST_RACES = 60;
/** Metres: a race that is shorter asks for no less. */
const SHORTEST = 800;

/** Of what is asked for: whole repetitions come to a little less (policy). */
const LEAST_OF_IT = 0.85;

/** A speed phase with hardly anything quick in it. Value and limit: part of its building weeks. */
export const tooLittleHard = check({
  code: 'too-little-hard',
  level: 'note',
  run({ block: { weeks, spec }, rules }) {
    const quick = weeks.filter(({ phase }) => phase === 'speed').filter(isMeantForHard);
    const days = quick.reduce((total, week) => total + week.hardDays, 0);
    const alone = days <= quick.length ? ALONE : 1;
    const limit = alone * rules.sessions.leastWhenQuick;
    const most = Math.min(MOST_COUNTED, MOST_RACES * Math.max(SHORTEST, spec.race.distance));
    const distance = sum(quick.map((week) => Math.min(week.distance, most)));
    const hard = quick.reduce((total, week) => total + week.hardDistance, 0);
    const value = distance > 0 ? hard / distance : 1;
    const isSpared = spec.athlete.injured || spec.athlete.oftenHurt;
    if (isSpared || value >= LEAST_OF_IT * limit) return [];
    return [{ weeks: quick.map(({ number }) => number), value, limit }];
  },
});

/** True for a building week that days away have not made easy: a race is hard running too. */
function isMeantForHard({ kind, running, days }: Week): boolean {
  return kind === 'building' && (running === 1 || days.some(({ role }) => isRaced(role)));
}
