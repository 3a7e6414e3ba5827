import { raceRules } from '../../rules/index.js';
import { check } from '../common/check.js';
import { lastPeak } from './peak-place.js';

/** The last heaviest week too far from the race. Value and limit: weeks to go. */
export const peakFarFromRace = check({
  code: 'peak-far-from-race',
  level: 'note',
  run(context) {
    const limit = raceRules(context.rules, context.block.spec.race.distance).peakWeeksOut.most;
    const peak = lastPeak(context);
    return peak && peak.toGo > limit ? [{ weeks: [peak.number], value: peak.toGo, limit }] : [];
  },
});
