import { raceRules } from '../../rules/index.js';
import { check } from '../common/check.js';

/** More weeks than the distance bears before it drags on. Value and limit: weeks. */
export const blockTooLong = check({
  code: 'block-too-long',
  level: 'note',
  run({ block: { spec }, rules }) {
    const limit = raceRules(rules, spec.race.distance).weeks.most;
    return spec.weeks > limit ? [{ weeks: [1], value: spec.weeks, limit }] : [];
  },
});
