import { raceRules } from '../../rules/index.js';
import { check } from '../common/check.js';
import { lastPeak } from './peak-place.js';

/** The last heaviest week too near the race. Value and limit: weeks to go. */
export const peakNearRace = check({
  code: 'peak-near-race',
  level: 'caution',
  run(context) {
    const limit = raceRules(context.rules, context.block.spec.race.distance).peakWeeksOut.least;
    const peak = lastPeak(context);
    return peak && peak.toGo < limit ? [{ weeks: [peak.number], value: peak.toGo, limit }] : [];
  },
});
