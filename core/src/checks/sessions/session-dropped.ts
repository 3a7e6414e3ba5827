import { mainOf } from '../../layout/index.js';
import { check } from '../common/check.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';

/** A quality day whose week does not bear the smallest of its session. Value: such days of a week; limit: 0. */
export const sessionDropped = check({
  code: 'session-dropped',
  level: 'note',
  run({ block }) {
    const { spec, weeks } = block;
    const filled = new Set(spec.sessions.map(({ phase }) => phase));
    const dropped = daysToRace(block).filter(({ week, day }) => {
      const phase = weeks[week - 1]?.phase;
      const isOpen = day.role === 'quality' && !day.swap && DEALT.has(day.rule);
      // Of whose paces nothing is known, what is hard is not known either: the family tells.
      const isDropped = mainOf(day)?.family === undefined;
      return isOpen && isDropped && phase !== undefined && filled.has(phase);
    });
    return dayByWeek(dropped);
  },
});

/** Days that a session would have been laid into. */
const DEALT: ReadonlySet<string> = new Set(['share', 'session', 'pin']);
