import { wholeWeek } from '../../layout/index.js';
import { layoutStep } from '../../rules/index.js';
import { check } from '../common/check.js';

/** Policy: so much of a peak is as good as all of it: 51 km of 52. */
const AS_GOOD_AS = 0.95;
/** Policy: so much is nearly all of it, where only the runs of a week hold no more. */
const NEARLY = 0.9;

/** The wished peak is not reached. Value: the heaviest week laid out; limit: the peak; m or s. */
export const notFeasible = check({
  code: 'not-feasible',
  level: 'caution',
  run({ block: { weeks, spec }, rules }) {
    const { peak } = spec.volume;
    // Runs that stay as they are were chosen over the peak.
    if (spec.week.midweek !== undefined) return [];
    // What a camp adds is no part of the climb.
    const volumes = weeks.map((week) => {
      // A short first week stands for the start that it was taken from.
      if (week.volumeRule === 'short-first-week') return spec.volume.start;
      return week.running > 1 ? 0 : wholeWeek(spec, week);
    });
    const value = Math.max(...volumes);
    // Weeks are laid in whole steps.
    if (value >= peak - layoutStep(spec.athlete, rules) / 2) return [];
    const isBounded = weeks.some(({ volumeRule }) => volumeRule === 'bounded');
    const isNear = value >= (isBounded ? NEARLY : AS_GOOD_AS) * peak;
    const found = { weeks: [volumes.indexOf(value) + 1], value, limit: peak };
    return [isNear ? { ...found, level: 'note' } : found];
  },
});
